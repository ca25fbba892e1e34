import { DRY_FIT_WORDS, drawnPlanText } from '@kesto/contract/wording';
import { DRY_FITS, type DryFit, type JointPlan } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Flags, PlanDrawing } from '@/features/plan';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, KeepKey } from '@/ui/Buttons';
import { FigureFields } from '@/forms/FigureFields';
import type { Read } from '@/forms/fields';
import { lengthM } from '@/forms/si';
import { useFigures } from '@/forms/useFigures';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import type { RunWork } from './useRun';
import { WORDS } from './words';

const DEPTH = { depth: { label: 'depth that is marked', kind: 'length', hint: 'as planned where empty', optional: true } } as const;
const FITS = DRY_FITS.map((value) => ({ value, label: DRY_FIT_WORDS[value] }));

/** The tube in its cup, dry: felt and marked. */
export function FitBody({ plan, work, keptAs }: { plan: JointPlan; work: RunWork; keptAs: string }) {
  const units = useUnits();
  const [gap, setGap] = useState<DryFit>('right');
  const figures = useFigures(`${keptAs}.fit`, DEPTH);
  const keep = ({ depth }: Read<typeof DEPTH>) => {
    const metres = depth ? lengthM(depth) : plan.fit.insertM;
    return work.note('dry-fit', { gap, depthMm: Number((metres * 1000).toPrecision(4)) });
  };
  return (
    <View style={arrange.stack12}>
      <PlanDrawing plan={plan} units={units} detail="sizes" />
      <Words size={20} bold>
        {drawnPlanText(plan, units)}
      </Words>
      <Words size={15}>{WORDS.howDoesItGo}</Words>
      <Choice label={WORDS.howItGoesIn} value={gap} options={FITS} onChange={setGap} />
      {gap === 'right' ? null : <FlagLine stop letter="!" text={gap === 'tight' ? WORDS.sandOrExpandBefore : WORDS.tooWideAGap} />}
      <Flags plan={plan} units={units} stages={['plan', 'set-up']} />
      <FigureFields figures={figures} />
      <KeepKey label={WORDS.itIsFitted} busy={work.busy} onPress={() => void figures.submit(keep)} />
    </View>
  );
}
