import type { MetalName } from '@kesto/core';
import { Defs, Line, Pattern, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import type { Tokens } from '@/ui/tokens';

type Ink = keyof Tokens['metals'];

const INK: Readonly<Record<MetalName, Ink>> = {
  copper: 'copper',
  'copper-iron': 'copper',
  brass: 'brass',
  bronze: 'brass',
  'aluminium-bronze': 'brass',
  'copper-nickel': 'copper',
  'carbon-steel': 'steel',
  'copper-plated-steel': 'steel',
  'galvanised-steel': 'steel',
  'stainless-steel': 'steel',
  'nickel-alloy': 'steel',
  aluminium: 'aluminium',
};

/** Hatching tells metals apart without colour: one slope for copper, the other for brass, crossed for bronze, double for steel. */
function strokes(metal: MetalName): readonly (readonly [number, number, number, number])[] {
  if (metal === 'bronze' || metal === 'aluminium-bronze') return [[0, 4, 8, 4], [4, 0, 4, 8]]; // prettier-ignore
  if (metal === 'brass') return [[0, 0, 8, 8]];
  if (INK[metal] === 'steel') return [[0, 8, 8, 0], [2, 8, 10, 0]]; // prettier-ignore
  if (metal === 'aluminium') return [[4, 0, 4, 8]];
  return [[0, 8, 8, 0]];
}

export function MetalPattern({ id, metal }: { id: string; metal: MetalName }) {
  const t = useTokens();
  const { fill, hatch } = t.metals[INK[metal]];
  return (
    <Defs>
      <Pattern id={id} patternUnits="userSpaceOnUse" width={8} height={8}>
        <Rect width={8} height={8} fill={fill} />
        {strokes(metal).map(([x1, y1, x2, y2]) => (
          <Line key={`${x1}${y1}${x2}`} x1={x1} y1={y1} x2={x2} y2={y2} stroke={hatch} strokeWidth={1.2} />
        ))}
      </Pattern>
    </Defs>
  );
}

export const METAL_WORDS: Readonly<Record<MetalName, string>> = {
  copper: 'copper',
  'copper-iron': 'copper-iron',
  brass: 'brass',
  bronze: 'bronze',
  'aluminium-bronze': 'aluminium bronze',
  'copper-nickel': 'copper-nickel',
  'carbon-steel': 'steel',
  'copper-plated-steel': 'plated steel',
  'galvanised-steel': 'galvanised',
  'stainless-steel': 'stainless',
  'nickel-alloy': 'nickel alloy',
  aluminium: 'aluminium',
};
