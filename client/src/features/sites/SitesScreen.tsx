import type { SiteView } from '@kesto/contract';
import { MOST_SITES } from '@kesto/contract/api';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useMayMake } from '@/session/useMayMake';
import { useSites, useSitesFound, type More } from '@/data/units/api';
import { MoreKey } from '@/data/units/MoreKey';
import { useCounted } from '@/data/units/fetched';
import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { SiteForm } from './SiteForm';
import { SiteRows } from './SiteRows';
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

/** As many of them as their machines are asked for together. */
const asked = (sites: readonly SiteView[]): readonly (readonly SiteView[])[] =>
  Array.from({ length: Math.ceil(sites.length / MOST_SITES) }, (_, i) => sites.slice(i * MOST_SITES, (i + 1) * MOST_SITES));

type Open = { readonly site: SiteView | null } | null;

function Ready({ sites, more }: { sites: readonly SiteView[]; more: More }) {
  const mayMake = useMayMake();
  const router = useRouter();
  const counted = useCounted();
  const [letters, setLetters] = useState('');
  const { sites: found, through } = useSitesFound(letters);
  const together = useMemo(() => [...asked(sites), ...asked(found.filter((site) => !sites.includes(site)))], [sites, found]);
  const [open, setOpen] = useState<Open>(mayMake && sites.length === 0 ? { site: null } : null);
  const form = open ? <SiteForm key={open.site?.id ?? 'new'} site={open.site} onKept={() => setOpen(null)} /> : null;
  // The first site leads on to its first machine.
  const [first] = sites;
  const action =
    first && counted?.units === 0
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
      {together.map((some) => (
        <SiteRows key={some[0]?.id} sites={some} shown={found} onRight={mayMake ? (site) => setOpen({ site }) : null} />
      ))}
      <MoreKey more={letters.trim() === '' ? more : null} of="sites" />
    </Sheet>
  );
}

const styles = StyleSheet.create({
  page: { maxWidth: 760 },
});
