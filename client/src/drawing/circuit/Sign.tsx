import type { CircuitPart } from '@kesto/core';
import { Circle, G, Line, Path, Polygon, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import type { Flow } from './place';
import { insideOf, type TubeFill } from './Tube';

const ANGLE: Readonly<Record<Flow, number>> = { right: 0, down: 90, left: 180, up: 270 };

/** Half the size of a sign's square, for what is drawn beside it. */
export const SIGN_HALF: Readonly<Partial<Record<CircuitPart['kind'], number>>> = {
  compressor: 26,
  condenser: 56,
  evaporator: 56,
  receiver: 30,
  accumulator: 30,
  'reversing-valve': 22,
};
export const signHalf = (kind: CircuitPart['kind']): number => SIGN_HALF[kind] ?? 16;

/** Signs are drawn as the flow goes to the right, then turned. */
interface SignProps {
  readonly part: CircuitPart;
  readonly flow: Flow;
  readonly chosen?: boolean;
  /** Coils and vessels are filled as the tubes of their side are. */
  readonly fill?: TubeFill;
}

export function Sign({ part, flow, chosen = false, fill = 'low' }: SignProps) {
  const t = useTokens();
  const pen = { stroke: t.ink, strokeWidth: 2, fill: t.paper } as const;
  const half = signHalf(part.kind);
  return (
    <G>
      {chosen ? <Circle r={half + 9} fill={t.copper} opacity={0.25} /> : null}
      <G rotation={ANGLE[flow]}>
        <Shape part={part} pen={pen} ink={t.ink} inside={insideOf(fill, t) ?? t.paper} />
      </G>
      {part.kind === 'valve' ? <ValveState part={part} /> : null}
    </G>
  );
}

interface Pen {
  readonly stroke: string;
  readonly strokeWidth: number;
  readonly fill: string;
}

function Shape({ part, pen, ink, inside }: { part: CircuitPart; pen: Pen; ink: string; inside: string }) {
  switch (part.kind) {
    case 'compressor':
      return (
        <G>
          <Circle r={26} {...pen} />
          <Path d="M-13 11 L0 -13 L13 11" {...pen} fill="none" />
        </G>
      );
    case 'condenser':
    case 'evaporator':
      return <Coil pen={pen} inside={inside} />;
    case 'receiver':
    case 'accumulator':
      return (
        <G>
          <Rect x={-30} y={-15} width={60} height={30} rx={15} {...pen} fill={inside} />
          {part.kind === 'receiver' ? (
            <Line x1={-26} y1={5} x2={26} y2={5} stroke={ink} strokeWidth={1.5} />
          ) : (
            <Path d="M-14 15 V-2 a7 7 0 0 1 14 0 V15" {...pen} fill="none" />
          )}
        </G>
      );
    case 'valve':
      return <Polygon points="-14,-10 14,10 14,-10 -14,10" {...pen} fill={part.open === false ? ink : pen.fill} />;
    case 'expansion-valve':
      return (
        <G>
          <Polygon points="-14,-10 14,10 14,-10 -14,10" {...pen} />
          <Path d="M0 0 V-16 M-8 -16 h16" {...pen} fill="none" />
        </G>
      );
    case 'solenoid':
      return (
        <G>
          <Polygon points="-14,-10 14,10 14,-10 -14,10" {...pen} />
          <Line x1={0} y1={0} x2={0} y2={-12} stroke={ink} strokeWidth={2} />
          <Rect x={-8} y={-24} width={16} height={12} {...pen} />
        </G>
      );
    case 'check-valve':
      return (
        <G>
          <Polygon points="-12,-11 10,0 -12,11" {...pen} />
          <Line x1={11} y1={-11} x2={11} y2={11} stroke={ink} strokeWidth={2.5} />
        </G>
      );
    case 'drier':
      return (
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
      );
    case 'sight-glass':
      return (
        <G>
          <Circle r={12} {...pen} />
          <Circle r={5} {...pen} />
        </G>
      );
    case 'capillary':
      return (
        <G>
          <Rect x={-20} y={-8} width={40} height={16} fill={pen.fill} />
          <Path d="M-20 0 q5 -16 10 0 t10 0 t10 0 t10 0" {...pen} fill="none" />
        </G>
      );
    case 'distributor':
      return <Polygon points="-10,0 12,-14 12,14" {...pen} />;
    case 'reversing-valve':
      return (
        <G>
          <Rect x={-22} y={-20} width={44} height={40} rx={4} {...pen} />
          <Path d="M-12 10 a12 14 0 0 1 24 0" {...pen} fill="none" />
        </G>
      );
    case 'port':
      return (
        <G>
          <Circle r={13} {...pen} strokeDasharray={part.core === 'out' ? '4 3' : undefined} />
          <Line x1={0} y1={0} x2={6} y2={-7} stroke={ink} strokeWidth={2} />
        </G>
      );
    case 'switch':
      return (
        <G>
          <Rect x={-13} y={-11} width={26} height={22} {...pen} />
          <Path d="M-8 4 L6 -5 M6 4 h3" stroke={ink} strokeWidth={2} />
        </G>
      );
    case 'transducer':
      return (
        <G>
          <Circle r={12} {...pen} />
          <Path d="M-6 4 l4 -8 4 8 4 -8" {...pen} fill="none" strokeWidth={1.6} />
        </G>
      );
    case 'relief-valve':
      return (
        <G>
          <Polygon points="-12,-9 8,0 -12,9" {...pen} />
          <Path d="M8 -9 V9 M0 -4 V-20 M-5 -17 l10 -3 M-5 -12 l10 -3" {...pen} fill="none" />
        </G>
      );
    case 'fusible-plug':
      return (
        <G>
          <Rect x={-9} y={-11} width={18} height={22} rx={2} {...pen} />
          <Rect x={-4} y={-11} width={8} height={22} fill={ink} />
        </G>
      );
    case 'vibration-absorber':
      return (
        <G>
          <Rect x={-18} y={-8} width={36} height={16} {...pen} />
          <Path d="M-12 -8 l6 16 M-4 -8 l6 16 M4 -8 l6 16 M12 -8 l-6 16 M4 -8 l-6 16 M-4 -8 l-6 16" stroke={ink} strokeWidth={1} />
        </G>
      );
    case 'muffler':
      return (
        <G>
          <Rect x={-20} y={-11} width={40} height={22} rx={4} {...pen} />
          <Path d="M-7 -11 V4 M7 11 V-4" stroke={ink} strokeWidth={1.6} />
        </G>
      );
    case 'oil-separator':
      return (
        <G>
          <Rect x={-15} y={-22} width={30} height={44} rx={14} {...pen} />
          <Path d="M-15 8 H15 M0 -10 q-5 7 0 9 q5 -2 0 -9" {...pen} fill="none" strokeWidth={1.6} />
        </G>
      );
    case 'heat-exchanger':
      return (
        <G>
          <Rect x={-18} y={-18} width={36} height={36} {...pen} />
          <Path d="M-18 18 L18 -18" stroke={ink} strokeWidth={2} />
        </G>
      );
    case 'pump':
      return (
        <G>
          <Circle r={15} {...pen} />
          <Path d="M-7 -11 L13 0 L-7 11" {...pen} fill="none" />
        </G>
      );
    case 'filter-shell':
      return (
        <G>
          <Rect x={-18} y={-11} width={36} height={22} rx={3} {...pen} />
          <Path d="M18 -14 V14 M-8 -11 V11 M0 -11 V11 M8 -11 V11" stroke={ink} strokeWidth={1.4} />
        </G>
      );
    case 'tube':
    case 'fitting':
      return <Circle r={7} {...pen} fill={ink} />;
  }
}

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

/** Whether a valve really shuts: a tick, a cross, or nothing where nobody knows. */
function ValveState({ part }: { part: CircuitPart }) {
  const t = useTokens();
  if (part.closes === undefined) return null;
  const d = part.closes ? 'M-27 -19 l4 5 7 -10' : 'M-28 -24 l10 10 M-18 -24 l-10 10';
  return <Path d={d} stroke={part.closes ? t.teal : t.red} strokeWidth={3} fill="none" />;
}
