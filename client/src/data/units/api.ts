import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useUnrefused } from '@/outbox';
import { useSitesQuery, useUnitQuery, useUnitsInfiniteQuery } from './fetched';
import { sitesWith, unitsWith } from './pendingUnits';

export { useSisterChargesQuery, useUnitHistoryQuery } from './fetched';

/** The sites, with those that are still on their way to the server. */
export function useSites() {
  const query = useSitesQuery();
  const kept = useUnrefused();
  return useMemo(() => ({ ...query, data: query.data && sitesWith(query.data, kept) }), [query, kept]);
}

/** The units with their circuits, page by page, and those that are still on their way; not asked for unless wanted. `more` fetches the next page; null at the end. */
export function useUnitList(wanted = true) {
  const query = useUnitsInfiniteQuery(wanted ? undefined : skipToken);
  const kept = useUnrefused();
  return useMemo(() => {
    const fetched = query.data?.pages.flatMap(({ units }) => units);
    const { hasNextPage, fetchNextPage, isFetchingNextPage } = query;
    const more = hasNextPage ? { fetch: () => void fetchNextPage(), isFetching: isFetchingNextPage } : null;
    return { ...query, data: fetched && unitsWith(fetched, [], kept), more };
  }, [query, kept]);
}
export type More = ReturnType<typeof useUnitList>['more'];

/** One unit, as it stands with what is kept here. */
export function useUnit(id: string | null) {
  const query = useUnitQuery(id ?? skipToken);
  const { data: sites } = useSitesQuery();
  const kept = useUnrefused();
  return useMemo(
    () => ({ ...query, data: unitsWith(query.data ? [query.data] : [], sites ?? [], kept).find((unit) => unit.id === id) }),
    [query, sites, kept, id],
  );
}
