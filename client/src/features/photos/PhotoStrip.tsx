import { Image, View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { usePhotos } from './usePhotos';

export function PhotoStrip({ photos }: { photos: ReturnType<typeof usePhotos> }) {
  const t = useTokens();
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
        {photos.photos.map((p, i) => (
          <Image
            key={p.sha256}
            source={{ uri: p.uri }}
            accessibilityLabel={`photo ${i + 1}`}
            style={{ width: 104, height: 78, borderWidth: 1, borderColor: t.rule }}
          />
        ))}
      </View>
      <FrameKey
        label={photos.busy ? 'Keeping the photo' : 'Add a photo'}
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
