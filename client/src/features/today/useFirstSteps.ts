import type { Href } from 'expo-router';
import { usePeople } from '@/data/people/api';
import { useCounted } from '@/data/units/fetched';
import { useVanStock } from '@/data/van/api';
import { WORDS } from './words';

export interface FirstStep {
  readonly title: string;
  readonly says: string;
  readonly href: Href;
  readonly done: boolean;
}

/** What a shop from nothing needs before its first joint, and how far it is; null until that is known. */
export function useFirstSteps(): readonly FirstStep[] | null {
  const { data: people } = usePeople();
  const { data: van } = useVanStock();
  const counted = useCounted();
  if (!people || !van || !counted) return null;
  const { steps } = WORDS;
  return [
    { ...steps.people, href: '/people', done: people.people.length + people.invites.length > 1 },
    { ...steps.van, href: '/van', done: van.fillers.some((filler) => filler.count > 0) },
    { ...steps.site, href: '/sites', done: counted.sites > 0 },
    { ...steps.machine, href: '/units/new', done: counted.units > 0 },
    { ...steps.job, href: '/jobs/new', done: false },
  ];
}
