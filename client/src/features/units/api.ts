import type { Answer } from '@kesto/contract';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { useUnrefused } from '@/outbox';
import { sitesWith, unitsWith } from './pendingUnits';

const unitsApi = api.injectEndpoints({
  endpoints: (build) => ({
    sites: build.query<Answer<'sites'>, void>({ query: () => call('sites', {}), providesTags: ['Unit'] }),
    units: build.query<Answer<'units'>, void>({ query: () => call('units', {}), providesTags: ['Unit'] }),
    unit: build.query<Answer<'getUnit'>, string>({ query: (unit) => call('getUnit', { unit }), providesTags: ['Unit'] }),
  }),
});

const { useSitesQuery, useUnitsQuery, useUnitQuery } = unitsApi;

/** The sites, with those that are still on their way to the server. */
export function useSites() {
  const query = useSitesQuery();
  const kept = useUnrefused();
  return useMemo(() => ({ ...query, data: query.data && sitesWith(query.data, kept) }), [query, kept]);
}

/** The units with their circuits, and those that are still on their way; not asked for unless wanted. */
export function useUnitList(wanted = true) {
  const query = useUnitsQuery(wanted ? undefined : skipToken);
  const kept = useUnrefused();
  return useMemo(() => ({ ...query, data: query.data && unitsWith(query.data, [], kept) }), [query, kept]);
}

/** One unit, as it stands with what is kept here. */
export function useUnit(id: string) {
  const query = useUnitQuery(id);
  const { data: sites } = useSitesQuery();
  const kept = useUnrefused();
  return useMemo(
    () => ({ ...query, data: unitsWith(query.data ? [query.data] : [], sites ?? [], kept).find((unit) => unit.id === id) }),
    [query, sites, kept, id],
  );
}
