import Svg, { Circle, Path } from 'react-native-svg';
import { useTokens } from './theme';

/** How a point of a list stands; its word is beside it. */
export type RingState = 'open' | 'done' | 'locks' | 'running';

/** A point answered is filled with a tick, open is a ring, one that locks is red, one that runs is a clock. */
export function Ring({ state, share = 0, size = 30 }: { state: RingState; share?: number; size?: number }) {
  const t = useTokens();
  const edge = state === 'locks' ? t.red : state === 'open' ? t.ink2 : state === 'running' ? t.amber : t.teal;
  const angle = 2 * Math.PI * Math.min(Math.max(share, 0.001), 0.999);
  const [x, y] = [15 + 11 * Math.sin(angle), 15 - 11 * Math.cos(angle)];
  return (
    <Svg width={size} height={size} viewBox="0 0 30 30" aria-hidden>
      <Circle
        cx={15}
        cy={15}
        r={13}
        fill={state === 'done' ? t.teal : 'none'}
        stroke={edge}
        strokeWidth={2.5}
        {...(state === 'open' ? { strokeDasharray: '4 3' } : {})}
      />
      {state === 'done' ? <Path d="M8 15 l5 5 l9 -10" fill="none" stroke={t.paper} strokeWidth={3} /> : null}
      {state === 'running' ? <Path d={`M15 15 V4 A11 11 0 ${share > 0.5 ? 1 : 0} 1 ${x} ${y} Z`} fill={t.amber} /> : null}
    </Svg>
  );
}
