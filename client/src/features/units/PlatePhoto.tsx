import { Image } from 'react-native';
import { addressOf } from '@/api/call';
import { useTokens } from '@/ui/theme';
import { WORDS } from './words';

/** One photo of a nameplate, large enough to read it. */
export function PlatePhoto({ sha256, number, uri }: { sha256: string; number: number; uri?: string | undefined }) {
  const t = useTokens();
  return (
    <Image
      source={{ uri: uri ?? addressOf('getPhoto', { sha256 }) }}
      role="img"
      aria-label={WORDS.photoOfThePlate(number)}
      resizeMode="contain"
      style={{ width: '100%', maxWidth: 420, height: 260, borderWidth: 1, borderColor: t.rule, backgroundColor: t.panel }}
    />
  );
}
