import { create } from 'qrcode';
import Svg, { Path, Rect } from 'react-native-svg';
import { WORDS } from './words';

const QUIET = 4;
const DARK = '#1D1B19';
const LIGHT = '#FFFFFF';

/** A text as a square that a phone's camera reads: always dark on light, whatever the theme. */
export function QrCode({ text, size }: { text: string; size: number }) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const side = modules.size + 2 * QUIET;
  const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i).filter((i) => modules.data[i]);
  const d = dark.map((i) => `M${QUIET + (i % modules.size)} ${QUIET + Math.floor(i / modules.size)}h1v1h-1z`).join('');
  return (
    <Svg width={size} height={size} viewBox={`0 0 ${side} ${side}`} role="img" aria-label={WORDS.codeToScan}>
      <Rect width={side} height={side} fill={LIGHT} />
      <Path d={d} fill={DARK} />
    </Svg>
  );
}
