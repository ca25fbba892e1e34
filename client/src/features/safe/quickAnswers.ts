import { POINT_ROWS, type HotWorkAnswer, type TorchPoint } from '@kesto/core';

/** Answered by more than a yes: who watches and how long, what the air was read at. */
const NEEDS_MORE: readonly TorchPoint[] = ['watch', 'oxygen'];

/**
 * What answers a point by one tap, where nothing else has to be said with it. What is put out of service is said so on its own sheet; that
 * there is none of it here is not.
 */
export function quickAnswers(point: TorchPoint): readonly HotWorkAnswer[] {
  const { answeredBy, mayBeNone, goesOut } = POINT_ROWS[point];
  if (NEEDS_MORE.includes(point)) return [];
  const isDoneAtOnce = answeredBy === null && !goesOut;
  return [...(isDoneAtOnce ? ['done' as const] : []), ...(mayBeNone ? ['none-here' as const] : [])];
}
