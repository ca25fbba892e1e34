import type { SectionJoint } from '@kesto/core/section';
import type { Frame } from './frame';

/** Half heights on paper of what the drawing is hung on. */
export function halves(joint: SectionJoint, { scale }: Pick<Frame, 'scale'>) {
  return { male: (joint.male.od / 2) * scale, female: (joint.female.bore / 2 + joint.female.wall) * scale };
}

export const DIMENSION_BELOW = 30;

export const collarHeight = (half: number) => Math.max(16, half * 0.42);

const LABEL_ROW = 18;

/** Parts hang in a row under the drawing: their handle, and their words below it, every other one a row lower. */
export function partRow(frame: Pick<Frame, 'height'>, index: number, count: number): { handleY: number; labelY: number } {
  const rows = count > 1 ? 2 : 1;
  return { handleY: frame.height - 18 - rows * LABEL_ROW - 8, labelY: frame.height - 6 - (index % rows) * LABEL_ROW };
}

export const inSight = (frame: Frame, x: number) => x >= 8 && x <= frame.width - 8;
