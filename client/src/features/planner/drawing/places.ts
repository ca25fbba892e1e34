import type { SectionJoint } from '@kesto/core/section';
import type { PlacedGrip } from '../moves';
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

interface GripsOn {
  readonly joint: SectionJoint;
  readonly frame: Frame;
  readonly parts: number;
  /** A grip that is held stays at the edge it was dragged over. */
  readonly held: string | null;
}

/** Middle of a grip on paper; null where the drawing only points at its part. */
export function gripPlace({ grip, key, atMm }: PlacedGrip, { joint, frame, parts, held }: GripsOn): { x: number; y: number } | null {
  const drawnX = frame.toX(atMm);
  const half = halves(joint, frame);
  if (!inSight(frame, drawnX) && held !== key) return null;
  const x = Math.min(frame.width, Math.max(0, drawnX));
  switch (grip.kind) {
    case 'depth':
      return { x, y: frame.axis + half.female + DIMENSION_BELOW };
    case 'part':
      return { x, y: partRow(frame, grip.index, parts).handleY };
    case 'wrap': {
      const own = atMm < 0 ? half.male : half.female;
      return { x, y: frame.axis - own - collarHeight(own) / 2 };
    }
  }
}
