import { CIRCUIT_KIND_WORDS } from '@kesto/contract/wording';
import type { CircuitGraph, CircuitLayout, CircuitPart, LaidPart } from '@kesto/core';
import type { Placed } from './place';

/** Parts that are named on the drawing even where nobody gave them a name. */
const NAMED: readonly CircuitPart['kind'][] = ['compressor', 'condenser', 'evaporator', 'receiver', 'accumulator', 'reversing-valve'];
const BESIDE_COIL = 50;
const BELOW_COIL = 56;
/** The compressor stands at the edge of the sheet: its word begins above it. */
const BESIDE_COMPRESSOR = 30;
const BELOW: Readonly<Partial<Record<CircuitPart['kind'], number>>> = {
  compressor: 40,
  'reversing-valve': 36,
  receiver: 30,
  accumulator: 30,
};

interface Spot {
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** Where the words stand clear of the tubes: beside what stands, on the side towards the middle; above or below what lies. */
function spotOf({ kind, flow }: LaidPart, view: Placed, x: number): Spot {
  const turned = view.flow(flow);
  const stands = turned === 'up' || turned === 'down';
  const inward = x > view.width / 2 ? -1 : 1;
  const isCoil = kind === 'condenser' || kind === 'evaporator';
  if (isCoil && !stands) return { x: 0, y: BELOW_COIL, anchor: 'middle' };
  if (isCoil) return { x: inward * BESIDE_COIL, y: 0, anchor: inward > 0 ? 'start' : 'end' };
  if (kind === 'compressor' || kind === 'reversing-valve')
    return view.upright && kind === 'reversing-valve'
      ? { x: inward * 24, y: -56, anchor: inward > 0 ? 'start' : 'end' }
      : kind === 'compressor' && !view.upright
        ? { x: -BESIDE_COMPRESSOR, y: -(BELOW[kind] ?? 0), anchor: 'start' }
        : { x: 0, y: (view.upright ? 1 : -1) * (BELOW[kind] ?? 0), anchor: 'middle' };
  // What lies behind a reversing valve has the discharge on its outer side.
  const away = kind === 'accumulator' ? inward : -inward;
  return stands ? { x: away * 24, y: 0, anchor: away > 0 ? 'start' : 'end' } : { x: 0, y: BELOW[kind] ?? 28, anchor: 'middle' };
}

/** A name and where it stands, from its part. */
export interface Label extends Spot {
  readonly text: string;
}

/** Of letters 14 px high: how wide one is, and how high a line, about [px]. */
const LETTER = { width: 7.2, height: 16 } as const;

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

function boxOf({ x, y, anchor, text }: Label, at: { readonly x: number; readonly y: number }, scale: number): Box {
  const width = text.length * LETTER.width * scale;
  const left = at.x + x - (anchor === 'start' ? 0 : anchor === 'middle' ? width / 2 : width);
  const middle = at.y + y;
  return { left, right: left + width, top: middle - (LETTER.height * scale) / 2, bottom: middle + (LETTER.height * scale) / 2 };
}

const meet = (a: Box, b: Box) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

const nameOf = ({ name, kind }: CircuitPart) => name ?? (NAMED.includes(kind) ? CIRCUIT_KIND_WORDS[kind].replace(' coil', '') : '');

/** Names that stand clear of each other, by the part's id: on a small drawing one that would lie on another is left out. */
export function labelsOf(graph: CircuitGraph, layout: CircuitLayout, view: Placed, scale: number): ReadonlyMap<string, Label> {
  const rank = ({ kind }: LaidPart) => (NAMED.includes(kind) ? NAMED.indexOf(kind) : NAMED.length);
  const boxes: Box[] = [];
  const labels = new Map<string, Label>();
  for (const laid of [...layout.parts].sort((a, b) => rank(a) - rank(b))) {
    const part = graph.parts.find(({ id }) => id === laid.id);
    const text = part ? nameOf(part) : '';
    if (text === '') continue;
    const at = view.at(laid);
    const label = { ...spotOf(laid, view, at.x), text };
    const box = boxOf(label, at, scale);
    if (boxes.some((other) => meet(box, other))) continue;
    boxes.push(box);
    labels.set(laid.id, label);
  }
  return labels;
}
