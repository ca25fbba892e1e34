import type { SiteView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useMayMake } from '@/session/useMayMake';
import { useSites, useUnitList } from '@/data/units/api';
import { MoreUnits } from '@/data/units/MoreUnits';
import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';
import { SiteForm } from './SiteForm';
import { SiteRow } from './SiteRow';
import { WORDS } from './words';

/** Where the shop's machines stand. */
export function SitesScreen() {
  return (
    <Fetched<readonly SiteView[]> query={useSites()} what={WORDS.theSites}>
      {(sites) => <Ready sites={sites} />}
    </Fetched>
  );
}

type Open = { readonly site: SiteView | null } | null;

function Ready({ sites }: { sites: readonly SiteView[] }) {
  const mayMake = useMayMake();
  const router = useRouter();
  const { data, more } = useUnitList();
  const units = data ?? [];
  const [open, setOpen] = useState<Open>(mayMake && sites.length === 0 ? { site: null } : null);
  const form = open ? <SiteForm key={open.site?.id ?? 'new'} site={open.site} onKept={() => setOpen(null)} /> : null;
  // The first site leads on to its first machine.
  const [first] = sites;
  const action =
    first && data?.length === 0
      ? { label: 'A machine, from its plate', onPress: () => router.push(`/units/new?site=${first.id}`) }
      : { label: 'Add a site', onPress: () => setOpen({ site: null }) };
  return (
    <Sheet
      tag="sites"
      title={WORDS.whereTheMachinesStand}
      subtitle={WORDS.eachWithHowHigh}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'unit' }}
      action={mayMake && !open ? action : undefined}
      round={open ? { label: WORDS.close, onPress: () => setOpen(null), pressed: true } : undefined}
      over={form}
      overOpen={open !== null}
    >
      {sites.length === 0 ? <Empty title={WORDS.noSiteYet} text={WORDS.aNameAndIts} /> : null}
      <View style={styles.page}>
        {sites.map((site) => (
          <SiteRow
            key={site.id}
            site={site}
            units={units.filter((unit) => unit.site.id === site.id)}
            onRight={mayMake ? () => setOpen({ site }) : null}
          />
        ))}
        <MoreUnits more={more} />
      </View>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  page: { maxWidth: 760 },
});
