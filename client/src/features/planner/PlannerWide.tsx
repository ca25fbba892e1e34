import { View } from 'react-native';
import { JointOrder } from '@/ui/JointOrder';
import { Choice } from '@/ui/Keys';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { TemperatureLadder } from './drawing/TemperatureLadder';
import { Headline, ReadingCells } from './PlanCard';
import { PlannerDrawing } from './PlannerDrawing';
import { Reasons } from './Reasons';
import { Editor, Problems, subtitleOf, type Step } from './steps';
import type { PlannerView } from './usePlannerScreen';
import { Working } from './Working';

const LADDER = { width: 176, height: 440 } as const;
const PARTS: readonly { readonly value: Step; readonly label: string }[] = [
  { value: 'card', label: 'the plan' },
  { value: 'male', label: 'what goes in' },
  { value: 'female', label: 'what takes it' },
  { value: 'around', label: 'around it' },
];

/** Wide: drawing, curve and ladder stand together, reasons beside them, readings below. */
export function PlannerWide({ view }: { view: PlannerView }) {
  const { joint, planner, plan, units, step, setStep } = view;
  return (
    <Sheet
      {...view.sheet}
      up={view.upToJob}
      subtitle={subtitleOf(joint, planner)}
      headerRight={<JointOrder joints={joint.job.order} here={joint.id} onOpen={(j) => view.openJoint(j.id)} />}
      action={view.save}
      over={<Working view={view} />}
      overOpen={view.why !== null}
      aside={
        <View style={{ gap: 10 }}>
          {plan ? <Headline plan={plan} /> : null}
          {view.storeProblem ? <Failed message={view.storeProblem} /> : null}
          {plan ? <Reasons view={view} plan={plan} /> : null}
        </View>
      }
    >
      <Choice label="part of the plan" value={step} options={PARTS} onChange={setStep} />
      <Problems planner={planner} />
      {plan ? (
        <View style={{ flexDirection: 'row', gap: 16 }}>
          <View style={{ flex: 1 }}>
            <PlannerDrawing plan={plan} units={units} detail={step === 'card' ? 'chart' : 'sizes'} onPart={setStep} />
            <Editor step={step} planner={planner} />
          </View>
          {step === 'card' ? <TemperatureLadder plan={plan} units={units} {...LADDER} /> : null}
        </View>
      ) : (
        <Editor step={step} planner={planner} />
      )}
      {plan && step === 'card' ? <ReadingCells plan={plan} units={units} onWhy={view.setWhy} /> : null}
    </Sheet>
  );
}
