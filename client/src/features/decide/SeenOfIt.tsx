import { View } from 'react-native';
import { CheckRow } from '@/ui/CheckRow';
import { FrameKey } from '@/ui/Buttons';
import type { Seen } from './useIsolation';

const QUESTIONS: Readonly<Record<keyof Seen, string>> = {
  runs: 'the compressor runs',
  lowSideLeak: 'the low side leaks and could draw air',
  airInside: 'air or nitrogen is inside',
  jointOpen: 'a joint is open already',
};

interface SeenOfItProps {
  readonly seen: Seen;
  readonly onChange: (seen: Seen) => void;
  /** Null until a way was kept: the first is kept by the pill. */
  readonly onKeep: (() => void) | null;
}

/** What decides how the work is got at and no drawing can know. */
export function SeenOfIt({ seen, onChange, onKeep }: SeenOfItProps) {
  const keys = Object.keys(QUESTIONS) as (keyof Seen)[]; // cast: the keys of this very object
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 18 }}>
      {keys.map((key) => (
        <CheckRow key={key} label={QUESTIONS[key]} checked={seen[key]} onChange={(checked) => onChange({ ...seen, [key]: checked })} />
      ))}
      {onKeep ? <FrameKey label="Keep it anew" onPress={onKeep} /> : null}
    </View>
  );
}
