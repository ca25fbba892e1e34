import type { JointView } from '@kesto/contract';
import { calcErrorText, planDifferences } from '@kesto/contract/wording';
import { planJoint, tipKw, type JointPlan, type PlanRequest, type VanTip } from '@kesto/core';
import { formatFlow, readingText } from '@kesto/core/unit';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useVanStock } from '@/features/van/api';
import { DraftReader } from '@/state/draftReader';
import { useUnits } from '@/state/units';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { UnitField } from '@/ui/UnitField';
import { Heading, Mono, Words } from '@/ui/Words';
import type { RunWork } from './useRun';

const tipText = (tip: VanTip): string => (typeof tip === 'number' ? `${tip} kW` : `${tip.name}, ${tip.kw} kW`);

interface Changed {
  readonly filler: string;
  readonly kw: number | null;
  readonly flow: string;
}

/** What was asked, with another rod, tip or flow. */
function requestWith(request: PlanRequest, { filler, kw, flow }: Changed, reader: DraftReader): PlanRequest {
  const flood = reader.flow('flow', flow);
  return {
    ...request,
    choose: filler,
    ...(request.torch && kw !== null ? { torch: { ...request.torch, powerKw: kw } } : {}),
    ...(request.purge && flood ? { purge: { ...request.purge, flood } } : {}),
  };
}

/** Another rod, tip or flow on the spot: the joint is planned anew, and what that changes is seen before it is kept. */
export function PlanAnew({ joint, plan, work, onDone }: { joint: JointView; plan: JointPlan; work: RunWork; onDone: () => void }) {
  const units = useUnits();
  const { data: van } = useVanStock();
  const [open, setOpen] = useState(false);
  const [changed, setChanged] = useState<Changed>({ filler: work.chosen, kw: null, flow: '' });
  const request = joint.plan?.request;
  const found = useMemo(() => {
    if (!request) return null;
    const reader = new DraftReader(units);
    const asked = requestWith(request, changed, reader);
    return { asked, problem: reader.problems['flow'], result: planJoint(asked) };
  }, [request, changed, units]);
  if (!found || !request) return null;
  if (!open) return <FrameKey label="Another rod, tip or flow" onPress={() => setOpen(true)} />;
  const { asked, problem, result } = found;
  const differences = result.ok ? planDifferences(plan, result.value, units) : [];
  const fillers = [
    ...new Set([work.chosen, ...(van?.fillers ?? []).filter(({ count }) => count > 0).map(({ designation }) => designation)]),
  ];
  const tips = van?.torch.fuel === request.torch?.fuel ? (van?.torch.tips ?? []) : [];
  const keep = async () => {
    const { choose: _chosen, ...bare } = asked;
    const kept = await work.note('planned-anew', { request: bare, chosen: changed.filler, reason: 'changed on the spot' });
    if (kept) onDone();
  };
  const flood = plan.purge ? readingText(formatFlow(plan.purge.floodFlowM3PerS, units)) : null;
  return (
    <View style={styles.over}>
      <Heading size={17}>Another rod, tip or flow</Heading>
      <Choice
        label="rod"
        value={changed.filler}
        options={fillers.map((value) => ({ value, label: value }))}
        onChange={(filler) => setChanged({ ...changed, filler })}
      />
      {tips.length > 0 ? (
        <Choice
          label="tip"
          value={String(changed.kw ?? request.torch?.powerKw ?? '')}
          options={tips.map((tip) => ({ value: String(tipKw(tip)), label: tipText(tip) }))}
          onChange={(kw) => setChanged({ ...changed, kw: Number(kw) })}
        />
      ) : null}
      {flood ? (
        <UnitField
          label="flood at"
          value={changed.flow}
          onChange={(flow) => setChanged({ ...changed, flow })}
          unit={units.length === 'metric' ? 'L/min' : 'scfh'}
          hint={changed.flow === '' ? `${flood} as planned` : undefined}
          error={problem}
          testID="anew-flow"
        />
      ) : null}
      {result.ok ? null : <Failed message={result.errors[0] ? calcErrorText(result.errors[0]) : 'It cannot be planned so.'} />}
      {differences.map((row) => (
        <View key={row.label} style={styles.row}>
          <Words size={15} style={styles.label}>
            {row.label}
          </Words>
          <Mono size={15} tone="ink2">
            {row.kept}
          </Mono>
          <Words size={15}>to</Words>
          <Mono size={15}>{row.anew}</Mono>
        </View>
      ))}
      {result.ok && differences.length === 0 ? (
        <Words size={15} tone="ink2">
          Nothing changes.
        </Words>
      ) : null}
      <FrameKey label="Plan it so" disabled={work.busy || !result.ok || differences.length === 0} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({
  over: { gap: 8 },
  row: { flexDirection: 'row', gap: 8, alignItems: 'baseline', flexWrap: 'wrap' },
  label: { flexGrow: 1 },
});
