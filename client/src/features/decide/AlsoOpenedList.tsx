import type { JobView } from '@kesto/contract';
import { ALSO_OPENED_WORDS, JOINING_METHOD_WORDS } from '@kesto/contract/wording';
import { alsoOpened, factsOf, type AlsoOpened, type CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useShopSchools } from '@/data/shop/api';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { VerdictMark } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { IsolationWork } from './useIsolation';
import { WORDS } from './words';

interface AlsoOpenedListProps {
  readonly job: JobView;
  readonly graph: CircuitGraph;
  readonly isolation: IsolationWork;
  readonly nameOf: (place: string) => string;
  readonly work: StageWork;
  readonly onJoining: () => void;
}

/** What is changed while it is open, each taken or left with its reason; and how the joints are made. */
export function AlsoOpenedList({ job, graph, isolation, nameOf, work, onJoining }: AlsoOpenedListProps) {
  const { data: schools } = useShopSchools();
  const items = isolation.answer ? alsoOpened(graph, isolation.work, isolation.answer.opened, { ...schools, ...job.schools?.schools }) : [];
  const isTwoWay = graph.parts.some((part) => part.kind === 'reversing-valve');
  const circuit = job.circuit.name === 'main' ? '' : ` of ${job.circuit.name}`;
  const drier = `The one${circuit}: ${isTwoWay ? 'two-way, the flow turns round' : 'one-way, its arrow with the flow'}.`;
  const joined = factsOf(work.facts, 'joining');
  return (
    <View>
      <Heading size={17}>{WORDS.whileItIsOpen}</Heading>
      {items.length === 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.nothingElse}
        </Words>
      ) : null}
      {items.map((item) => (
        <Item
          key={item.what + item.place}
          item={item}
          name={nameOf(item.place)}
          says={item.what === 'drier' ? drier : undefined}
          work={work}
          onYes={() => isolation.alsoOpens(item.what, item.place)}
        />
      ))}
      <View style={styles.parts}>
        {joined.map((fact) => (
          <Words key={fact.id} size={15}>
            {nameOf(fact.values.place)}:{' '}
            <Words size={15} bold>
              {JOINING_METHOD_WORDS[fact.values.method]}
            </Words>
            , {fact.values.why}
          </Words>
        ))}
        {work.mayNote && isolation.work.length > 0 ? <FrameKey label={WORDS.howTheJointsAreMade} onPress={onJoining} /> : null}
      </View>
    </View>
  );
}

interface ItemProps {
  readonly item: AlsoOpened;
  readonly name: string;
  /** Which kind of it, and how it goes in. */
  readonly says: string | undefined;
  readonly work: StageWork;
  readonly onYes: () => void;
}

const WHY = { why: { label: 'why it is left', kind: 'name' } } as const;

function Item({ item, name, says, work, onYes }: ItemProps) {
  const t = useTokens();
  const [leaving, setLeaving] = useState(false);
  const figures = useFigures(work.keptAs(`left.${item.what}.${item.place}`), WHY);
  const answer = factsOf(work.facts, 'also-opened').findLast(
    (fact) => fact.values.what === item.what && fact.values.place === item.place,
  )?.values;
  const leave = ({ why }: Read<typeof WHY>) =>
    closing(() => setLeaving(false))(work.note('also-opened', { ...about, choice: 'declined', why }));
  const about = { what: item.what, place: item.place };
  return (
    <View style={{ borderBottomWidth: 1, borderColor: t.rule, paddingVertical: 8, gap: 6 }}>
      <View style={arrange.level10}>
        <VerdictMark verdict={answer ? (answer.choice === 'yes' ? 'best' : 'forbidden') : 'avoid'} />
        <View style={arrange.fill}>
          <Words size={15} bold>
            {ALSO_OPENED_WORDS[item.what]}
            {item.what === name ? '' : `, ${name}`}
          </Words>
          <Words size={14} tone="ink2">
            {answer
              ? answer.choice === 'yes'
                ? `changed too${answer.why ? `: ${answer.why}` : ''}`
                : `left: ${answer.why ?? ''}`
              : `change it too?${says ? ` ${says}` : ''}`}
          </Words>
        </View>
        {work.mayNote && !answer ? (
          <>
            <FrameKey
              label={WORDS.yes}
              says={WORDS.yesOf(ALSO_OPENED_WORDS[item.what], name)}
              disabled={work.busy}
              onPress={() => void work.note('also-opened', { ...about, choice: 'yes' }).then((kept) => kept && onYes())}
            />
            <FrameKey label={WORDS.leaveIt} says={WORDS.leave(ALSO_OPENED_WORDS[item.what], name)} onPress={() => setLeaving(!leaving)} />
          </>
        ) : null}
      </View>
      {leaving && !answer ? (
        <View style={arrange.stack8}>
          <FigureFields figures={figures} />
          <FrameKey
            label={WORDS.leaveIt}
            disabled={work.busy || figures.textOf('why').trim() === ''}
            onPress={() => void figures.submit(leave)}
          />
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  parts: { gap: 4, paddingTop: 10 },
});
