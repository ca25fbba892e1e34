import type { LiveSeries } from '@kesto/contract';
import type { LiveQuantity } from '@kesto/core';

/** Judged by what was noted by hand, whatever spoke. */
export const BY_HAND = 'by-hand';

/** What the end says of it, where somebody chose: an instrument among several, or what was noted by hand. */
export const judgedByOf = (by: string | null) => (by === null ? {} : by === BY_HAND ? { byHand: true } : { by });

/** Instruments that read all of these. */
export const ableTo = (series: readonly LiveSeries[] | undefined, reads: readonly LiveQuantity[]): readonly LiveSeries[] =>
  (series ?? []).filter(({ instrument }) => reads.every((read) => instrument.columns.some(({ quantity }) => quantity === read)));
