import { CIRCUIT_KIND_WORDS } from '@kesto/contract/wording';
import type { CircuitPart, LaidPart } from '@kesto/core';
import { G } from 'react-native-svg';
import { Lettering } from './Lettering';
import type { Placed } from './place';
import { Sign } from './Sign';
import type { TubeFill } from './Tube';

interface PlacedSignProps {
  readonly laid: LaidPart;
  readonly part: CircuitPart;
  readonly view: Placed;
  readonly chosen: boolean;
  readonly fill: TubeFill;
}

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

interface Label {
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** Where the words stand clear of the tubes: beside what stands, on the side towards the middle; above or below what lies. */
function labelOf({ kind, flow }: LaidPart, view: Placed, x: number): Label {
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

export function PlacedSign({ laid, part, view, chosen, fill }: PlacedSignProps) {
  const at = view.at(laid);
  const text = part.name ?? (NAMED.includes(part.kind) ? CIRCUIT_KIND_WORDS[part.kind].replace(' coil', '') : '');
  return (
    <G x={at.x} y={at.y}>
      <Sign part={part} flow={view.flow(laid.flow)} chosen={chosen} fill={fill} />
      {text ? <Lettering {...labelOf(laid, view, at.x)} text={text} /> : null}
    </G>
  );
}
