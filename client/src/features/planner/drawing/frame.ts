import { viewOf, type SectionJoint, type View } from '@kesto/core/section';

/** `thumb`: shape alone; `cover`: shape and gas; `sizes`: shape and sizes; `plan`: everything; `chart`: everything, a curve below. */
export type Detail = 'thumb' | 'cover' | 'sizes' | 'plan' | 'chart';

/** Where millimetres lie on the paper; what stands under the drawing shares its x axis. */
export interface Frame {
  readonly width: number;
  readonly height: number;
  readonly scale: number;
  /** y of the tube's axis. */
  readonly axis: number;
  readonly toX: (mm: number) => number;
  readonly toMm: (x: number) => number;
  /** What is drawn: a drawing narrower than its frame runs on to both edges, for tube has no end there. */
  readonly shown: View;
}

const MARGINS: Readonly<Record<Detail, readonly [top: number, bottom: number]>> = {
  thumb: [3, 3],
  cover: [14, 14],
  sizes: [30, 50],
  plan: [84, 44],
  chart: [84, 44],
};

function tallest(detail: Detail, width: number): number {
  if (detail === 'thumb') return 64;
  if (width <= 500) return 150;
  return detail === 'chart' ? 164 : 230;
}

export function frameOf(joint: SectionJoint, width: number, detail: Detail): Frame {
  const view = viewOf(joint);
  const [top, bottom] = MARGINS[detail];
  const scale = Math.min(width / (view.right - view.left), tallest(detail, width) / (2 * view.half));
  const left = (width - (view.right - view.left) * scale) / 2;
  const axis = top + view.half * scale;
  return {
    width,
    height: axis + view.half * scale + bottom,
    scale,
    axis,
    toX: (mm) => left + (mm - view.left) * scale,
    toMm: (x) => (x - left) / scale + view.left,
    shown: { ...view, left: view.left - left / scale, right: view.right + left / scale },
  };
}
