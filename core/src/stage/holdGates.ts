import type { JointState } from '../record/state';
import type { FactOf, StageFact } from './entry';
import { holdsOf, holdState, lastSoaped, type KeptHold } from './holds';

/** A joint as far as a hold goes. */
export interface HeldJoint {
  readonly id: string;
  readonly state: JointState;
}

/** Of a gate's open points: our own hoses. */
export const HOSES = 'hoses';

/** The last hold of the circuit that was ended: our own rig alone proves nothing of it. */
export const lastHold = (facts: readonly StageFact[]) => holdsOf(facts).findLast(({ began, ended }) => ended && !began.values.rig) ?? null;

/** What is under pressure now. */
export const underPressure = (facts: readonly StageFact[]) => holdsOf(facts).filter((hold) => holdState(hold) !== 'vented');

/** Joints of the job, and our hoses, that no soap said nothing of: a leak that was seen there last counts as well. */
export function notSoaped(facts: readonly StageFact[], joints: readonly HeldJoint[]): readonly string[] {
  const open = joints.filter(({ state }) => state !== 'cut-out').filter(({ id }) => lastSoaped(facts, { joint: id }) !== 'nothing');
  const hoses = facts.some((fact) => fact.kind === 'place-soaped' && fact.values.hose !== undefined && fact.values.result === 'nothing');
  return [...open.map(({ id }) => id), ...(hoses ? [] : [HOSES])];
}

/** Where soap bubbled last, of a hold that leaked: a joint, a place or a hose, each once. */
export function bubbledIn(kept: KeptHold): readonly FactOf<'place-soaped'>['values'][] {
  const last = new Map(kept.soaped.map(({ values }) => [values.joint ?? values.place ?? values.hose ?? '', values]));
  return [...last.values()].filter(({ result }) => result === 'leak');
}

/** What a tight hold cannot exclude, as grams of the refrigerant a year; null where its refrigerant is on no list. */
export function tightGrams({ leakPaM3S, smallestSeenPaM3S, gramsPerYearSeen }: FactOf<'hold-ended'>['values']): number | null {
  if (!smallestSeenPaM3S || gramsPerYearSeen === null || gramsPerYearSeen === undefined) return null;
  return (gramsPerYearSeen * (Math.max(leakPaM3S ?? 0, 0) + smallestSeenPaM3S)) / smallestSeenPaM3S;
}
