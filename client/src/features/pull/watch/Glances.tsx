import { RISE } from '@kesto/core/pull';
import { formatNumber, formatVacuum } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '@/session/units';
import { Reading } from '@/ui/Reading';
import { Ring } from '@/ui/Ring';
import { useIsWide } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { glanceOf } from './glance';
import { mmss } from './mmss';
import type { PullWatchWork } from './usePullWatch';

/** At first glance: how deep it is, and how long until there can be a verdict. */
export function Glances({ watch }: { watch: PullWatchWork }) {
  const units = useUnits();
  const wide = useIsWide();
  const reading = watch.last ? formatVacuum(watch.last.pa, units) : null;
  const other = watch.last ? formatVacuum(watch.last.pa, { ...units, vacuum: units.vacuum === 'Pa' ? 'micron' : 'Pa' }) : null;
  if (wide)
    return (
      <View style={styles.inHeader}>
        <Mono size={34} testID="vacuum-now">
          {reading?.value ?? '–'}
        </Mono>
        <Words size={15} tone="ink2">{`${reading?.unit ?? ''}${other ? `, ${other.value} ${other.unit}` : WORDS.noReading}`}</Words>
        {watch.state === 'watching' && watch.leftS > 0 ? (
          <Mono size={28} tone="teal" testID="rise-left">
            {mmss(watch.leftS)}
          </Mono>
        ) : null}
      </View>
    );
  return (
    <View style={styles.figures}>
      <Reading
        label={WORDS.now}
        value={reading?.value ?? '–'}
        unit={reading?.unit ?? ''}
        size={48}
        note={other ? `${other.value} ${other.unit}` : WORDS.noReading}
        testID="vacuum-now"
      />
      {watch.state === 'watching' && watch.leftS > 0 ? (
        <View>
          <Words size={14} tone="ink2">{`${WORDS.minLeft}, ${WORDS.ofTen}`}</Words>
          <Mono size={28} tone="teal" testID="rise-left">
            {mmss(watch.leftS)}
          </Mono>
        </View>
      ) : null}
    </View>
  );
}

/** What the pull shows so far, and what that rests on. */
export function Verdict({ watch }: { watch: PullWatchWork }) {
  const glance = glanceOf(watch);
  const { state, isDry, leftS, airLeft, breaks } = watch;
  return (
    <View style={styles.verdict}>
      <Ring state={state === 'judged' ? (isDry ? 'done' : 'open') : 'running'} share={1 - leftS / RISE.leastS} />
      <View style={styles.text}>
        <Heading size={20} tone={glance.tone}>
          {glance.title}
        </Heading>
        {glance.says ? (
          <Words size={15} tone="ink2">
            {glance.says}
          </Words>
        ) : null}
        {airLeft === null ? null : (
          <Words size={15} tone="ink2">
            {WORDS.airLeft(formatNumber(airLeft * 1e6, airLeft > 1e-4 ? 0 : 2), breaks.length)}
          </Words>
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  figures: { flexDirection: 'row', gap: 28, alignItems: 'flex-start' },
  inHeader: { flexDirection: 'row', gap: 10, alignItems: 'baseline' },
  verdict: { flexDirection: 'row', gap: 12, alignItems: 'flex-start', paddingVertical: 8 },
  text: { flex: 1, gap: 4 },
});
