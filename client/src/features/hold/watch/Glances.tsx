import { showIn } from '@kesto/contract/wording';
import { formatNumber } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { Ring } from '@/ui/Ring';
import { useIsWide } from '@/ui/theme';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { glanceOf } from './verdict';
import type { HoldWatchWork } from './useHoldWatch';

/** At first glance: how long still, how far to stay off, the verdict or how long until there can be one. */
export function Glances({ watch }: { watch: HoldWatchWork }) {
  const units = useUnits();
  const wide = useIsWide();
  const { kept, planned, heldS, state, isSettled } = watch;
  const { energyKj, distanceM } = kept.began.values;
  const glance = glanceOf(watch, units);
  const leftS = Math.max(0, planned * 60 - heldS);
  const share = Math.min(1, heldS / (planned * 60));
  return (
    <View style={wide ? styles.wide : styles.phone}>
      <View style={styles.verdict}>
        <Ring state={state === 'ended' ? 'done' : 'running'} share={share} />
        <View style={styles.text}>
          <Words size={20} bold tone={glance.tone} role="status">
            {glance.title}
          </Words>
          <Words size={15} tone="ink2">
            {glance.says}
          </Words>
        </View>
      </View>
      {state === 'holding' && isSettled ? (
        <View style={wide ? styles.stacked : styles.figure}>
          <Mono size={28} tone="teal" testID="hold-left">
            {`${Math.floor(leftS / 60)}:${String(Math.floor(leftS % 60)).padStart(2, '0')}`}
          </Mono>
          <Words size={15} tone="ink2">{`${WORDS.minLeft} ${planned}`}</Words>
        </View>
      ) : null}
      <View style={wide ? styles.stacked : styles.figure}>
        <Mono size={20}>{`${formatNumber(energyKj, 1)} kJ`}</Mono>
        <Words size={15} bold={distanceM !== null} tone={distanceM === null ? 'ink2' : 'ink'}>
          {distanceM === null ? WORDS.handsAway : WORDS.away(showIn(units).distance(distanceM))}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row-reverse', gap: 28, alignItems: 'center', flexShrink: 1 },
  phone: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24, rowGap: 4, alignItems: 'center' },
  verdict: { flexDirection: 'row', gap: 10, alignItems: 'center', maxWidth: 250 },
  text: { flexShrink: 1 },
  stacked: { flexShrink: 0 },
  figure: { flexDirection: 'row', gap: 8, alignItems: 'baseline', flexShrink: 1 },
});
