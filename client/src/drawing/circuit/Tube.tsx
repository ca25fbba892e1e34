import type { CircuitSide } from '@kesto/core/vocabulary';
import type { Point } from '@kesto/core';
import { memo } from 'react';
import { Path } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import type { Tokens } from '@/ui/tokens';

const OUTSIDE = 11;
const INSIDE = 6.5;

export const pathOf = (points: readonly Point[]): string => points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join(' ');

/** By its side; or by what a valve shuts off: full of refrigerant, drawn empty, or opened to the air. */
export type TubeFill = CircuitSide | 'full' | 'emptied' | 'held' | 'tight';

/** What stands inside a tube or a vessel; null where it is drawn empty. */
export const insideOf = (fill: TubeFill, t: Tokens): string | null =>
  ({ high: t.metals.copper.fill, low: null, full: t.teal, emptied: null, held: t.teal, tight: t.metals.copper.fill })[fill];

/** A tube: filled on the high side, empty on the low one; chosen, it wears a wide edge. */
export const Tube = memo(function Tube({ points, fill, chosen }: { points: readonly Point[]; fill: TubeFill; chosen: boolean }) {
  const t = useTokens();
  const d = pathOf(points);
  const line = { d, fill: 'none', strokeLinejoin: 'round' } as const;
  const inside = insideOf(fill, t);
  return (
    <>
      {chosen ? <Path {...line} stroke={t.copper} strokeWidth={OUTSIDE + 12} opacity={0.35} /> : null}
      <Path {...line} stroke={t.ink} strokeWidth={OUTSIDE} />
      <Path {...line} stroke={t.paper} strokeWidth={INSIDE + 1} />
      {inside ? <Path {...line} stroke={inside} strokeWidth={INSIDE} {...(fill === 'held' ? { strokeDasharray: '12 7' } : {})} /> : null}
      {fill === 'emptied' ? <Path {...line} stroke={t.ink2} strokeWidth={2} strokeDasharray="2 9" /> : null}
    </>
  );
});
