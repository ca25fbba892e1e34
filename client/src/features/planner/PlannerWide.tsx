import { memo, useDeferredValue } from 'react';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { JointOrder } from '@/ui/JointOrder';
import type { KeyBinding } from '@/ui/keyBindings';
import { Choice, FrameKey } from '@/ui/Buttons';
import { GoesOnNote } from '@/features/imports';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { LadderAnswers, LadderReader } from './heat/LadderReader';
import { Headline, ReadingCells } from './PlanCard';
import { DrawnAnew } from './DrawnAnew';
import { PlanAnew } from './PlanAnew';
import { PlannerDrawing } from './PlannerDrawing';
import { Reasons } from './Reasons';
import { SweptQuestion } from './parts/SweptQuestion';
import { PrintPlan, SaveStart, StartPicker } from './parts/StartPicker';
import { Editor, Problems, subtitleOf, type Step } from './steps';
import { UndoKeys } from './UndoKeys';
import type { PlannerView } from './usePlannerScreen';
import { Working } from './workings/Working';
import { WORDS } from './words';

const LADDER = { width: 176, height: 400 } as const;
const PARTS: readonly { readonly value: Step; readonly label: string }[] = [
  { value: 'card', label: 'the plan' },
  { value: 'male', label: 'what goes in' },
  { value: 'female', label: 'what takes it' },
  { value: 'around', label: 'around it' },
];

/** Joints before and after, parts of the plan, back and forward. */
function keysOf(view: PlannerView): readonly KeyBinding[] {
  const { order } = view.joint.job;
  const at = order.findIndex((j) => j.id === view.joint.id);
  const [before, after] = [order[at - 1], order[at + 1]];
  return [
    ...(before ? [{ key: '[', says: `joint before: ${before.tag}`, run: () => view.openJoint(before.id) }] : []),
    ...(after ? [{ key: ']', says: `joint after: ${after.tag}`, run: () => view.openJoint(after.id) }] : []),
    ...PARTS.map((part, i) => ({ key: String(i + 1), says: part.label, run: () => view.setStep(part.value) })),
    { key: 'ctrl+z', says: 'undo', run: () => view.planner.undo?.() },
    { key: 'ctrl+y', says: 'redo', run: () => view.planner.redo?.() },
  ];
}

const Aside = memo(function Aside({ view }: { view: PlannerView }) {
  const { plan, units } = view;
  return (
    <View style={arrange.stack10}>
      <GoesOnNote entries={view.joint.entries} />
      {plan ? <Headline plan={plan} /> : null}
      <DrawnAnew drawing={view.planner.drawing} units={units} />
      {view.older ? <PlanAnew stored={view.older} units={units} onPlanAnew={view.planAnew} /> : null}
      {view.storeProblem ? <Failed message={view.storeProblem} /> : null}
      {plan ? (
        <Reasons view={view} plan={plan} underFlags={<LadderAnswers plan={plan} units={units} readAt={view.ladder.readAt} />} />
      ) : null}
    </View>
  );
});

/** Wide: drawing, curve and ladder stand together, reasons beside them, readings below. */
export function PlannerWide({ view }: { view: PlannerView }) {
  const { joint, planner, plan, units, step, setStep } = view;
  // The drawing answers at once; what is read beside it follows when there is time.
  const later = useDeferredValue(view);
  return (
    <Sheet
      {...view.sheet}
      up={view.upToJob}
      subtitle={subtitleOf(joint, planner)}
      headerRight={<JointOrder joints={joint.job.order} here={joint.id} onOpen={(j) => view.openJoint(j.id)} />}
      action={view.save}
      keys={keysOf(view)}
      over={<Working view={view} />}
      overOpen={view.why !== null}
      aside={<Aside view={later} />}
    >
      <View style={arrange.row8}>
        <View style={arrange.fill}>
          <Choice label={WORDS.partOfThePlan} value={step} options={PARTS} onChange={setStep} />
        </View>
        <UndoKeys planner={planner} />
      </View>
      {view.fresh && view.asLast && plan && step !== 'card' ? (
        <View style={arrange.atStart}>
          <FrameKey label={WORDS.asTorchGasProtection(view.asLast.tag)} onPress={view.asLast.take} testID="as-last" />
        </View>
      ) : null}
      {view.fresh && step === 'male' ? <StartPicker around={view.around} onPick={view.startFrom} /> : null}
      <Problems planner={planner} />
      {plan ? (
        <View style={styles.halves}>
          <View style={arrange.fill}>
            <PlannerDrawing
              plan={plan}
              units={units}
              detail={step === 'card' ? 'chart' : step === 'around' ? 'around' : 'sizes'}
              onPart={setStep}
              planner={planner}
            />
            <Editor step={step} planner={planner} />
          </View>
          {step === 'card' && later.plan ? <LadderReader plan={later.plan} units={units} {...LADDER} {...later.ladder} /> : null}
        </View>
      ) : (
        <Editor step={step} planner={planner} />
      )}
      {plan && step === 'card' ? (
        <>
          <SweptQuestion planner={planner} />
          <ReadingCells plan={later.plan ?? plan} units={units} onWhy={view.setWhy} />
          {view.joint.plan && !planner.touched ? <PrintPlan jointId={view.joint.id} /> : null}
          <SaveStart draft={planner.draft} />
        </>
      ) : null}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  halves: { flexDirection: 'row', gap: 16 },
});
