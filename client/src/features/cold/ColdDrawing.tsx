import type { ColdMethod } from '@kesto/core';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';

/** What the finished joint looks like, in section: the mark at the edge, the cone under its nut, the round of the bend. */
export function ColdDrawing({ method }: { method: ColdMethod }) {
  const t = useTokens();
  const tube = { stroke: t.ink, strokeWidth: 2.5, fill: 'none' } as const;
  return (
    <Svg width="100%" height={110} viewBox="0 0 320 110" role="img" aria-label={`a joint that is ready: ${method}`}>
      {method === 'press' ? (
        <G>
          <Path d="M10 42 H205 M10 68 H205" {...tube} />
          <Path d="M120 36 H150 q6 -12 20 -12 q14 0 20 12 H310 M120 74 H150 q6 12 20 12 q14 0 20 -12 H310" {...tube} />
          <Rect x={163} y={28} width={14} height={10} rx={5} fill={t.copper} />
          <Rect x={163} y={72} width={14} height={10} rx={5} fill={t.copper} />
          <Line x1={117} y1={30} x2={117} y2={80} stroke={t.teal} strokeWidth={3} />
          <Path d="M156 100 V90 M184 100 V90 M150 12 h40" stroke={t.ink2} strokeWidth={1.5} />
        </G>
      ) : null}
      {method === 'flare' ? (
        <G>
          <Path d="M10 42 H150 L172 24 M10 68 H150 L172 86" {...tube} />
          <Path d="M120 22 H160 L182 12 H220 V36 H190 L168 52 V58 L190 74 H220 V98 H182 L160 88 H120 V68 M120 42 V22" {...tube} />
          <Path d="M168 46 L186 30 H310 M168 64 L186 80 H310" {...tube} />
          <Path d="M150 45 L170 29 M150 65 L170 81" stroke={t.copper} strokeWidth={3} />
        </G>
      ) : null}
      {method === 'bend' ? (
        <G>
          <Path d="M20 94 H130 Q200 94 200 40 V6 M20 68 H130 Q172 68 172 40 V6" {...tube} />
          <Path d="M130 68 m0 13 Q186 81 186 40" stroke={t.teal} strokeWidth={1.5} strokeDasharray="6 4" fill="none" />
          <Path d="M130 26 L168 62" stroke={t.ink2} strokeWidth={1.5} />
          <Rect x={126} y={22} width={8} height={8} fill={t.ink2} />
        </G>
      ) : null}
    </Svg>
  );
}
