import { viewOf, type SectionJoint, type View } from '@kesto/core/section';

/** `thumb`: shape alone; `cover`: shape and gas; `sizes`: shape and sizes; `around`: sizes and what is near; `plan`: everything; `chart`: everything, a curve below; `made`: what was measured, over a rule. */
export type Detail = 'thumb' | 'cover' | 'sizes' | 'around' | 'plan' | 'chart' | 'made';

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
  around: [30, 50],
  plan: [84, 44],
  chart: [60, 30],
  made: [34, 64],
};

/** A tube drawn thinner than this hangs lower, clear of the glass and of what stands beside it. */
const CLEAR_OF_GLASS: Readonly<Record<Detail, number>> = { thumb: 0, cover: 0, sizes: 0, around: 0, plan: 22, chart: 46, made: 0 };

/** On narrow paper what was measured stands under its line, not beside it. */
const NARROW = 500;
const UNDER_IT = 26;

function tallest(detail: Detail, width: number): number {
  if (detail === 'thumb') return 64;
  if (width <= NARROW) return 150;
  return detail === 'chart' || detail === 'made' ? 164 : 230;
}

/** What stands near, in signed millimetres along the axis: out along the tube is negative. */
export type Places = readonly number[];

/** Parts, and edges of wraps, further off than this are only pointed at where the joint itself is what counts. */
const REACH_MM: Readonly<Record<Detail, number>> = { thumb: 0, cover: 0, sizes: 0, around: Infinity, plan: 120, chart: 150, made: 100 };
/** Room beside the outermost part for its handle and its words. */
const BESIDE = 1.14;
/** Left of the mouth stand the magnified gap and the rod: this much room for each millimetre on the right. */
const LEFT_TO_RIGHT = 0.72;
/** The row of handles under a drawing with parts near it. */
const HANDLE_ROW = 44;

function viewWith(joint: SectionJoint, detail: Detail, places: Places): View {
  const view = viewOf(joint);
  const shown = places.filter((mm) => Math.abs(mm) <= REACH_MM[detail]).map((mm) => mm * BESIDE);
  const right = Math.max(view.right, ...shown);
  const room = shown.length > 0 && detail !== 'around' ? -right * LEFT_TO_RIGHT : 0;
  return { ...view, left: Math.min(view.left, room, ...shown), right };
}

export function frameOf(joint: SectionJoint, width: number, detail: Detail, places: Places = []): Frame {
  const view = viewWith(joint, detail, places);
  const [top, margin] = MARGINS[detail];
  const bottom =
    margin +
    (detail === 'made' && width <= NARROW ? UNDER_IT : 0) +
    (places.length === 0 || detail === 'made' ? 0 : places.length === 1 ? HANDLE_ROW : HANDLE_ROW + 18);
  const scale = Math.min(width / (view.right - view.left), tallest(detail, width) / (2 * view.half));
  const left = (width - (view.right - view.left) * scale) / 2;
  const axis = top + Math.max(view.half * scale, CLEAR_OF_GLASS[detail]);
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
