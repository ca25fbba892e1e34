import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
  type TagDescription,
} from '@reduxjs/toolkit/query/react';
import { ROUTES, type ApiErrorBody } from '@kesto/contract/api';
import { sessionEnded } from '@/state/session';
import { signedInAgain } from './signIn';

const raw = fetchBaseQuery({ baseUrl: globalThis.location?.origin ?? 'http://localhost', credentials: 'same-origin' });

type Query = BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError>;

const isSession = (args: string | FetchArgs) => (typeof args === 'string' ? args : args.url) === ROUTES.me.path;

/** A request whose session has ended waits for the sign-in that is laid over the screen, then is made again: nothing typed is lost. */
const signedInQuery: Query = async (args, store, extra) => {
  const result = await raw(args, store, extra);
  if (result.error?.status !== 401 || isSession(args)) return result;
  store.dispatch(sessionEnded());
  await signedInAgain();
  return raw(args, store, extra);
};

/** Everything that is fetched: whoever signs in sees none of it as another left it. */
export const TAGS = ['Me', 'Today', 'Job', 'Joint', 'Van', 'Schools', 'Unit', 'People', 'SignIns', 'Drawing'] as const;

export type Tag = TagDescription<(typeof TAGS)[number]>;

export const api = createApi({
  reducerPath: 'api',
  baseQuery: signedInQuery,
  tagTypes: TAGS,
  endpoints: () => ({}),
});

const isBody = (data: unknown): data is ApiErrorBody => typeof data === 'object' && data !== null && 'error' in data;

/** What went wrong, in one sentence with the number of the request. */
export function errorText(error: unknown): string {
  const failure = error as FetchBaseQueryError | undefined; // cast: RTK Query types rejections as unknown
  if (failure && 'data' in failure && isBody(failure.data)) return failure.data.error.message;
  if (failure?.status === 'FETCH_ERROR')
    return 'The server does not answer. What you entered is kept here; try again when there is a signal.';
  return 'Something failed. What you entered is kept here; try again.';
}

export function errorField(error: unknown): string | null {
  const failure = error as FetchBaseQueryError | undefined; // cast: as above
  return failure && 'data' in failure && isBody(failure.data) ? (failure.data.error.field ?? null) : null;
}
