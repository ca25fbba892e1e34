import type { SiteView } from '@kesto/contract';
import { MOST_SITES } from '@kesto/contract/api';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { useSitesFound } from '@/data/units/api';
import { useCounted } from '@/data/units/fetched';
import { useMayMake } from '@/session/useMayMake';
import { WORDS } from './words';

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

/** The site that is put right, or a new one. */
type Open = { readonly site: SiteView | null } | null;

/** Sites as they are shown: those that letters find, in as many pieces as their machines are asked for, and what comes next. */
export function useSitesScreen(sites: readonly SiteView[]) {
  const mayMake = useMayMake();
  const router = useRouter();
  const counted = useCounted();
  const [letters, setLetters] = useState('');
  const { sites: found, through } = useSitesFound(letters);
  const together = useMemo(() => [...asked(sites), ...asked(found.filter((site) => !sites.includes(site)))], [sites, found]);
  const [open, setOpen] = useState<Open>(mayMake && sites.length === 0 ? { site: null } : null);
  // The first site leads on to its first machine.
  const [first] = sites;
  const action =
    first && counted?.units === 0
      ? { label: WORDS.machineFromPlate, onPress: () => router.push(`/units/new?site=${first.id}`) }
      : { label: WORDS.addSite, onPress: () => setOpen({ site: null }) };
  return {
    ...{ mayMake, letters, setLetters, found, together, open, setOpen },
    action: mayMake && !open ? action : undefined,
    isSearched: sites.length > AT_A_GLANCE,
    noneFound: found.length === 0 && sites.length > 0 ? NONE_FOUND[through] : null,
  };
}
