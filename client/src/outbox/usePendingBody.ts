import type { Body } from '@kesto/contract/api';
import type { WriteRoute } from './command';
import { bodyOf, goes, usePending } from './usePending';

interface Query<T> {
  readonly data?: T | undefined;
  readonly error?: unknown;
  readonly refetch: () => unknown;
}

/** A thing that is always written whole, as it stands with what is still on its way to the server. */
export function usePendingBody<Name extends WriteRoute, T extends Body<Name>>(query: Query<T>, thing: string, route: Name): Query<T> {
  const last = usePending(thing).findLast(goes(route));
  return last ? { ...query, data: bodyOf<T>(last) } : query;
}
