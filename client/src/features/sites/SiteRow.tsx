import type { SiteView, UnitsOfSite } from '@kesto/contract';
import { formatDistance, readingText } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { MoreKey } from '@/data/units/MoreKey';
import { useUnitsAt } from '@/data/units/unitsOfSites';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

interface SiteRowProps {
  readonly site: SiteView;
  readonly first: UnitsOfSite | undefined;
  readonly isFetching: boolean;
  /** Puts its name or height right; null where that is not theirs to do. */
  readonly onRight: (() => void) | null;
}

/** A site, how high it lies, and the machines that stand on it. */
export function SiteRow({ site, first, isFetching, onRight }: SiteRowProps) {
  const t = useTokens();
  const router = useRouter();
  const own = useUnits();
  const { units, more } = useUnitsAt(site.id, first);
  return (
    <View style={[styles.row, { borderColor: t.rule }]}>
      <View style={styles.head}>
        <View style={styles.name}>
          <Heading size={20}>{site.name}</Heading>
          <Words size={15} tone="ink2">
            {WORDS.aboveTheSea(readingText(formatDistance(site.altitudeM, own)).replace('.0 ', ' '))}
          </Words>
        </View>
        {onRight ? <FrameKey quiet label={WORDS.putRight} says={WORDS.putRightOf(site.name)} onPress={onRight} /> : null}
      </View>
      <View style={styles.units}>
        {isFetching && units.length === 0 ? <Words tone="ink2">{WORDS.fetchingMachines}</Words> : null}
        {units.map((unit) => (
          <FrameKey key={unit.id} label={`${unit.tag}, ${unit.name}`} onPress={() => router.push(`/units/${unit.id}`)} />
        ))}
        <MoreKey more={more} of="machines" beside />
        {onRight ? (
          <FrameKey
            quiet
            label={WORDS.aMachine}
            says={WORDS.aMachineAt(site.name)}
            onPress={() => router.push(`/units/new?site=${site.id}`)}
          />
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { borderBottomWidth: 1, paddingVertical: 12, gap: 8 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  name: { flex: 1 },
  units: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
