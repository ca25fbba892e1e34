import type { JointSummary } from '@kesto/contract';
import { JOINT_STATE_WORDS, oneHeatText, stepWhyText } from '@kesto/contract/wording';
import type { SequenceStep } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import Svg, { Path } from 'react-native-svg';
import { Opens } from '@/ui/Opens';
import { useIsWide, useTokens } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { useDrag } from './useDrag';
import { WORDS } from './words';

interface OrderRowProps {
  readonly joint: JointSummary;
  readonly place: number;
  readonly step: SequenceStep | undefined;
  /** Tags of those that are made in the same heat. */
  readonly withOthers: readonly string[];
  readonly isShown: boolean;
  readonly isBroken: boolean;
  readonly tagOf: (id: string) => string;
  readonly onShow: () => void;
  readonly onMove: ((by: -1 | 1) => void) | null;
}

/** One joint of the order: its turn, why there, and the keys that move it. */
export function OrderRow({ joint, place, step, withOthers, isShown, isBroken, tagOf, onShow, onMove }: OrderRowProps) {
  const t = useTokens();
  const wide = useIsWide();
  const why = step
    ? step.why.map((one) => stepWhyText(one, tagOf)).join('; ')
    : `${JOINT_STATE_WORDS[joint.state]}${joint.at ? '' : ', not on the drawing'}`;
  const [row, handle, dragged] = useDrag(joint.id, onMove === null);
  return (
    <View role="listitem" ref={row} style={[styles.row, { borderColor: t.rule, backgroundColor: t.paper }, dragged]}>
      <Opens says={WORDS.showTheGasAt(joint.tag)} onPress={onShow} style={styles.opens}>
        <View style={styles.says}>
          <View style={[styles.place, { borderColor: isBroken ? t.red : t.ink, backgroundColor: isShown ? t.ink : 'transparent' }]}>
            <Mono size={17} tone={isShown ? 'paper' : isBroken ? 'red' : 'ink'}>
              {place}
            </Mono>
          </View>
          <View style={styles.text}>
            <Words size={17} bold numberOfLines={2}>
              {joint.tag.slice(joint.tag.lastIndexOf('-') + 1)} {joint.title}
            </Words>
            <Words size={14} tone="ink2">
              {why}
            </Words>
            {withOthers.length > 0 ? (
              <Words size={14} tone="copper">
                {oneHeatText(withOthers)}
              </Words>
            ) : null}
          </View>
        </View>
      </Opens>
      {onMove ? (
        <View style={styles.keys}>
          {wide || isShown ? (
            <>
              <Move label={WORDS.sooner(joint.tag)} sign="▲" onPress={() => onMove(-1)} />
              <Move label={WORDS.later(joint.tag)} sign="▼" onPress={() => onMove(1)} />
            </>
          ) : null}
          <View ref={handle} style={styles.handle} testID={`drag-${joint.tag}`}>
            <Svg width={24} height={24} viewBox="0 0 24 24" aria-hidden>
              <Path d="M3 6 H21 M3 12 H21 M3 18 H21" stroke={t.ink2} strokeWidth={2} />
            </Svg>
          </View>
        </View>
      ) : null}
    </View>
  );
}

function Move({ label, sign, onPress }: { label: string; sign: string; onPress: () => void }) {
  return (
    <IconButton
      accessibilityLabel={label}
      size={24}
      style={styles.move}
      icon={() => (
        <Words size={17} bold>
          {sign}
        </Words>
      )}
      onPress={onPress}
    />
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, minHeight: 64, gap: 6, paddingVertical: 6 },
  opens: { flex: 1 },
  says: { flex: 1, flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 56 },
  place: { width: 36, height: 36, borderRadius: 18, borderWidth: 2, alignItems: 'center', justifyContent: 'center' },
  text: { flex: 1 },
  keys: { flexDirection: 'row' },
  move: { width: 44, height: 48, margin: 0 },
  handle: { width: 44, height: 48, alignItems: 'center', justifyContent: 'center' },
});
