import type { JointView } from '@kesto/contract';
import { tipKw, type JointPlan, type VanTip } from '@kesto/core';
import { formatFlow, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { TextField, UnitField } from '@/ui/UnitField';
import { Heading, Mono, Words } from '@/ui/Words';
import { usePlanAnew } from './usePlanAnew';
import type { RunWork } from './useRun';
import { WORDS } from './words';

const tipText = (tip: VanTip): string => (typeof tip === 'number' ? `${tip} kW` : `${tip.name}, ${tip.kw} kW`);

interface PlanAnewProps {
  readonly joint: JointView;
  readonly plan: JointPlan;
  readonly work: RunWork;
  readonly onDone: () => void;
}

/** Another rod, tip or flow on the spot: the joint is planned anew, and what that changes is seen before it is kept. */
export function PlanAnew(props: PlanAnewProps) {
  const [open, setOpen] = useState(false);
  if (!open) return <FrameKey label={WORDS.anotherRod} onPress={() => setOpen(true)} />;
  return <Anew {...props} />;
}

function Anew({ joint, plan, work, onDone }: PlanAnewProps) {
  const anew = usePlanAnew(joint, plan, work);
  const { changed, differences, units } = anew;
  const flood = plan.purge ? readingText(formatFlow(plan.purge.floodFlowM3PerS, units)) : null;
  const isWhole = anew.refusal === null && anew.flowProblem === undefined && differences.length > 0 && changed.reason.trim() !== '';
  return (
    <View style={styles.over}>
      <Heading size={17}>{WORDS.anotherRod}</Heading>
      <Choice
        label={WORDS.rod}
        value={changed.filler}
        options={anew.fillers.map((value) => ({ value, label: value }))}
        onChange={(filler) => anew.set({ filler })}
      />
      {anew.tips.length > 0 ? (
        <Choice
          label={WORDS.tip}
          value={String(changed.kw ?? anew.request?.torch?.powerKw ?? '')}
          options={anew.tips.map((tip) => ({ value: String(tipKw(tip)), label: tipText(tip) }))}
          onChange={(kw) => anew.set({ kw: Number(kw) })}
        />
      ) : null}
      {flood ? (
        <UnitField
          label={WORDS.floodAt}
          value={changed.flow}
          onChange={(flow) => anew.set({ flow })}
          unit={units.length === 'metric' ? 'L/min' : 'scfh'}
          hint={changed.flow === '' ? WORDS.asPlanned(flood) : undefined}
          error={anew.flowProblem}
          testID="anew-flow"
        />
      ) : null}
      {anew.refusal ? <Failed message={anew.refusal} /> : null}
      {differences.map((row) => (
        <View key={row.label} style={styles.row}>
          <Words size={15} style={styles.label}>
            {row.label}
          </Words>
          <Mono size={15} tone="ink2">
            {row.kept}
          </Mono>
          <Words size={15}>{WORDS.to}</Words>
          <Mono size={15}>{row.anew}</Mono>
        </View>
      ))}
      {anew.refusal === null && differences.length === 0 ? (
        <Words size={15} tone="ink2">
          {WORDS.nothingChanges}
        </Words>
      ) : null}
      <TextField label={WORDS.whyOtherwiseThanPlanned} value={changed.reason} onChange={(reason) => anew.set({ reason })} />
      <FrameKey label={WORDS.planItSo} disabled={work.busy || !isWhole} onPress={() => void anew.keep().then((kept) => kept && onDone())} />
    </View>
  );
}

const styles = StyleSheet.create({
  over: { gap: 8 },
  row: { flexDirection: 'row', gap: 8, alignItems: 'baseline', flexWrap: 'wrap' },
  label: { flexGrow: 1 },
});
