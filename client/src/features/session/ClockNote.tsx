import { clockAheadText, CLOCK_TOLERANCE_MS } from '@kesto/contract/wording/clock';
import { View } from 'react-native';
import { useSelector } from 'react-redux';
import type { RootState } from '@/store/store';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Says that this device's clock is not the server's: entries keep both times, and nothing is refused for it. */
export function ClockNote() {
  const t = useTokens();
  const ahead = useSelector((state: RootState) => state.session.clockAheadMs);
  if (ahead === null || Math.abs(ahead) <= CLOCK_TOLERANCE_MS) return null;
  return (
    <View role="status" style={{ backgroundColor: t.amberWash, paddingHorizontal: 16, paddingVertical: 6 }}>
      <Words size={15} tone="amber">
        {WORDS.clock(clockAheadText(ahead))}
      </Words>
    </View>
  );
}
