import { ownerSaidNo } from './bends';
import { burns, type SafetyClass } from '../refrigerant/safetyClasses';
import { HAND_OVER_POINTS, type HandOverPoint } from '../ledger/words';
import { factsOf, lastOf, type FactOf, type StageFact } from './entry';
import type { HeldJoint } from './holdGates';

/** How a point stands: what was said of it last. */
export const handedPoint = (facts: readonly StageFact[], point: HandOverPoint): FactOf<'handed-point'> | null =>
  factsOf(facts, 'handed-point').findLast(({ values }) => values.point === point) ?? null;

/** Something was put out of service for the flame, and nobody said that it is back. */
const isOutOfService = (facts: readonly StageFact[]): boolean =>
  factsOf(facts, 'hot-work').some(({ values }) => values.outOfService) && lastOf(facts, 'back-in-service') === undefined;

/** Always there; the rest may be none of this machine. */
const ALWAYS: readonly HandOverPoint[] = ['caps-on', 'leak-look', 'panels'];

/** Whether a point may be answered with “none here”: never what this very job took off, locked or put out of service. */
export function mayBeNoneHere(facts: readonly StageFact[], point: HandOverPoint, about: HandOverFacts): boolean {
  if (ALWAYS.includes(point)) return false;
  if (point === 'joint-tightness') return !burns(about.safetyClass) || staying(about.joints ?? []).length === 0;
  if (point === 'locks-off') return lastOf(facts, 'locked-off') === undefined;
  if (point === 'back-in-service') return !isOutOfService(facts);
  if (point === 'put-back') return !factsOf(facts, 'hold-began').some(({ values }) => (values.takenOff ?? []).length > 0);
  return true;
}

/** What the end is judged by beside what was noted. */
export interface HandOverFacts {
  readonly safetyClass: SafetyClass | null;
  readonly joints?: readonly HeldJoint[];
}

/** Joints that stay. */
const staying = (joints: readonly HeldJoint[]) => joints.filter(({ state }) => state !== 'cut-out' && state !== 'not-planned');

/**
 * Joints that nobody proved by themselves, where the refrigerant burns: a hold never sees so little.
 *
 * @source  product standards for A2L, A2 and A3: joints made on site one by one, by a method that sees 5 g a year [M-H]
 */
export function unprovedJoints(facts: readonly StageFact[], { safetyClass, joints = [] }: HandOverFacts): readonly string[] {
  if (!burns(safetyClass)) return [];
  const proved = handedPoint(facts, 'joint-tightness')?.values.proofs ?? [];
  return staying(joints)
    .map(({ id }) => id)
    .filter((id) => !proved.some(({ joint }) => joint === id));
}

/** Joints that soap showed nothing at, on a hold of a quarter of the design pressure or more: proved by that. */
export const soapProves = (facts: readonly StageFact[], joint: string, designKpag: number): boolean =>
  factsOf(facts, 'place-soaped').findLast(({ values }) => values.joint === joint && values.atKpag >= designKpag / 4)?.values.result ===
  'nothing';

/** What nobody has answered of the list at the end, or answered with what cannot be. */
export const openHandOver = (facts: readonly StageFact[], about: HandOverFacts): readonly HandOverPoint[] =>
  HAND_OVER_POINTS.filter((point) => {
    // Nothing was mended: what this job itself took off, locked or put out of service is put right, no more.
    if (ownerSaidNo(facts) && (ALWAYS.includes(point) || mayBeNoneHere(facts, point, about))) return false;
    const said = handedPoint(facts, point)?.values.answer;
    if (point === 'joint-tightness' && said === 'done' && unprovedJoints(facts, about).length > 0) return true;
    return said === undefined || (said === 'none-here' && !mayBeNoneHere(facts, point, about));
  });

/** Where an answer too many hurts somebody: each is looked at and answered by itself. */
const ONE_BY_ONE: readonly HandOverPoint[] = [
  ...(['put-back', 'relief-back', 'switches-back', 'leak-look', 'joint-tightness', 'locks-off', 'back-in-service'] as const),
];

/** What is open of the list at the end and may be answered together. */
export const openTogether = (facts: readonly StageFact[], about: HandOverFacts): readonly HandOverPoint[] =>
  openHandOver(facts, about).filter((point) => !ONE_BY_ONE.includes(point));

/** What this very job says of itself: it took nothing off, locked nothing, put nothing out of service, made no joint that is proved by itself. */
const TOLD_BY_THE_JOB: readonly HandOverPoint[] = ['put-back', 'joint-tightness', 'locks-off', 'back-in-service'];

/** What is open of the list at the end though this job never touched it: there is none of it here. */
export const openUntouched = (facts: readonly StageFact[], about: HandOverFacts): readonly HandOverPoint[] =>
  openHandOver(facts, about).filter((point) => TOLD_BY_THE_JOB.includes(point) && mayBeNoneHere(facts, point, about));

/** Signed, and by whom; null where nobody has. */
export const signedOff = (facts: readonly StageFact[]): FactOf<'signed-off'> | null => lastOf(facts, 'signed-off') ?? null;

/** A line of what was used. */
export type UsedMaterial = FactOf<'materials'>['values']['used'][number];

/** A joint that was proved by itself. */
export type JointProof = NonNullable<FactOf<'handed-point'>['values']['proofs']>[number];
