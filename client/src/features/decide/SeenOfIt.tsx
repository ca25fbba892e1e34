import { COMPRESSOR_KINDS, type CompressorKind } from '@kesto/core';
import { COMPRESSOR_KIND_WORDS } from '@kesto/contract/wording';
import { StyleSheet, View } from 'react-native';
import { CheckRow } from '@/ui/CheckRow';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import type { Seen } from './useIsolation';
import { WORDS } from './words';

const TICKED = {
  runs: 'the compressor runs',
  airInside: 'air or nitrogen is inside',
  jointOpen: 'a joint is open already',
} as const;
type Ticked = keyof typeof TICKED;

type Leak = 'unknown' | 'none' | 'leaks';
const LEAKS: readonly { readonly value: Leak; readonly label: string }[] = [
  { value: 'unknown', label: 'nobody looked' },
  { value: 'none', label: 'looked: none' },
  { value: 'leaks', label: 'it leaks' },
];
const leakOf = ({ lowSideLeak }: Seen): Leak => (lowSideLeak === undefined ? 'unknown' : lowSideLeak ? 'leaks' : 'none');

function withLeak({ lowSideLeak: _before, ...seen }: Seen, leak: Leak): Seen {
  return leak === 'unknown' ? seen : { ...seen, lowSideLeak: leak === 'leaks' };
}

interface SeenOfItProps {
  readonly seen: Seen;
  readonly onChange: (seen: Seen) => void;
  /** Keeps another way, or another weight; null until there is one at all. The advised one is kept by the pill. */
  readonly onOther: (() => void) | null;
}

/** What decides how the work is got at and no drawing can know. */
export function SeenOfIt({ seen, onChange, onOther }: SeenOfItProps) {
  const keys = Object.keys(TICKED) as Ticked[]; // cast: the keys of this very object
  return (
    <View style={styles.all}>
      <View style={styles.ticks}>
        {keys.map((key) => (
          <CheckRow key={key} label={TICKED[key]} checked={seen[key]} onChange={(checked) => onChange({ ...seen, [key]: checked })} />
        ))}
      </View>
      <View style={styles.asked}>
        <Words size={15}>{WORDS.aLeakOnTheLow}</Words>
        <Choice label={WORDS.aLeakOnThe} value={leakOf(seen)} options={LEAKS} onChange={(leak) => onChange(withLeak(seen, leak))} />
      </View>
      {seen.runs ? (
        <View style={styles.asked}>
          <Words size={15}>{WORDS.itsCompressor}</Words>
          <Choice<CompressorKind>
            label={WORDS.itsCompressor}
            value={seen.compressorKind ?? 'unknown'}
            options={COMPRESSOR_KINDS.map((value) => ({ value, label: COMPRESSOR_KIND_WORDS[value] }))}
            onChange={(compressorKind) => onChange({ ...seen, compressorKind })}
          />
        </View>
      ) : null}
      {onOther ? <FrameKey label={WORDS.otherWay} onPress={onOther} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 10, alignItems: 'flex-start' },
  ticks: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 18 },
  asked: { gap: 4 },
});
