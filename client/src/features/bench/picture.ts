import type { JointPlan, PurgePlan, Reading } from '@kesto/core';

export type PointXY = readonly [x: number, y: number];

/** A curve over one axis, in the person's own units. */
export interface LinePicture {
  readonly kind: 'line';
  readonly title: string;
  readonly x: { readonly unit: string };
  readonly y: { readonly unit: string };
  readonly lines: readonly { readonly name: string; readonly points: readonly PointXY[] }[];
  readonly marks: readonly { readonly at: PointXY; readonly text: string }[];
}

/** What a sum is drawn as. */
export type Picture =
  | { readonly kind: 'joint'; readonly plan: JointPlan }
  | { readonly kind: 'ring'; readonly outsideM: number; readonly wallM: number; readonly metal: JointPlan['joint']['male']['metal'] }
  | { readonly kind: 'oxygen'; readonly purge: PurgePlan }
  | { readonly kind: 'cylinder'; readonly leftPercent: number }
  | LinePicture;

/** A formatted reading as a number again: the axis is drawn in what the person reads. */
export const numberOf = (reading: Reading) => Number(reading.value.replace('\u2212', '-'));
