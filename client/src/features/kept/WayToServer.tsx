import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import { arrange } from '@/ui/arrange';
import type { KeptHere } from '@/ui/station';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

const WIDTH = 320;
const HEIGHT = 96;
const MOST_DRAWN = 5;

/** The line from this device to the server as a tube: open while things pass, cut where nobody answers, shut where one is not taken. */
export function WayToServer({ kept }: { kept: KeptHere }) {
  const t = useTokens();
  const links = Math.min(kept.count, MOST_DRAWN);
  const cut = kept.status === 'here' || kept.status === 'refused';
  return (
    <View style={styles.way} aria-hidden>
      <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`}>
        <Rect x={6} y={8} width={46} height={80} rx={7} fill="none" stroke={t.ink} strokeWidth={2} />
        <Line x1={23} y1={81} x2={35} y2={81} stroke={t.ink} strokeWidth={2} />
        {[40, 56].map((y) => (
          <Line key={y} x1={52} y1={y} x2={256} y2={y} stroke={t.ink} strokeWidth={2} strokeDasharray={cut ? '6 5' : undefined} />
        ))}
        {Array.from({ length: links }, (_, i) => (
          <Circle key={i} cx={72 + i * 22} cy={48} r={6} fill={cut ? 'none' : t.copper} stroke={t.copper} strokeWidth={2} />
        ))}
        {cut ? (
          <Path
            d={kept.status === 'refused' ? 'M206 30 V66 M216 30 V66' : 'M200 34 l8 14 -8 14 M214 34 l8 14 -8 14'}
            fill="none"
            stroke={kept.status === 'refused' ? t.red : t.amber}
            strokeWidth={3}
          />
        ) : null}
        {[12, 40, 68].map((y) => (
          <Rect key={y} x={256} y={y} width={56} height={22} fill="none" stroke={t.ink} strokeWidth={2} />
        ))}
        {[23, 51, 79].map((y) => (
          <Circle key={y} cx={268} cy={y} r={3} fill={t.teal} />
        ))}
      </Svg>
      <View style={arrange.apart}>
        <Words size={14} tone="ink2">
          {WORDS.device}
        </Words>
        <Words size={14} tone="ink2">
          {WORDS.server}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  way: { width: '100%', maxWidth: WIDTH },
});
