import { measureText, partName, showIn } from '@kesto/contract/wording';
import type { JointPlan } from '@kesto/core';
import { View } from 'react-native';
import { PlanDrawing } from '@/features/plan';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { KeepKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import type { RunWork } from './useRun';
import { WORDS } from './words';

/** What is done about each part near the joint, as it was planned. */
export function wrapText(plan: JointPlan): string {
  return plan.protection
    .map(({ part, measures }) => `${partName(part.kind)}: ${measures.map((measure) => measure.replaceAll('-', ' ')).join(', ')}`)
    .join('; ');
}

export function WrapBody({ plan, work }: { plan: JointPlan; work: RunWork }) {
  const units = useUnits();
  const show = showIn(units);
  return (
    <View style={arrange.stack12}>
      <PlanDrawing plan={plan} units={units} detail="plan" />
      {plan.protection.map((one, i) => (
        <View key={`${one.part.kind}${i}`}>
          <Words size={17} bold>
            {partName(one.part.kind)}
          </Words>
          <Words size={15}>{measureText(one.measures, show)}</Words>
        </View>
      ))}
      <KeepKey label={WORDS.itIsWrapped} busy={work.busy} onPress={() => void work.note('wrapped', { protection: wrapText(plan) })} />
    </View>
  );
}
