import { HAND_OVER_POINTS, type HandOverPoint } from '../ledger/words';
import { factsOf, lastOf, type FactOf, type StageFact } from './entry';

/** How a point stands: what was said of it last. */
export const handedPoint = (facts: readonly StageFact[], point: HandOverPoint): FactOf<'handed-point'> | null =>
  factsOf(facts, 'handed-point').findLast(({ values }) => values.point === point) ?? null;

/** Something was put out of service for the flame, and nobody said that it is back. */
const isOutOfService = (facts: readonly StageFact[]): boolean =>
  factsOf(facts, 'hot-work').some(({ values }) => values.outOfService) && lastOf(facts, 'back-in-service') === undefined;

/** Always there; the rest may be none of this machine. */
const ALWAYS: readonly HandOverPoint[] = ['caps-on', 'leak-look', 'panels'];

/** Whether a point may be answered with “none here”: never what this very job took off, locked or put out of service. */
export function mayBeNoneHere(facts: readonly StageFact[], point: HandOverPoint): boolean {
  if (ALWAYS.includes(point)) return false;
  if (point === 'locks-off') return lastOf(facts, 'locked-off') === undefined;
  if (point === 'back-in-service') return !isOutOfService(facts);
  if (point === 'put-back') return !factsOf(facts, 'hold-began').some(({ values }) => (values.takenOff ?? []).length > 0);
  return true;
}

/** What nobody has answered of the list at the end, or answered with what cannot be. */
export const openHandOver = (facts: readonly StageFact[]): readonly HandOverPoint[] =>
  HAND_OVER_POINTS.filter((point) => {
    const said = handedPoint(facts, point)?.values.answer;
    return said === undefined || (said === 'none-here' && !mayBeNoneHere(facts, point));
  });

/** Where an answer too many hurts somebody: each is looked at and answered by itself. */
const ONE_BY_ONE: readonly HandOverPoint[] = [
  ...(['put-back', 'relief-back', 'switches-back', 'leak-look', 'joint-tightness', 'locks-off', 'back-in-service'] as const),
];

/** What is open of the list at the end and may be answered together. */
export const openTogether = (facts: readonly StageFact[]): readonly HandOverPoint[] =>
  openHandOver(facts).filter((point) => !ONE_BY_ONE.includes(point));

/** Signed, and by whom; null where nobody has. */
export const signedOff = (facts: readonly StageFact[]): FactOf<'signed-off'> | null => lastOf(facts, 'signed-off') ?? null;

/** A line of what was used. */
export type UsedMaterial = FactOf<'materials'>['values']['used'][number];
