import type { SiteView, UnitPlate, UnitsOfSite } from '@kesto/contract';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useMemo, useState } from 'react';
import { useUnrefused } from '@/outbox';
import { moreOf, useUnitList, type More } from './api';
import { useUnitsAtInfiniteQuery, useUnitsOnQuery } from './fetched';
import { platesAt } from './pendingUnits';

export interface UnitsOn {
  /** By site; null where they are not here yet. */
  readonly of: ReadonlyMap<string, UnitsOfSite> | null;
  /** They could not be fetched: only those that this device had anyway are told. */
  readonly isPartial: boolean;
  readonly again: () => void;
}

/** The first machines of each of these sites, as the server has them. */
export function useUnitsOn(sites: readonly SiteView[]): UnitsOn {
  const { data, isError, refetch } = useUnitsOnQuery(sites.length > 0 ? sites.map(({ id }) => id).join(',') : skipToken);
  const { data: units } = useUnitList(isError);
  return useMemo(() => {
    const had = isError
      ? sites.map(({ id }) => ({ site: id, units: units?.filter(({ site }) => site.id === id) ?? [], next: null }))
      : null;
    const told = data ?? had;
    return { of: told && new Map(told.map((one) => [one.site, one])), isPartial: !data && isError, again: () => void refetch() };
  }, [data, isError, refetch, sites, units]);
}

const NONE: readonly UnitPlate[] = [];

/** The machines of a site as they stand with what is kept here; those behind the first once they are asked for. */
export function useUnitsAt(site: string, first: UnitsOfSite | undefined): { readonly units: readonly UnitPlate[]; readonly more: More } {
  const [isAsked, setAsked] = useState(false);
  const after = first?.next ?? null;
  const query = useUnitsAtInfiniteQuery(isAsked && after !== null ? { site, after } : skipToken);
  const kept = useUnrefused();
  const units = useMemo(
    () => platesAt(site, [...(first?.units ?? NONE), ...(query.data?.pages.flatMap((page) => page.units) ?? NONE)], kept),
    [site, first, query.data, kept],
  );
  if (after === null) return { units, more: null };
  if (!isAsked) return { units, more: { fetch: () => setAsked(true), isFetching: false } };
  const asked = { fetch: () => void query.refetch(), isFetching: query.isFetching };
  return { units, more: query.data ? moreOf(query) : asked };
}
