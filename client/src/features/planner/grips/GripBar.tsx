import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Mono, Words } from '@/ui/Words';
import { PROTECTIONS } from '@/draft/choices';
import { gripsOf, movedTo, stepOf, type PlacedGrip } from './moves';
import type { Planner } from '../usePlanner';
import { WORDS } from '../words';

interface GripBarProps {
  readonly planner: Planner;
  readonly selected: string | null;
}

function useTaken({ planner, selected }: GripBarProps) {
  const units = useUnits();
  const { plan } = planner;
  const placed = plan ? gripsOf({ plan, units }).find((g) => g.key === selected) : undefined;
  return plan && placed ? { plan, placed, units } : null;
}

/** What is taken hold of, in words, with a step either way for gloves. */
export function GripBar(props: GripBarProps) {
  const taken = useTaken(props);
  if (!taken) return null;
  const { plan, placed, units } = taken;
  const { draft, change } = props.planner;
  const step = (by: number) =>
    change(movedTo(draft, placed.grip, placed.atMm + by * stepOf(placed.grip, units), { plan, units }), `${placed.key} steps`);
  return (
    <View role="group" aria-label={placed.label} style={styles.bar}>
      <View style={arrange.fill}>
        <Words size={15} bold numberOfLines={2}>
          {placed.label}
        </Words>
        <Words size={14} tone="ink2">
          {whereWords(placed)}
        </Words>
      </View>
      <FrameKey label="‹" says={WORDS.aStepToThe(placed.label)} onPress={() => step(-1)} testID="step-left" />
      <Mono size={20}>{placed.text}</Mono>
      <FrameKey label="›" says={WORDS.aStepToTheRight(placed.label)} onPress={() => step(1)} testID="step-right" />
    </View>
  );
}

/** How the part that is taken hold of is kept cool. */
export function PartProtectionBar(props: GripBarProps) {
  const placed = useTaken(props)?.placed;
  if (placed?.grip.kind !== 'part') return null;
  const { index } = placed.grip;
  const { draft, change } = props.planner;
  return (
    <Choice
      label={WORDS.protectionOfThe(placed.label)}
      value={draft.near[index]?.protection ?? null}
      options={PROTECTIONS}
      onChange={(protection) => change({ near: draft.near.map((n, i) => (i === index ? { ...n, protection } : n)) })}
    />
  );
}

function whereWords({ grip, atMm }: PlacedGrip): string {
  if (grip.kind === 'depth') return 'the end of the tube';
  return atMm < 0 ? 'along the tube' : 'past the cup';
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', alignItems: 'center', gap: 8 },
});
