import { SITES_START, UNITS_START, type Answer } from '@kesto/contract/api';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { goes, useUnrefused } from '@/outbox';

/** Machines of a site behind those that were named beside it. */
interface UnitsBehind {
  readonly site: string;
  readonly after: string;
}

const unitsApi = api.injectEndpoints({
  endpoints: (build) => ({
    sites: build.infiniteQuery<Answer<'sites'>, void, string>({
      infiniteQueryOptions: { initialPageParam: SITES_START, getNextPageParam: ({ next }) => next ?? undefined },
      query: ({ pageParam }) => call('sites', { after: pageParam }),
      providesTags: ['Unit'],
    }),
    sitesNamed: build.query<Answer<'sitesNamed'>, string>({ query: (name) => call('sitesNamed', { name }), providesTags: ['Unit'] }),
    site: build.query<Answer<'getSite'>, string>({ query: (site) => call('getSite', { site }), providesTags: ['Unit'] }),
    units: build.infiniteQuery<Answer<'units'>, void, string>({
      infiniteQueryOptions: { initialPageParam: UNITS_START, getNextPageParam: ({ next }) => next ?? undefined },
      query: ({ pageParam }) => call('units', { after: pageParam }),
      providesTags: ['Unit'],
    }),
    unitsOn: build.query<Answer<'unitsOn'>, string>({ query: (sites) => call('unitsOn', { sites }), providesTags: ['Unit'] }),
    unitsAt: build.infiniteQuery<Answer<'unitsAt'>, UnitsBehind, string>({
      infiniteQueryOptions: { initialPageParam: '', getNextPageParam: ({ next }) => next ?? undefined },
      query: ({ queryArg: { site, after }, pageParam }) => call('unitsAt', { site, after: pageParam || after }),
      providesTags: ['Unit'],
    }),
    unitHistory: build.query<Answer<'unitHistory'>, string>({
      query: (unit) => call('unitHistory', { unit }),
      providesTags: ['Unit', 'Job', 'Joint'],
    }),
    sisterCharges: build.query<Answer<'sisterCharges'>, string>({
      query: (unit) => call('sisterCharges', { unit }),
      providesTags: ['Unit', 'Job'],
    }),
    unit: build.query<Answer<'getUnit'>, string>({ query: (unit) => call('getUnit', { unit }), providesTags: ['Unit'] }),
  }),
});

export const {
  useSitesInfiniteQuery,
  useSitesNamedQuery,
  useSiteQuery,
  useUnitsInfiniteQuery,
  useUnitsOnQuery,
  useUnitsAtInfiniteQuery,
  useUnitQuery,
  useUnitHistoryQuery,
  useSisterChargesQuery,
} = unitsApi;

/** How many sites and units there are on their first pages, those on their way to the server as well: told without reading a plate, for the first screen. */
export function useCounted() {
  const { data: sites } = useSitesInfiniteQuery();
  const { data: units } = useUnitsInfiniteQuery();
  const kept = useUnrefused();
  if (!sites || !units) return null;
  return {
    sites: sites.pages.flatMap((page) => page.sites).length + kept.filter(goes('putSite')).length,
    units: units.pages.flatMap((page) => page.units).length + kept.filter(goes('putUnit')).length,
  };
}
