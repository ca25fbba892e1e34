import { ACID_RESULT_WORDS, BEND_AGAIN_WORDS, BEND_POINT_WORDS, BEND_WORDS, stageFactText } from '@kesto/contract/wording';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { ACID_RESULTS, type Bend } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { Ring } from '@/ui/Ring';
import { useIsWide, useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { BendSaid, BendsWork } from './useBends';
import { WORDS } from './words';

type Begun = BendsWork['bends'][number];
export type BendRowSaid = Begun['points'][number];

interface BendPointsProps {
  readonly begun: Begun;
  readonly bends: BendsWork;
  readonly onOpen: (row: BendRowSaid) => void;
  readonly onLeave: () => void;
}

/** One bend and its points, each answered where it stands or with a note, a photo, a reading. */
export function BendPoints({ begun, bends, onOpen, onLeave }: BendPointsProps) {
  const { bend, points, open } = begun;
  const { name, says } = BEND_WORDS[bend];
  const { mayMake } = bends.work;
  const wide = useIsWide();
  return (
    <View style={styles.bend}>
      <Heading size={20}>{name.replace(/^./, (letter) => letter.toUpperCase())}</Heading>
      <Words size={15} tone="ink2">
        {says}
      </Words>
      <Words size={14} bold tone={open === 0 ? 'teal' : 'amber'}>
        {WORDS.left(open, points.length)}
      </Words>
      <View role="list" aria-label={name} style={wide ? styles.beside : null}>
        {points.map((row) => (
          <Point key={row.point} row={row} begun={begun} bends={bends} onOpen={() => onOpen(row)} />
        ))}
      </View>
      {mayMake ? <FrameKey quiet label={WORDS.leave} says={`${name}: ${WORDS.leave}`} onPress={onLeave} /> : null}
    </View>
  );
}

interface PointProps {
  readonly row: BendRowSaid;
  readonly begun: Begun;
  readonly bends: BendsWork;
  readonly onOpen: () => void;
}

function Point({ row, begun, bends, onOpen }: PointProps) {
  const { point, said, before, isOpen } = row;
  const { name, asks } = BEND_POINT_WORDS[point];
  const t = useTokens();
  const wide = useIsWide();
  const isNow = before === bends.work.stage;
  return (
    <View role="listitem" style={[styles.point, { borderColor: t.rule }, wide ? styles.half : null]}>
      <ListRow onPress={bends.work.mayMake ? onOpen : null} style={styles.noRule}>
        <Ring state={isOpen ? 'open' : 'done'} size={26} />
        <View style={styles.says}>
          <Words size={15} bold>
            {name}
          </Words>
          <Words size={14} tone={said && isOpen ? 'red' : 'ink2'}>
            {said ? stageFactText(said).replace(`${name}: `, '') : asks}
          </Words>
          {said && isOpen ? <Words size={14}>{BEND_AGAIN_WORDS}</Words> : null}
          {isOpen ? (
            <Words size={14} bold={isNow} tone={isNow ? 'amber' : 'ink2'}>
              {WORDS.before(STAGE_WORDS[before])}
            </Words>
          ) : null}
        </View>
      </ListRow>
      {bends.work.mayMake && isOpen ? <PointKeys row={row} bend={begun.bend} bends={bends} /> : null}
    </View>
  );
}

/** Keys that answer a point where it stands; one whose figure is read has none. */
function PointKeys({ row: { point, reads }, bend, bends }: { row: BendRowSaid; bend: Bend; bends: BendsWork }) {
  const { name } = BEND_POINT_WORDS[point];
  return (
    <View style={styles.keys}>
      {answersOf(reads).map(({ label, said }) => (
        <FrameKey
          key={label}
          quiet
          label={label}
          says={`${label}: ${name}`}
          disabled={bends.work.busy}
          onPress={() => void bends.answer(bend, point, said)}
        />
      ))}
    </View>
  );
}

const NONE_HERE = { label: WORDS.noneHere, said: { answer: 'none-here' } } as const;

function answersOf(reads: BendRowSaid['reads']): readonly { label: string; said: BendSaid }[] {
  if (reads === 'acid-test')
    return [...ACID_RESULTS.map((result) => ({ label: ACID_RESULT_WORDS[result], said: { answer: 'done', result } as const })), NONE_HERE];
  return reads === null ? [{ label: WORDS.done, said: { answer: 'done' } }, NONE_HERE] : [];
}

const styles = StyleSheet.create({
  bend: { gap: 8 },
  beside: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
  half: { width: '48%' },
  point: { borderBottomWidth: 1 },
  noRule: { borderBottomWidth: 0 },
  says: { flex: 1 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingLeft: 38, paddingVertical: 6 },
});
