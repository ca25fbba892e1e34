import type { SectionJoint } from '@kesto/core/section';
import type { Frame } from '@/drawing/joint/frame';
import { collarHeight, DIMENSION_BELOW, halves, inSight, partRow } from '@/drawing/joint/places';
import type { PlacedGrip } from './moves';

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
