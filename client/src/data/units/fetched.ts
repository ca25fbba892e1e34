import type { Answer } from '@kesto/contract/api';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { goes, useUnrefused } from '@/outbox';

const unitsApi = api.injectEndpoints({
  endpoints: (build) => ({
    sites: build.query<Answer<'sites'>, void>({ query: () => call('sites', {}), providesTags: ['Unit'] }),
    units: build.query<Answer<'units'>, void>({ query: () => call('units', {}), providesTags: ['Unit'] }),
    unitHistory: build.query<Answer<'unitHistory'>, string>({
      query: (unit) => call('unitHistory', { unit }),
      providesTags: ['Unit', 'Job', 'Joint'],
    }),
    unit: build.query<Answer<'getUnit'>, string>({ query: (unit) => call('getUnit', { unit }), providesTags: ['Unit'] }),
  }),
});

export const { useSitesQuery, useUnitsQuery, useUnitQuery, useUnitHistoryQuery } = unitsApi;

/** How many sites and units there are, those on their way to the server as well: told without reading a plate, for the first screen. */
export function useCounted() {
  const { data: sites } = useSitesQuery();
  const { data: units } = useUnitsQuery();
  const kept = useUnrefused();
  if (!sites || !units) return null;
  return { sites: sites.length + kept.filter(goes('putSite')).length, units: units.length + kept.filter(goes('putUnit')).length };
}
