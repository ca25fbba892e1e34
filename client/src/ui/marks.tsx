import type { Verdict } from '@kesto/core';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from './theme';

interface MarkProps {
  readonly size?: number;
  readonly color?: string;
}

/** Marks are always beside the word that says the same, so they are hidden from the accessibility tree. */
const silent = { 'aria-hidden': true, focusable: false } as const;

export function Tick({ size = 24, color }: MarkProps) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" {...silent}>
      <Path d="M3 13 L9 19 L21 5" fill="none" stroke={color ?? t.teal} strokeWidth={4} />
    </Svg>
  );
}

export function Cross({ size = 24, color }: MarkProps) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" {...silent}>
      <Path d="M4 4 L20 20 M20 4 L4 20" fill="none" stroke={color ?? t.red} strokeWidth={4} />
    </Svg>
  );
}

export function UpArrow({ size = 18, color }: MarkProps) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 18 18" {...silent}>
      <Path d="M9 16 V3 M4 8 L9 3 L14 8" fill="none" stroke={color ?? t.ink} strokeWidth={2} />
    </Svg>
  );
}

export function SentBackMark({ size = 28 }: MarkProps) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 28 28" {...silent}>
      <Rect x={1.5} y={1.5} width={25} height={25} fill="none" stroke={t.red} strokeWidth={2} />
      <Path d="M8 7 H19 V14 H8 M12 10 L8 14 L12 18 M8 21 H20" fill="none" stroke={t.red} strokeWidth={2.5} />
    </Svg>
  );
}

/** Box of a verdict: filled with a tick, open with a tick, dashed with a bar, struck through. */
export function VerdictMark({ verdict, size = 22 }: { verdict: Verdict; size?: number }) {
  const t = useTokens();
  const color = verdict === 'forbidden' ? t.red : verdict === 'avoid' ? t.amber : t.ink;
  return (
    <Svg width={size} height={size} viewBox="0 0 22 22" {...silent}>
      <Rect
        x={1.5}
        y={1.5}
        width={19}
        height={19}
        rx={3}
        fill={verdict === 'best' ? t.ink : 'none'}
        stroke={color}
        strokeWidth={2}
        {...(verdict === 'avoid' ? { strokeDasharray: '4 2.5' } : {})}
      />
      {verdict === 'best' || verdict === 'allowed' ? (
        <Path d="M6 11 L10 15 L16.5 7" fill="none" stroke={verdict === 'best' ? t.paper : t.ink} strokeWidth={2.4} />
      ) : null}
      {verdict === 'avoid' ? <Line x1={6} y1={11} x2={16} y2={11} stroke={color} strokeWidth={2.4} /> : null}
      {verdict === 'forbidden' ? <Line x1={4} y1={18} x2={18} y2={4} stroke={color} strokeWidth={2.4} /> : null}
    </Svg>
  );
}

export function Dot({ size = 12, color, open = false }: MarkProps & { open?: boolean }) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 12 12" {...silent}>
      <Circle cx={6} cy={6} r={4.5} fill={open ? 'none' : (color ?? t.copper)} stroke={color ?? t.copper} strokeWidth={2} />
    </Svg>
  );
}
