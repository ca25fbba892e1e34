import { HAND_OVER_POINTS, type HandOverPoint } from '../ledger/words';
import { factsOf, lastOf, type FactOf, type StageFact } from './entry';

/** How a point stands: what was said of it last. */
export const handedPoint = (facts: readonly StageFact[], point: HandOverPoint): FactOf<'handed-point'> | null =>
  factsOf(facts, 'handed-point').findLast(({ values }) => values.point === point) ?? null;

/** What nobody has answered of the list at the end. */
export const openHandOver = (facts: readonly StageFact[]): readonly HandOverPoint[] =>
  HAND_OVER_POINTS.filter((point) => handedPoint(facts, point) === null);

/** Signed, and by whom; null where nobody has. */
export const signedOff = (facts: readonly StageFact[]): FactOf<'signed-off'> | null => lastOf(facts, 'signed-off') ?? null;
