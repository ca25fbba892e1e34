import { Image, StyleSheet, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { PointAt } from '@/ui/PointAt';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { MarkRing, type PhotoMark } from './MarkRing';
import type { usePhotos } from './usePhotos';
import { WORDS } from './words';

type Photos = ReturnType<typeof usePhotos>;

interface Marks {
  readonly all: readonly PhotoMark[];
  readonly onMark: (mark: PhotoMark) => void;
}

interface PhotoStripProps {
  readonly photos: Photos;
  /** Where what is meant is marked on each by a touch. */
  readonly marks?: Marks | undefined;
}

/** Photos of an entry, and the key that adds one. */
export function PhotoStrip({ photos, marks }: PhotoStripProps) {
  return (
    <View style={styles.part}>
      <View style={styles.row}>
        {photos.photos.map(({ sha256, uri }, i) => (
          <Photo key={sha256} uri={uri} place={i + 1} marks={marks} />
        ))}
      </View>
      {marks && photos.photos.length > 0 ? (
        <Words size={14} tone="ink2">
          {WORDS.touchAPhoto}
        </Words>
      ) : null}
      <FrameKey
        label={photos.busy ? WORDS.keepingThePhoto : WORDS.addAPhoto}
        disabled={photos.busy}
        onPress={() => void photos.add()}
        testID="add-photo"
      />
      {photos.problem ? (
        <Words size={15} tone="red" role="alert">
          {photos.problem}
        </Words>
      ) : null}
    </View>
  );
}

const SMALL = { width: 104, height: 78 } as const;
/** Large enough to be pointed at. */
const LARGE = { width: 240, height: 180 } as const;

function Photo({ uri, place, marks }: { uri: string; place: number; marks: Marks | undefined }) {
  const t = useTokens();
  const size = marks ? LARGE : SMALL;
  const image = <Image source={{ uri }} role="img" aria-label={WORDS.photo(place)} style={[styles.photo, size, { borderColor: t.rule }]} />;
  if (!marks) return image;
  const mark = marks.all.find(({ photo }) => photo === place);
  return (
    <PointAt
      says={mark ? WORDS.photoMarkedMarkIt(place) : WORDS.markPhoto(place)}
      size={size}
      onPoint={(x, y) => marks.onMark({ photo: place, x, y })}
    >
      {image}
      {mark ? <MarkRing mark={mark} size={size} /> : null}
    </PointAt>
  );
}

const styles = StyleSheet.create({
  part: { gap: 8 },
  row: { flexDirection: 'row', gap: 8, flexWrap: 'wrap' },
  photo: { borderWidth: 1 },
});
