import type { Body, Me } from '@kesto/contract/api';
import { bodyOf, goes, thing, usePending, type Write } from '@/outbox';
import { useMeQuery } from '@/api/sessionApi';

/** Who is signed in, with the units as chosen last on this device; undefined until it is known. */
export function useMe(): Me | undefined {
  const { data } = useMeQuery();
  const last = usePending(thing.me).findLast(goes('putUnits'));
  return data && last ? { ...data, units: bodyOf<Body<'putUnits'>>(last) } : data;
}

export const unitsWrite = (body: Body<'putUnits'>): Write<'putUnits'> => ({
  route: 'putUnits',
  params: {},
  body,
  about: [thing.me],
  needs: [],
  makes: null,
  changes: ['Me'],
});
