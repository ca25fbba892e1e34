import type { CircuitPart } from '@kesto/core';
import { Circle, G, Path } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import type { Flow } from './place';
import { SHAPES } from './shapes';
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
      <G rotation={ANGLE[flow]}>{SHAPES[part.kind]({ part, pen, ink: t.ink, inside: insideOf(fill, t) ?? t.paper })}</G>
      {part.kind === 'valve' ? <ValveState part={part} /> : null}
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
