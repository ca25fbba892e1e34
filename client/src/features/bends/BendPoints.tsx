import { BEND_POINT_WORDS, BEND_WORDS, stageFactText } from '@kesto/contract/wording';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { Ring } from '@/ui/Ring';
import { useIsWide, useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { BendsWork } from './useBends';
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

function Point({ row, begun, bends, onOpen }: { row: BendRowSaid; begun: Begun; bends: BendsWork; onOpen: () => void }) {
  const { point, said, before, reads } = row;
  const { name, asks } = BEND_POINT_WORDS[point];
  const { mayMake, busy } = bends.work;
  const t = useTokens();
  const wide = useIsWide();
  const isNow = before === bends.work.stage;
  return (
    <View role="listitem" style={[styles.point, { borderColor: t.rule }, wide ? styles.half : null]}>
      <ListRow onPress={mayMake ? onOpen : null} style={styles.noRule}>
        <Ring state={said ? 'done' : 'open'} size={26} />
        <View style={styles.says}>
          <Words size={15} bold>
            {name}
          </Words>
          <Words size={14} tone="ink2">
            {said ? stageFactText(said).replace(`${name}: `, '') : asks}
          </Words>
          {said ? null : (
            <Words size={14} bold={isNow} tone={isNow ? 'amber' : 'ink2'}>
              {WORDS.before(STAGE_WORDS[before])}
            </Words>
          )}
        </View>
      </ListRow>
      {mayMake && !said && !reads ? (
        <View style={styles.keys}>
          <FrameKey
            quiet
            label={WORDS.done}
            says={`${WORDS.done}: ${name}`}
            disabled={busy}
            onPress={() => void bends.answer(begun.bend, point, { answer: 'done' })}
          />
          <FrameKey
            quiet
            label={WORDS.noneHere}
            says={`${WORDS.noneHere}: ${name}`}
            disabled={busy}
            onPress={() => void bends.answer(begun.bend, point, { answer: 'none-here' })}
          />
        </View>
      ) : null}
    </View>
  );
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
