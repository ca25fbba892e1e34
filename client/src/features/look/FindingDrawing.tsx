import type { LookFinding } from '@kesto/core';
import type { ReactNode } from 'react';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';

/** The flaw in a small section through tube and cup. */
export function FindingDrawing({ finding }: { finding: LookFinding }) {
  const t = useTokens();
  const filler = t.metals.filler.fill;
  const fillet = <Path d="M26 30 Q38 28 40 12 V30 Z" fill={filler} stroke={t.ink} strokeWidth={1} />;
  const marks: Readonly<Record<LookFinding, ReactNode>> = {
    'ring-not-closed': <Path d="M22 16 L34 26 M28 26 H34 V20" stroke={t.red} strokeWidth={2} fill="none" />,
    sunk: <Path d="M40 27 H64" stroke={t.red} strokeWidth={3} />,
    pinhole: (
      <G>
        {fillet}
        <Circle cx={36} cy={24} r={3} fill={t.paper} stroke={t.red} strokeWidth={2} />
      </G>
    ),
    balled: <Circle cx={32} cy={22} r={8} fill={filler} stroke={t.ink} strokeWidth={1} />,
    'flux-left': (
      <G>
        {fillet}
        {[
          [20, 22],
          [27, 16],
          [32, 10],
          [22, 12],
        ].map(([x, y]) => (
          <Circle key={x} cx={x} cy={y} r={3} fill={t.paper} stroke={t.ink} strokeWidth={1} />
        ))}
      </G>
    ),
    'not-fully-home': (
      <G>
        {fillet}
        <Path d="M58 30 V40" stroke={t.red} strokeWidth={3} />
        <Rect x={56} y={31} width={12} height={9} fill={t.paper} />
      </G>
    ),
    crack: (
      <G>
        {fillet}
        <Path d="M28 12 L34 18 L31 22 L38 27 L36 34" stroke={t.red} strokeWidth={2} fill="none" />
      </G>
    ),
    'base-metal-melted': <Path d="M26 30 Q36 26 38 8 Q50 0 72 2 V10 H40 V30 Z" fill={t.redWash} stroke={t.red} strokeWidth={1.6} />,
    blown: (
      <G>
        <Path d="M24 30 Q30 10 37 20 Q40 6 46 14 V30 Z" fill={filler} stroke={t.ink} strokeWidth={1} />
        <Path d="M34 12 L30 2 M40 10 V1 M46 12 L51 3" stroke={t.red} strokeWidth={2} />
      </G>
    ),
    'flux-stuck': (
      <G>
        {fillet}
        <Path d="M14 30 Q20 12 34 8 L40 4 V14 Q28 18 24 30 Z" fill={t.paper} stroke={t.red} strokeWidth={1.6} />
      </G>
    ),
    'phosphorus-on-iron': (
      <G>
        <Rect x={40} y={4} width={32} height={24} fill={t.metals.steel.fill} stroke={t.ink} strokeWidth={1} />
        {fillet}
        <Path d="M40 12 V28" stroke={t.red} strokeWidth={3} />
      </G>
    ),
  };
  return (
    <Svg width="100%" height={44} viewBox="0 0 72 44" aria-hidden>
      <Rect x={0} y={31} width={72} height={13} fill={t.metals.copper.fill} stroke={t.ink} strokeWidth={1} />
      <Rect x={40} y={4} width={32} height={24} fill={t.metals.brass.fill} stroke={t.ink} strokeWidth={1} />
      {marks[finding]}
    </Svg>
  );
}
