import type { CircuitSide } from '@kesto/core/vocabulary';
import type { Point } from '@kesto/core';
import { Path } from 'react-native-svg';
import { useTokens } from '@/ui/theme';

const OUTSIDE = 11;
const INSIDE = 6.5;

export const pathOf = (points: readonly Point[]): string => points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join(' ');

/** A tube: filled on the high side, empty on the low one; chosen, it wears a wide edge. */
export function Tube({ points, side, chosen }: { points: readonly Point[]; side: CircuitSide; chosen: boolean }) {
  const t = useTokens();
  const d = pathOf(points);
  const line = { d, fill: 'none', strokeLinejoin: 'round' } as const;
  return (
    <>
      {chosen ? <Path {...line} stroke={t.copper} strokeWidth={OUTSIDE + 12} opacity={0.35} /> : null}
      <Path {...line} stroke={t.ink} strokeWidth={OUTSIDE} />
      <Path {...line} stroke={t.paper} strokeWidth={INSIDE + 1} />
      {side === 'high' ? <Path {...line} stroke={t.metals.copper.fill} strokeWidth={INSIDE} /> : null}
    </>
  );
}
