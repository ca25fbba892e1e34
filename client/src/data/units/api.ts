import type { SiteView } from '@kesto/contract';
import { SEARCH_LIMIT } from '@kesto/contract/api';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useDeferredValue, useMemo } from 'react';
import { bodyOf, goes, useUnrefused } from '@/outbox';
import { useSiteQuery, useSitesInfiniteQuery, useSitesNamedQuery, useUnitQuery, useUnitsInfiniteQuery } from './fetched';
import { sitesWith, unitsWith } from './pendingUnits';

export { useSisterChargesQuery, useUnitHistoryQuery } from './fetched';

export interface Paged {
  readonly hasNextPage: boolean;
  readonly fetchNextPage: () => unknown;
  readonly isFetchingNextPage: boolean;
}
/** Fetches the next page; null at the end. */
export type More = { readonly fetch: () => void; readonly isFetching: boolean } | null;
export const moreOf = ({ hasNextPage, fetchNextPage, isFetchingNextPage }: Paged): More =>
  hasNextPage ? { fetch: () => void fetchNextPage(), isFetching: isFetchingNextPage } : null;

/** The sites by name, page by page, and those that are still on their way to the server. */
export function useSites() {
  const query = useSitesInfiniteQuery();
  const kept = useUnrefused();
  return useMemo(() => {
    const fetched = query.data?.pages.flatMap(({ sites }) => sites);
    return { ...query, data: fetched && sitesWith(fetched, kept), more: moreOf(query) };
  }, [query, kept]);
}

const holds = (name: string, letters: string) =>
  letters
    .toLowerCase()
    .split(/\s+/)
    .every((part) => name.toLowerCase().includes(part));
const NONE: readonly SiteView[] = [];

export interface SitesFound {
  readonly sites: readonly SiteView[];
  /** Whether all there are were looked through, or still are; else those that were fetched. */
  readonly through: 'all' | 'looking' | 'fetched';
}

/** Of the sites those whose names hold these letters; where not all were fetched, those of the server by the beginnings of their words as well. */
export function useSitesFound(letters: string): SitesFound {
  const { data: sites = NONE, more } = useSites();
  const asked = useDeferredValue(letters.trim());
  const { currentData: named, isFetching } = useSitesNamedQuery(more && asked !== '' && asked.length <= SEARCH_LIMIT ? asked : skipToken);
  const through = !more || named ? 'all' : isFetching ? 'looking' : 'fetched';
  return useMemo(() => {
    const here = sites.filter(({ name }) => holds(name, letters));
    return { sites: [...here, ...(named ?? NONE).filter(({ id }) => !sites.some((site) => site.id === id))], through };
  }, [sites, named, letters, through]);
}

/** One site, as it stands with what is kept here; fetched where it is on no page that was. */
export function useSite(id: string | null): SiteView | undefined {
  const { data: sites } = useSites();
  const listed = sites?.find((site) => site.id === id);
  const { data } = useSiteQuery(id === null || !sites || listed ? skipToken : id);
  return listed ?? data;
}

/** The units with their circuits, page by page, and those that are still on their way; not asked for unless wanted. */
export function useUnitList(wanted = true) {
  const query = useUnitsInfiniteQuery(wanted ? undefined : skipToken);
  const kept = useUnrefused();
  return useMemo(() => {
    const fetched = query.data?.pages.flatMap(({ units }) => units);
    return { ...query, data: fetched && unitsWith(fetched, [], kept), more: moreOf(query) };
  }, [query, kept]);
}

/** One unit, as it stands with what is kept here. */
export function useUnit(id: string | null) {
  const query = useUnitQuery(id ?? skipToken);
  const kept = useUnrefused();
  const changed = kept.filter(goes('putUnit')).findLast(({ params }) => params['unit'] === id);
  const site = useSite(changed ? bodyOf<{ siteId: string }>(changed).siteId : null);
  return useMemo(
    () => ({ ...query, data: unitsWith(query.data ? [query.data] : [], site ? [site] : [], kept).find((unit) => unit.id === id) }),
    [query, site, kept, id],
  );
}
