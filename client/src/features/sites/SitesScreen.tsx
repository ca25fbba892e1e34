import type { SiteView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useMayMake } from '@/session/useMayMake';
import { useSites, useSitesFound, useUnitList, type More } from '@/data/units/api';
import { MoreKey } from '@/data/units/MoreKey';
import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { SiteForm } from './SiteForm';
import { SiteRow } from './SiteRow';
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

/** So many are seen at a glance; among more, one is found by its letters. */
const AT_A_GLANCE = 12;

const NONE_FOUND = {
  all: { title: WORDS.noneFound, text: WORDS.byLetters },
  looking: { title: WORDS.looking, text: WORDS.byLetters },
  fetched: { title: WORDS.noneHere, text: WORDS.othersNeedSignal },
} as const;

type Open = { readonly site: SiteView | null } | null;

function Ready({ sites, more }: { sites: readonly SiteView[]; more: More }) {
  const mayMake = useMayMake();
  const router = useRouter();
  const { data, more: moreUnits } = useUnitList();
  const [letters, setLetters] = useState('');
  const { sites: found, through } = useSitesFound(letters);
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
        {sites.length > AT_A_GLANCE ? <TextField label={WORDS.findSite} value={letters} onChange={setLetters} /> : null}
        {found.length === 0 && sites.length > 0 ? <Empty {...NONE_FOUND[through]} /> : null}
      </View>
      <View style={styles.list}>
        {found.map((site) => (
          <View key={site.id} style={styles.one}>
            <SiteRow
              site={site}
              units={units.filter((unit) => unit.site.id === site.id)}
              onRight={mayMake ? () => setOpen({ site }) : null}
            />
          </View>
        ))}
      </View>
      <MoreKey more={letters.trim() === '' ? more : null} of="sites" />
      <MoreKey more={moreUnits} of="machines" />
    </Sheet>
  );
}

const styles = StyleSheet.create({
  page: { maxWidth: 760 },
  // Beside each other where two find room.
  list: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 32 },
  one: { flexGrow: 1, flexShrink: 1, flexBasis: 340, maxWidth: 620 },
});
