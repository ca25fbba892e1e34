import { memo, useCallback, useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { GoesOnNote } from '@/features/imports';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { Words } from '@/ui/Words';
import { LadderAnswers, LadderReader } from './heat/LadderReader';
import { CardReadings, Headline } from './PlanCard';
import { DrawnAnew } from './DrawnAnew';
import { PlanAnew } from './PlanAnew';
import { PlannerDrawing } from './PlannerDrawing';
import { Reasons } from './Reasons';
import { SweptQuestion } from './parts/SweptQuestion';
import { PrintPlan, SaveStart, StartPicker } from './parts/StartPicker';
import { UndoKeys } from './UndoKeys';
import { Editor, NEXT, Problems, STEP_WORDS } from './steps';
import type { PlannerView } from './usePlannerScreen';
import { Working } from './workings/Working';
import { WORDS } from './words';

/** Its sizes and metals stand on the drawing: they need not be looked through one by one. */
const AS_DRAWN = 'As it is drawn: the plan';
const LADDER = { width: 358, height: 420 } as const;

/** Phone: one question at a time, then the plan on one card. */
export function PlannerPhone({ view }: { view: PlannerView }) {
  const { planner, plan, units, step, setStep } = view;
  const [chart, setChart] = useState(false);
  const toggleChart = useCallback(() => setChart((shown) => !shown), []);
  // The drawing answers at once; what is read below it follows when there is time.
  const later = useDeferredValue(view);
  const onCard = step === 'card';
  return (
    <Sheet
      {...view.sheet}
      subtitle={STEP_WORDS[step]}
      up={onCard || step === 'male' ? view.upToJob : { label: WORDS.back, onPress: view.back }}
      action={onCard ? view.save : { label: NEXT[step], onPress: view.next }}
      over={<Working view={view} />}
      overOpen={view.why !== null}
    >
      {plan ? (
        <PlannerDrawing
          plan={plan}
          units={units}
          detail={onCard ? (chart ? 'chart' : 'plan') : step === 'around' ? 'around' : 'sizes'}
          onPart={setStep}
          planner={planner}
        />
      ) : null}
      <GoesOnNote entries={view.joint.entries} />
      {view.fresh && view.asLast && plan && !onCard ? (
        <FrameKey label={WORDS.asTorchGasProtection(view.asLast.tag)} onPress={view.asLast.take} testID="as-last" />
      ) : null}
      {view.asDrawn && step === 'male' ? <FrameKey label={AS_DRAWN} onPress={view.asDrawn} testID="as-drawn" /> : null}
      {view.fresh && step === 'male' ? <StartPicker around={view.around} onPick={view.startFrom} /> : null}
      <Problems planner={planner} />
      <Editor step={step} planner={planner} />
      {!onCard && plan ? (
        <Words size={15} tone="teal" bold>
          {WORDS.knownAlready(plan.flux.required ? 'flux is needed' : 'no flux', plan.chosen?.filler.designation ?? 'no filler fits')}
        </Words>
      ) : null}
      {onCard ? <Card view={later} chart={chart} onChart={toggleChart} /> : null}
    </Sheet>
  );
}

const Card = memo(function Card({ view, chart, onChart }: { view: PlannerView; chart: boolean; onChart: () => void }) {
  const { plan, units, planner } = view;
  if (!plan) return null;
  return (
    <View style={arrange.stack12}>
      <Headline plan={plan} />
      <DrawnAnew drawing={view.planner.drawing} units={units} />
      {view.older ? <PlanAnew stored={view.older} units={units} onPlanAnew={view.planAnew} /> : null}
      {view.storeProblem ? <Failed message={view.storeProblem} /> : null}
      <CardReadings plan={plan} units={units} onWhy={view.setWhy} />
      <SweptQuestion planner={planner} />
      <FrameKey label={chart ? WORDS.hideTheTemperatures : WORDS.showTheTemperatures} onPress={onChart} />
      {chart ? <LadderReader plan={plan} units={units} {...LADDER} {...view.ladder} /> : null}
      {chart ? <LadderAnswers plan={plan} units={units} readAt={view.ladder.readAt} /> : null}
      <Reasons view={view} plan={plan} />
      <View style={arrange.wrap8}>
        <FrameKey label={WORDS.changeTheParts} onPress={() => view.setStep('male')} />
        <UndoKeys planner={planner} />
      </View>
      {view.joint.plan && !planner.touched ? <PrintPlan jointId={view.joint.id} /> : null}
      <SaveStart draft={planner.draft} />
    </View>
  );
});
