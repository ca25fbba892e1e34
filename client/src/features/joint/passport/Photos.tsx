import type { JointEntry } from '@kesto/core';
import { Image, StyleSheet, View } from 'react-native';
import { addressOf } from '@/api/call';
import { MarkRing, type PhotoMark } from '@/features/photos';
import { useTokens } from '@/ui/theme';
import { WORDS } from './words';

const SIZE = { width: 150, height: 112 } as const;

interface Shown {
  readonly sha256: string;
  readonly mark: PhotoMark | null;
}

/** Every photo of a record once, with the mark that was put on it. */
export function photosOf(entries: readonly JointEntry[]): readonly Shown[] {
  const shown = new Map<string, Shown>();
  for (const { photos, values } of entries) {
    const marks = Array.isArray(values['marks']) ? (values['marks'] as readonly PhotoMark[]) : []; // cast: the schema of a look
    for (const [i, { sha256 }] of photos.entries()) {
      const mark = marks.find(({ photo }) => photo === i + 1) ?? shown.get(sha256)?.mark ?? null;
      shown.set(sha256, { sha256, mark });
    }
  }
  return [...shown.values()];
}

/** What was photographed at the joint. */
export function Photos({ photos }: { photos: readonly Shown[] }) {
  const t = useTokens();
  return (
    <View style={styles.row}>
      {photos.map(({ sha256, mark }, i) => (
        <View key={sha256}>
          <Image
            source={{ uri: addressOf('getPhoto', { sha256 }) }}
            role="img"
            aria-label={WORDS.photo(i + 1, photos.length)}
            style={[SIZE, styles.photo, { borderColor: t.rule }]}
          />
          {mark ? <MarkRing mark={mark} size={SIZE} /> : null}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: 10, flexWrap: 'wrap' }, photo: { borderWidth: 1 } });
