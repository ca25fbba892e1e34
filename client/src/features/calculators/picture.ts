import type { LinePicture } from '@/chart/LineChart';
import type { JointPlan, PurgePlan, Reading } from '@kesto/core';

/** What a sum is drawn as. */
export type Picture =
  | { readonly kind: 'joint'; readonly plan: JointPlan }
  | { readonly kind: 'ring'; readonly outsideM: number; readonly wallM: number; readonly metal: JointPlan['joint']['male']['metal'] }
  | { readonly kind: 'oxygen'; readonly purge: PurgePlan }
  | { readonly kind: 'cylinder'; readonly leftPercent: number }
  | LinePicture;

/** A formatted reading as a number again: the axis is drawn in what the person reads. */
export const numberOf = (reading: Reading) => Number(reading.value.replace('\u2212', '-'));
