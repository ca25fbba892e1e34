import { OXYGEN_SAYS } from '@kesto/contract/wording';
import { oxygenSays, type JointPlan } from '@kesto/core';
import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { FigureFields } from '@/forms/FigureFields';
import type { Read } from '@/forms/fields';
import { useFigures } from '@/forms/useFigures';
import { Words } from '@/ui/Words';
import type { RunWork } from './useRun';
import { WORDS } from './words';

const READ = {
  percent: { label: 'oxygen at the way out, %', kind: 'number' },
  step: { label: 'least step it shows, %', kind: 'number', hint: '0.1 for an air monitor, 0.01 or less for a purge monitor' },
} as const;

/** Oxygen measured at the way out counts before what was worked out, where the instrument can show it. */
export function OxygenRead({ plan, work, keptAs }: { plan: JointPlan; work: RunWork; keptAs: string }) {
  const figures = useFigures(`${keptAs}.oxygen`, READ);
  const target = plan.purge?.targetO2Percent ?? 0;
  const last = work.events.findLast(({ kind }) => kind === 'oxygen-read');
  const keep = ({ percent, step }: Read<typeof READ>) => {
    if (percent.value > 25 || percent.value < 0) return complain('percent', 'must be from 0 to 25 %');
    if (step.value <= 0 || step.value > 5) return complain('step', 'must be above 0, up to 5 %');
    return work.note('oxygen-read', { percent: percent.value, stepPercent: step.value });
  };
  const complain = (key: 'percent' | 'step', message: string) => {
    figures.complain(key, message);
    return false;
  };
  const said = last ? { percent: Number(last.values['percent']), stepPercent: Number(last.values['stepPercent']) } : null;
  return (
    <View style={arrange.stack8}>
      <Words size={15} bold>
        {WORDS.oxygenReadAtTheWay}
      </Words>
      {said ? <FlagLine letter="a" text={OXYGEN_SAYS[oxygenSays(said, target)](said.percent, target)} /> : null}
      <FigureFields figures={figures} />
      <FrameKey label={WORDS.keepThisReading} disabled={work.busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}
