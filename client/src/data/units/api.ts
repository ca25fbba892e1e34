import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo } from 'react';
import { useUnrefused } from '@/outbox';
import { useSitesQuery, useUnitQuery, useUnitsQuery } from './fetched';
import { sitesWith, unitsWith } from './pendingUnits';

export { useUnitHistoryQuery } from './fetched';

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
