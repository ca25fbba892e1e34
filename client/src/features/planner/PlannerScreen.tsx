import type { JointView, VanStock } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useVanQuery } from '@/features/jobs/api';
import { jointCells } from '@/features/joint/cells';
import { useUnits } from '@/state/units';
import { JointOrder } from '@/ui/JointOrder';
import { FrameKey } from '@/ui/Keys';
import { Sheet } from '@/ui/Sheet';
import { Failed, Loading } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { AroundEditor } from './AroundEditor';
import type { WorkingName } from './cardReadings';
import { FemaleEditor, MaleEditor } from './PartEditor';
import { CardReadings, Headline, ReadingCells, Reasons } from './PlanCard';
import { PlannerDrawing } from './PlannerDrawing';
import { usePlanner, type Planner } from './usePlanner';
import { useStorePlan } from './useStorePlan';
import { workingOf } from './workings';
import { WorkingSheet } from './WorkingSheet';

type Step = 'male' | 'female' | 'around' | 'card';
const STEPS: readonly Step[] = ['male', 'female', 'around', 'card'];
const NEXT: Readonly<Record<Step, string>> = {
  male: 'Next: what takes it',
  female: 'Next: what is near it',
  around: 'Next: the plan',
  card: 'Put in the job',
};
const STEP_WORDS: Readonly<Record<Step, string>> = {
  male: '1 of 4, what goes in',
  female: '2 of 4, what takes it',
  around: '3 of 4, what is around it',
  card: '4 of 4, the plan',
};

function Editor({ step, planner }: { step: Step; planner: Planner }) {
  if (step === 'male') return <MaleEditor planner={planner} />;
  if (step === 'female') return <FemaleEditor planner={planner} />;
  return <AroundEditor planner={planner} />;
}

function Problems({ planner }: { planner: Planner }) {
  const rows = Object.entries(planner.problems);
  if (rows.length === 0) return null;
  return <Failed message={rows.map(([field, text]) => `${field.replace('joint.', '').replaceAll('.', ' ')} ${text}`).join('. ')} />;
}

/** One joint before it is made: the drawing is edited, the plan answers at every change. */
export function PlannerScreen({ joint }: { joint: JointView }) {
  const { data: van } = useVanQuery();
  const planner = usePlanner(joint);
  if (!van) return <Loading what="the van" />;
  return <Ready joint={joint} planner={planner} van={van} />;
}

function Ready({ joint, planner, van }: { joint: JointView; planner: Planner; van: VanStock }) {
  const wide = useIsWide();
  const router = useRouter();
  const units = useUnits();
  const [step, setStep] = useState<Step>(joint.plan && !planner.touched ? 'card' : 'male');
  const [why, setWhy] = useState<WorkingName | null>(null);
  const store = useStorePlan(joint, planner);
  const { plan } = planner;
  const onCard = step === 'card' || wide;
  const saveAction = {
    label: store.busy ? 'Storing' : joint.plan && !planner.touched ? 'Braze it' : 'Put in the job',
    disabled: !plan?.chosen || store.busy,
    onPress: () => (joint.plan && !planner.touched ? router.push(`/joints/${joint.id}/braze`) : void store.save()),
  };
  const nextAction = { label: NEXT[step], disabled: false, onPress: () => setStep(STEPS[STEPS.indexOf(step) + 1] ?? 'card') };
  const over = why && plan ? <WorkingSheet working={workingOf(why, plan, units)} onClose={() => setWhy(null)} /> : null;
  const reasons = plan ? (
    <Reasons
      plan={plan}
      units={units}
      van={van}
      reason={planner.draft.reason}
      reasonProblem={store.problem?.field === 'reason' ? store.problem.message : null}
      onChoose={(choose) => planner.change({ choose })}
      onReason={(reason) => planner.change({ reason })}
    />
  ) : null;
  const drawing = plan ? <PlannerDrawing plan={plan} units={units} detail={onCard ? 'plan' : 'sizes'} /> : null;
  const storeProblem = store.problem && store.problem.field !== 'reason' ? <Failed message={store.problem.message} /> : null;
  const shared = {
    tag: joint.tag,
    title: joint.title,
    cells: jointCells(joint),
    up:
      step === 'card' || step === 'male' || wide
        ? { label: `job ${joint.job.number}`, href: `/jobs/${joint.job.id}` as const }
        : { label: 'back', onPress: () => setStep(STEPS[STEPS.indexOf(step) - 1] ?? 'male') },
  };
  const round = plan ? { label: 'why', pressed: why !== null, onPress: () => setWhy(why ? null : 'gap') } : undefined;

  if (wide) {
    return (
      <Sheet
        {...shared}
        subtitle={subtitleOf(joint, planner)}
        headerRight={<JointOrder joints={joint.job.order} here={joint.id} onOpen={(j) => router.push(`/joints/${j.id}`)} />}
        action={saveAction}
        round={round}
        over={over}
        aside={
          <View style={{ gap: 10 }}>
            {plan ? <Headline plan={plan} /> : null}
            {storeProblem}
            {reasons}
          </View>
        }
      >
        {drawing}
        <Problems planner={planner} />
        {plan ? <ReadingCells plan={plan} units={units} onWhy={setWhy} /> : null}
        <View style={{ flexDirection: 'row', gap: 8 }}>
          {(['male', 'female', 'around'] as const).map((name) => (
            <View key={name} style={{ flex: 1 }}>
              <FrameKey
                label={{ male: '1 goes in', female: '2 takes it', around: 'around it' }[name]}
                onPress={() => setStep(step === name ? 'card' : name)}
              />
            </View>
          ))}
        </View>
        {step === 'card' ? null : <Editor step={step} planner={planner} />}
      </Sheet>
    );
  }
  return (
    <Sheet {...shared} subtitle={STEP_WORDS[step]} action={step === 'card' ? saveAction : nextAction} round={round} over={over}>
      {drawing}
      <Problems planner={planner} />
      {step === 'card' ? null : <Editor step={step} planner={planner} />}
      {step !== 'card' && plan ? (
        <Words size={15} tone="teal" bold>
          Known already: {plan.flux.required ? 'flux is needed' : 'no flux'}, {plan.chosen?.filler.designation ?? 'no filler fits'}.
        </Words>
      ) : null}
      {step === 'card' && plan ? (
        <View style={{ gap: 12 }}>
          <Headline plan={plan} />
          {storeProblem}
          <CardReadings plan={plan} units={units} onWhy={setWhy} />
          {reasons}
          <FrameKey label="Change the parts" onPress={() => setStep('male')} />
        </View>
      ) : null}
    </Sheet>
  );
}

function subtitleOf(joint: JointView, planner: Planner): string {
  const { male, female } = planner.draft;
  return `${male.metal} ${male.od} into ${female.metal.replaceAll('-', ' ')} ${female.form.replaceAll('-', ' ')}, ${joint.circuit.refrigerant}`;
}
