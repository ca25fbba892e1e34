import type { CircuitLayout } from '@kesto/core';
import { Circle, G, Line, Path } from 'react-native-svg';
import { useTokens } from '@/ui/theme';
import { Lettering } from './Lettering';
import type { Placed } from './place';

const RADIUS = 30;
const BLADES = [0, 120, 240];
/** Ends of a fan's air short of its coil. */
const CLEAR = 60;

/** The fans of a drawing, each with its air to the coils it blows through. */
export function Fans({ layout, view }: { layout: CircuitLayout; view: Placed }) {
  const t = useTokens();
  return (
    <>
      {layout.fans.map((fan) => {
        const at = view.at(fan);
        return (
          <G key={fan.name}>
            {fan.coils.map(view.at).map((coil) => {
              const length = Math.hypot(coil.x - at.x, coil.y - at.y) || 1;
              const along = (distance: number) => ({
                x: at.x + ((coil.x - at.x) * distance) / length,
                y: at.y + ((coil.y - at.y) * distance) / length,
              });
              const [from, to] = [along(RADIUS + 6), along(Math.max(RADIUS + 6, length - CLEAR))];
              return (
                <Line
                  key={`${coil.x} ${coil.y}`}
                  {...{ x1: from.x, y1: from.y, x2: to.x, y2: to.y }}
                  stroke={t.ink2}
                  strokeWidth={2}
                  strokeDasharray="2 6"
                />
              );
            })}
            <Circle cx={at.x} cy={at.y} r={RADIUS} fill={t.paper} stroke={t.ink} strokeWidth={2} />
            {BLADES.map((angle) => (
              <G key={angle} x={at.x} y={at.y} rotation={angle}>
                <Path d="M0 0 C-12 -8 -12 -22 0 -25 C8 -20 8 -10 0 0 z" fill="none" stroke={t.ink} strokeWidth={2} />
              </G>
            ))}
            <Lettering x={at.x} y={at.y + RADIUS + 18} text={fan.name} />
          </G>
        );
      })}
    </>
  );
}
