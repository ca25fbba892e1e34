import type { CircuitKind, CircuitPart } from '@kesto/core';
import type { ReactElement } from 'react';
import { Circle, G, Line, Path, Polygon, Rect } from 'react-native-svg';

interface Pen {
  readonly stroke: string;
  readonly strokeWidth: number;
  readonly fill: string;
}

interface Ground {
  readonly part: CircuitPart;
  readonly pen: Pen;
  readonly ink: string;
  /** What it is filled with. */
  readonly inside: string;
}
type Drawn = (on: Ground) => ReactElement;

/** Five bends, fed at one end: the frame of the coil stands across the flow. */
function Coil({ pen, inside }: { pen: Pen; inside: string }) {
  return (
    <G>
      <Rect x={-56} y={-40} width={112} height={80} rx={3} {...pen} strokeDasharray="6 5" strokeWidth={1.4} />
      <Path d="M-56 0 H-46 V-26 H-30 V26 H-14 V-26 H2 V26 H18 V-26 H34 V26 H46 V0 H56" {...pen} fill="none" strokeWidth={7} />
      <Path d="M-56 0 H-46 V-26 H-30 V26 H-14 V-26 H2 V26 H18 V-26 H34 V26 H46 V0 H56" stroke={inside} fill="none" strokeWidth={3.5} />
    </G>
  );
}

const coil: Drawn = ({ pen, inside }) => <Coil pen={pen} inside={inside} />;

const vessel: Drawn = ({ part, pen, ink, inside }) => (
  <G>
    <Rect x={-30} y={-15} width={60} height={30} rx={15} {...pen} fill={inside} />
    {part.kind === 'receiver' ? (
      <Line x1={-26} y1={5} x2={26} y2={5} stroke={ink} strokeWidth={1.5} />
    ) : (
      <Path d="M-14 15 V-2 a7 7 0 0 1 14 0 V15" {...pen} fill="none" />
    )}
  </G>
);

const dot: Drawn = ({ pen, ink }) => <Circle r={7} {...pen} fill={ink} />;

/** Each part's sign, as the flow goes to the right. */
export const SHAPES: Readonly<Record<CircuitKind, Drawn>> = {
  compressor: ({ pen }) => (
    <G>
      <Circle r={26} {...pen} />
      <Path d="M-13 11 L0 -13 L13 11" {...pen} fill="none" />
    </G>
  ),
  condenser: coil,
  evaporator: coil,
  receiver: vessel,
  accumulator: vessel,
  valve: ({ part, pen, ink }) => <Polygon points="-14,-10 14,10 14,-10 -14,10" {...pen} fill={part.open === false ? ink : pen.fill} />,
  'expansion-valve': ({ pen }) => (
    <G>
      <Polygon points="-14,-10 14,10 14,-10 -14,10" {...pen} />
      <Path d="M0 0 V-16 M-8 -16 h16" {...pen} fill="none" />
    </G>
  ),
  solenoid: ({ pen, ink }) => (
    <G>
      <Polygon points="-14,-10 14,10 14,-10 -14,10" {...pen} />
      <Line x1={0} y1={0} x2={0} y2={-12} stroke={ink} strokeWidth={2} />
      <Rect x={-8} y={-24} width={16} height={12} {...pen} />
    </G>
  ),
  'check-valve': ({ pen, ink }) => (
    <G>
      <Polygon points="-12,-11 10,0 -12,11" {...pen} />
      <Line x1={11} y1={-11} x2={11} y2={11} stroke={ink} strokeWidth={2.5} />
    </G>
  ),
  drier: ({ part, pen, ink }) => (
    <G>
      <Path d="M-20 0 L-13 -10 H13 L20 0 L13 10 H-13 Z" {...pen} />
      <Path d="M-8 -9 V9 M0 -9 V9 M8 -9 V9" stroke={ink} strokeWidth={1.2} />
      <Path
        d={part.twoWay ? 'M-11 -18 h22 m-4 -4 l4 4 -4 4 M-7 -22 l-4 4 4 4' : 'M10 -18 h10 m-4 -4 l4 4 -4 4'}
        {...pen}
        fill="none"
        strokeWidth={1.5}
      />
    </G>
  ),
  'sight-glass': ({ pen }) => (
    <G>
      <Circle r={12} {...pen} />
      <Circle r={5} {...pen} />
    </G>
  ),
  capillary: ({ pen }) => (
    <G>
      <Rect x={-20} y={-8} width={40} height={16} fill={pen.fill} />
      <Path d="M-20 0 q5 -16 10 0 t10 0 t10 0 t10 0" {...pen} fill="none" />
    </G>
  ),
  distributor: ({ pen }) => <Polygon points="-10,0 12,-14 12,14" {...pen} />,
  'reversing-valve': ({ pen }) => (
    <G>
      <Rect x={-22} y={-20} width={44} height={40} rx={4} {...pen} />
      <Path d="M-12 10 a12 14 0 0 1 24 0" {...pen} fill="none" />
    </G>
  ),
  port: ({ part, pen, ink }) => (
    <G>
      <Circle r={13} {...pen} strokeDasharray={part.core === 'out' ? '4 3' : undefined} />
      <Line x1={0} y1={0} x2={6} y2={-7} stroke={ink} strokeWidth={2} />
    </G>
  ),
  switch: ({ pen, ink }) => (
    <G>
      <Rect x={-13} y={-11} width={26} height={22} {...pen} />
      <Path d="M-8 4 L6 -5 M6 4 h3" stroke={ink} strokeWidth={2} />
    </G>
  ),
  transducer: ({ pen }) => (
    <G>
      <Circle r={12} {...pen} />
      <Path d="M-6 4 l4 -8 4 8 4 -8" {...pen} fill="none" strokeWidth={1.6} />
    </G>
  ),
  'relief-valve': ({ pen }) => (
    <G>
      <Polygon points="-12,-9 8,0 -12,9" {...pen} />
      <Path d="M8 -9 V9 M0 -4 V-20 M-5 -17 l10 -3 M-5 -12 l10 -3" {...pen} fill="none" />
    </G>
  ),
  'fusible-plug': ({ pen, ink }) => (
    <G>
      <Rect x={-9} y={-11} width={18} height={22} rx={2} {...pen} />
      <Rect x={-4} y={-11} width={8} height={22} fill={ink} />
    </G>
  ),
  'vibration-absorber': ({ pen, ink }) => (
    <G>
      <Rect x={-18} y={-8} width={36} height={16} {...pen} />
      <Path d="M-12 -8 l6 16 M-4 -8 l6 16 M4 -8 l6 16 M12 -8 l-6 16 M4 -8 l-6 16 M-4 -8 l-6 16" stroke={ink} strokeWidth={1} />
    </G>
  ),
  muffler: ({ pen, ink }) => (
    <G>
      <Rect x={-20} y={-11} width={40} height={22} rx={4} {...pen} />
      <Path d="M-7 -11 V4 M7 11 V-4" stroke={ink} strokeWidth={1.6} />
    </G>
  ),
  'oil-separator': ({ pen }) => (
    <G>
      <Rect x={-15} y={-22} width={30} height={44} rx={14} {...pen} />
      <Path d="M-15 8 H15 M0 -10 q-5 7 0 9 q5 -2 0 -9" {...pen} fill="none" strokeWidth={1.6} />
    </G>
  ),
  'heat-exchanger': ({ pen, ink }) => (
    <G>
      <Rect x={-18} y={-18} width={36} height={36} {...pen} />
      <Path d="M-18 18 L18 -18" stroke={ink} strokeWidth={2} />
    </G>
  ),
  pump: ({ pen }) => (
    <G>
      <Circle r={15} {...pen} />
      <Path d="M-7 -11 L13 0 L-7 11" {...pen} fill="none" />
    </G>
  ),
  'filter-shell': ({ pen, ink }) => (
    <G>
      <Rect x={-18} y={-11} width={36} height={22} rx={3} {...pen} />
      <Path d="M18 -14 V14 M-8 -11 V11 M0 -11 V11 M8 -11 V11" stroke={ink} strokeWidth={1.4} />
    </G>
  ),
  tube: dot,
  fitting: dot,
};
