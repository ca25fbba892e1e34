import type { SiteView } from '@kesto/contract';
import { StyleSheet, View } from 'react-native';
import { useUnitsOn } from '@/data/units/unitsOfSites';
import { Failed } from '@/ui/states';
import { SiteRow } from './SiteRow';
import { WORDS } from './words';

interface SiteRowsProps {
  /** No more than are asked for together: the same, whichever of them are shown. */
  readonly sites: readonly SiteView[];
  readonly shown: readonly SiteView[];
  readonly onRight: ((site: SiteView) => void) | null;
}

/** Sites with their machines, beside each other where two find room. */
export function SiteRows({ sites, shown, onRight }: SiteRowsProps) {
  const { of, isPartial, again } = useUnitsOn(sites);
  const here = sites.filter((site) => shown.includes(site));
  if (here.length === 0) return null;
  return (
    <>
      {isPartial ? <Failed message={WORDS.machinesNeedSignal} onRetry={again} /> : null}
      <View style={styles.list}>
        {here.map((site) => (
          <View key={site.id} style={styles.one}>
            <SiteRow site={site} first={of?.get(site.id)} isFetching={of === null} onRight={onRight ? () => onRight(site) : null} />
          </View>
        ))}
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  list: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 32 },
  one: { flexGrow: 1, flexShrink: 1, flexBasis: 340, maxWidth: 620 },
});
