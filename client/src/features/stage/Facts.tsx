import { stageEntryWord, stageFactText } from '@kesto/contract/wording';
import { clockAheadText, CLOCK_TOLERANCE_MS } from '@kesto/contract/wording/clock';
import type { StageFact } from '@kesto/core';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useForWhom } from '@/data/people/useForWhom';
import { PutRight } from '@/features/putRight';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { closing } from '@/data/stages/closing';
import { usePuttingRight, type PuttingRight } from './usePuttingRight';
import type { StageWork } from '@/data/stages/useStage';
import { WORDS } from './words';

interface FactsProps {
  readonly facts: readonly StageFact[];
  readonly nameOf: (place: string) => string;
  readonly work: StageWork;
}

/** What was noted in a stage, newest first; whoever noted it, or a lead, puts it right. */
export function Facts({ facts, nameOf, work }: FactsProps) {
  const puts = usePuttingRight(work);
  const struck = puts.struckIn(work.stage);
  if (facts.length + struck.length === 0) return null;
  return (
    <View>
      <Heading size={17}>{WORDS.keptOfThisStage}</Heading>
      {[...facts].reverse().map((fact) => (
        <FactRow key={fact.id} fact={fact} nameOf={nameOf} puts={puts} keptAs={work.keptAs(`right.${fact.id}`)} busy={work.busy} />
      ))}
      {struck.map(({ fact, by, why }) => (
        <Words key={fact.id} size={14} tone="ink2" style={styles.row}>
          {WORDS.struckOut(by, stageEntryWord(fact.kind), stageFactText(fact, nameOf), why)}
        </Words>
      ))}
    </View>
  );
}

interface FactRowProps extends Pick<FactsProps, 'nameOf'> {
  readonly fact: StageFact;
  readonly puts: PuttingRight;
  readonly keptAs: string;
  readonly busy: boolean;
}

function FactRow({ fact, nameOf, puts, keptAs, busy }: FactRowProps) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const forWhom = useForWhom();
  const then = closing(() => setOpen(false));
  const pictures = fact.photos.filter(({ mediaType }) => mediaType.startsWith('image/')).length;
  return (
    <View style={[styles.row, { borderColor: t.hair }]}>
      <View style={styles.line}>
        <View style={styles.says}>
          <Words size={15}>
            <Words size={15} bold>
              {stageEntryWord(fact.kind)}{' '}
            </Words>
            {stageFactText(fact, nameOf)}
          </Words>
          <Words size={14} tone="ink2">
            {fact.by}
            {forWhom(fact.onBehalfOf)}, {format(new Date(fact.at), 'd MMM, HH:mm')}
            {fact.aheadMs > CLOCK_TOLERANCE_MS ? ` (this device’s clock was ${clockAheadText(fact.aheadMs)})` : ''}
            {pictures > 0 ? `, ${pictures} ${pictures === 1 ? 'picture' : 'pictures'}` : ''}
          </Words>
          {puts.changesOf(fact.id).map(({ id, person, deviceTime, why }) => (
            <Words key={id} size={14} tone="amber">
              {WORDS.putRight(person.name, format(new Date(deviceTime), 'd MMM, HH:mm'), why)}
            </Words>
          ))}
        </View>
        {puts.mayPut(fact) ? (
          <FrameKey
            quiet
            label={open ? WORDS.close : WORDS.putRightLabel}
            says={`${open ? 'close' : 'put right'}: ${stageEntryWord(fact.kind)} ${stageFactText(fact, nameOf)}`}
            onPress={() => setOpen(!open)}
          />
        ) : null}
      </View>
      {open ? (
        <PutRight
          keptAs={keptAs}
          kind={fact.kind}
          values={fact.values}
          busy={busy}
          onCorrect={(values, why) => then(puts.correct(fact, values, why))}
          onStrike={(why) => then(puts.strike(fact, why))}
        />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { borderBottomWidth: 1, paddingVertical: 6 },
  line: { flexDirection: 'row', alignItems: 'center', gap: 10 },
  says: { flex: 1 },
});
