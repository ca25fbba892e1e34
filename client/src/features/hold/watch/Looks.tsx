import { formatWait, formatYearlyLoss, formatYearsLoss, readingText } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import { SeenBar } from '@/chart/SeenBar';
import { useUnits } from '@/session/units';
import { useIsWide, useTokens } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { LOOKS_AXIS, SEES_G, wantedGramsOf } from './looks';
import { isDone } from './targets';
import type { HoldWatchWork } from './useHoldWatch';

/** Hold, sniffer and soap on one axis of leak size, with the leak that is looked for across all. */
export function Looks({ watch, refrigerant }: { watch: HoldWatchWork; refrigerant: string }) {
  const units = useUnits();
  const { curve, atEnd, planned, rows } = watch;
  const wanted = curve ? wantedGramsOf(curve) : null;
  const minutes = readingText(formatWait(planned));
  const looked = rows.filter(isDone).length;
  const all: readonly LookProps[] = [
    { name: WORDS.holdNow, seen: curve?.hold.gramsPerYearSeen ?? null, wanted },
    ...(watch.heldS < planned * 60 ? [{ name: WORDS.holdAt(minutes), seen: atEnd, wanted }] : []),
    { name: WORDS.sniffer, seen: SEES_G.sniffer, wanted, says: WORDS.snifferNeeds },
    { name: WORDS.soapRow, seen: SEES_G.soap, wanted, says: WORDS.soapReach(looked, rows.length) },
  ];
  return (
    <View>
      <View style={styles.head}>
        <Heading size={17}>{WORDS.looks}</Heading>
        <Words size={14} tone="ink2">
          {WORDS.aYearOf(refrigerant)}
        </Words>
      </View>
      {all.map((look) => (
        <Look key={look.name} {...look} />
      ))}
      {wanted === null ? null : (
        <Words size={15} bold tone="red">
          {`${WORDS.lookedFor}: ${readingText(formatYearlyLoss(wanted / 1000, units, 2))}`}
        </Words>
      )}
    </View>
  );
}

interface LookProps {
  readonly name: string;
  readonly seen: number | null;
  readonly wanted: number | null;
  readonly says?: string;
}

function Look({ name, seen, wanted, says }: LookProps) {
  const t = useTokens();
  const units = useUnits();
  const wide = useIsWide();
  return (
    <View style={[styles.look, { borderColor: t.hair }]}>
      <View style={wide ? styles.nameWide : styles.name}>
        <Words size={15}>{name}</Words>
      </View>
      <View style={styles.bar}>
        <SeenBar axis={LOOKS_AXIS} seen={seen} lookedFor={wanted} />
        {says ? (
          <Words size={14} tone="ink2">
            {says}
          </Words>
        ) : null}
      </View>
      <Mono size={15} style={styles.figure}>
        {seen === null ? '–' : readingText(formatYearsLoss(seen / 1000, units, 2))}
      </Mono>
    </View>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', flexWrap: 'wrap', columnGap: 12, alignItems: 'baseline' },
  look: { flexDirection: 'row', gap: 8, alignItems: 'center', minHeight: 34, borderBottomWidth: 1 },
  name: { width: 92 },
  nameWide: { width: 170 },
  bar: { flex: 1 },
  figure: { width: 72, textAlign: 'right' },
});
