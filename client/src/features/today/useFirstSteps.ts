import type { Href } from 'expo-router';
import { usePeople } from '@/data/people/api';
import { useCounted } from '@/data/units/fetched';
import { useVanStock } from '@/data/van/api';

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
  return [
    {
      title: 'People',
      says: 'who else works here: each comes in by a one-time code',
      href: '/people',
      done: people.people.length + people.invites.length > 1,
    },
    {
      title: 'The van',
      says: 'the rods, the torch and the nitrogen you carry: the planner chooses from them',
      href: '/van',
      done: van.fillers.some((filler) => filler.count > 0),
    },
    { title: 'A site', says: 'where the first machine stands, and how high', href: '/sites', done: counted.sites > 0 },
    {
      title: 'A machine',
      says: 'read from its plate: refrigerant and the pressures it bears',
      href: '/units/new',
      done: counted.units > 0,
    },
    { title: 'A job', says: 'in a few words; its joints come next', href: '/jobs/new', done: false },
  ];
}
