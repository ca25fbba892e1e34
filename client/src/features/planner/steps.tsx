import type { JointView } from '@kesto/contract';
import type { Form } from '@kesto/core';
import { Failed } from '@/ui/states';
import { AroundEditor } from './parts/AroundEditor';
import { METAL_WORDS } from '@/drawing/joint/hatch';
import { FemaleEditor, MaleEditor } from './parts/PartEditor';
import type { Planner } from './usePlanner';

export type Step = 'male' | 'female' | 'around' | 'card';
export const STEPS: readonly Step[] = ['male', 'female', 'around', 'card'];
export const NEXT: Readonly<Record<Step, string>> = {
  male: 'Next: what takes it',
  female: 'Next: what is near it',
  around: 'Next: the plan',
  card: 'Put in the job',
};
export const STEP_WORDS: Readonly<Record<Step, string>> = {
  male: '1 of 4, what goes in',
  female: '2 of 4, what takes it',
  around: '3 of 4, what is around it',
  card: '4 of 4, the plan',
};

export function Editor({ step, planner }: { step: Step; planner: Planner }) {
  if (step === 'card') return null;
  if (step === 'male') return <MaleEditor planner={planner} />;
  if (step === 'female') return <FemaleEditor planner={planner} />;
  return <AroundEditor planner={planner} />;
}

export function Problems({ planner }: { planner: Planner }) {
  const rows = Object.entries(planner.problems);
  if (rows.length === 0) return null;
  return <Failed message={rows.map(([field, text]) => `${field.replace('joint.', '').replaceAll('.', ' ')} ${text}`).join('. ')} />;
}

/** What takes the tube, in the word that fits into a header. */
const FORM_WORDS: Readonly<Record<Form, string>> = {
  tube: 'tube',
  'fitting-cup': 'cup',
  'swaged-socket': 'socket',
  capillary: 'capillary',
  'component-stub': 'stub',
  'crimped-stub': 'crimped stub',
  saddle: 'branch',
  reducer: 'reducer',
};

export function subtitleOf(joint: JointView, planner: Planner): string {
  const { male, female } = planner.draft;
  return `${METAL_WORDS[male.metal]} ${male.od} into ${METAL_WORDS[female.metal]} ${FORM_WORDS[female.form]}, ${joint.circuit.refrigerant}`;
}
