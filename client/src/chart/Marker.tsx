import { Circle } from 'react-native-svg';
import { useTokens } from '@/ui/theme';

/** A point that was asked for, or at which something turns. */
export function Marker({ x, y, color }: { x: number; y: number; color: string }) {
  const t = useTokens();
  return <Circle cx={x} cy={y} r={6} fill={color} stroke={t.paper} strokeWidth={2} />;
}
