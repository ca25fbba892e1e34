import type { SiteView } from '@kesto/contract';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useSites, type More } from '@/data/units/api';
import { MoreKey } from '@/data/units/MoreKey';
import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { SiteForm } from './SiteForm';
import { SiteRows } from './SiteRows';
import { useSitesScreen } from './useSitesScreen';
import { WORDS } from './words';

/** Where the shop's machines stand. */
export function SitesScreen() {
  const query = useSites();
  return (
    <Fetched<readonly SiteView[]> query={query} what={WORDS.theSites}>
      {(sites) => <Ready sites={sites} more={query.more} />}
    </Fetched>
  );
}

function Ready({ sites, more }: { sites: readonly SiteView[]; more: More }) {
  const screen = useSitesScreen(sites);
  const { open, setOpen } = screen;
  const form = open ? <SiteForm key={open.site?.id ?? 'new'} site={open.site} onKept={() => setOpen(null)} /> : null;
  return (
    <Sheet
      tag="sites"
      title={WORDS.whereTheMachinesStand}
      subtitle={WORDS.eachWithHowHigh}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'unit' }}
      action={screen.action}
      round={open ? { label: WORDS.close, onPress: () => setOpen(null), pressed: true } : undefined}
      over={form}
      overOpen={open !== null}
    >
      {sites.length === 0 ? <Empty title={WORDS.noSiteYet} text={WORDS.aNameAndIts} /> : null}
      <View style={styles.page}>
        {screen.isSearched ? <TextField label={WORDS.findSite} value={screen.letters} onChange={screen.setLetters} /> : null}
        {screen.noneFound ? <Empty {...screen.noneFound} /> : null}
      </View>
      {screen.together.map((some) => (
        <SiteRows key={some[0]?.id} sites={some} shown={screen.found} onRight={screen.mayMake ? (site) => setOpen({ site }) : null} />
      ))}
      <MoreKey more={screen.letters.trim() === '' ? more : null} of="sites" />
    </Sheet>
  );
}

const styles = StyleSheet.create({
  page: { maxWidth: 760 },
});
