import { useState } from 'react';
import { View } from 'react-native';
import { useTakePhoto } from '@/features/photos';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { PlatePhoto } from './PlatePhoto';
import { WORDS } from './words';

const MOST = 6;

/** Photos of a nameplate: the next person reads off them what nobody typed. */
export function PlatePhotos({ photos, onChange }: { photos: readonly string[]; onChange: (photos: readonly string[]) => void }) {
  const { take, busy, problem } = useTakePhoto();
  /** Shown from here until the server has them. */
  const [taken, setTaken] = useState<Readonly<Record<string, string>>>({});
  async function add() {
    const photo = await take(photos);
    if (!photo) return;
    setTaken({ ...taken, [photo.sha256]: photo.uri });
    onChange([...photos, photo.sha256]);
  }
  return (
    <View style={arrange.stack8}>
      {photos.map((sha256, i) => (
        <View key={sha256} style={arrange.stack4AtStart}>
          <PlatePhoto sha256={sha256} number={i + 1} uri={taken[sha256]} />
          <FrameKey
            label={WORDS.leaveItOut}
            says={WORDS.leavePhotoOfThe(i + 1)}
            onPress={() => onChange(photos.filter((p) => p !== sha256))}
          />
        </View>
      ))}
      {photos.length < MOST ? (
        <FrameKey
          label={busy ? WORDS.keepingThePhoto : WORDS.photoOfThePlateLabel}
          disabled={busy}
          onPress={() => void add()}
          testID="add-plate-photo"
        />
      ) : null}
      {problem ? (
        <Words size={15} tone="red" role="alert">
          {problem}
        </Words>
      ) : null}
    </View>
  );
}
