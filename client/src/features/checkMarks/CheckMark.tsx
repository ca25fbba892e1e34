import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { READINGS } from '@/ui/tokens';
import type { Check } from '@/data/stages/checks';

type Look = Pick<Check, 'number' | 'result' | 'signs'>;
const RAYS = Array.from({ length: 12 }, (_, i) => (i * Math.PI) / 6);

/** A place that was looked at: a ring with its number; a leak shines, a part looked at is a half ring, not reached is dashed, a sign wears a drop. */
export function CheckSign({ number, result, signs, r = 15 }: Look & { r?: number }) {
  const t = useTokens();
  const isLeak = result === 'leak';
  const isSign = !isLeak && signs.length > 0;
  const edge = isLeak ? t.red : isSign ? t.amber : t.ink;
  return (
    <G>
      {isLeak
        ? RAYS.map((a) => (
            <Path
              key={a}
              d={`M${Math.cos(a) * (r + 2)} ${Math.sin(a) * (r + 2)} L${Math.cos(a) * (r + 7)} ${Math.sin(a) * (r + 7)}`}
              stroke={t.red}
              strokeWidth={2}
            />
          ))
        : null}
      <Circle
        r={r}
        fill={isLeak ? t.red : t.paper}
        stroke={edge}
        strokeWidth={2}
        {...(result === 'not-reached' || result === null ? { strokeDasharray: '4 3' } : {})}
      />
      {result === 'in-part' ? <Path d={`M0 ${-r} A${r} ${r} 0 0 1 0 ${r}`} fill="none" stroke={edge} strokeWidth={5} /> : null}
      {isSign ? <Path d={`M${r} ${-r - 5} q5 8 0 9 q-5 -1 0 -9 z`} fill={t.amber} /> : null}
      <SvgText y={5} textAnchor="middle" fontFamily={READINGS} fontWeight="700" fontSize={15} fill={isLeak ? t.paper : edge}>
        {number}
      </SvgText>
    </G>
  );
}

/** The same beside a row. */
export function CheckMark(look: Look) {
  return (
    <Svg width={48} height={48} viewBox="-24 -24 48 48" aria-hidden>
      <CheckSign {...look} />
    </Svg>
  );
}
