import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
  type TagDescription,
} from '@reduxjs/toolkit/query/react';
import { PERSON_HEADER, ROUTES, type ApiErrorBody, type Me } from '@kesto/contract/api';
import { remembering, signInEnded } from '@/cache';
import { deviceTaken, personKnown, sessionEnded, type sessionReducer } from '@/state/session';
import { signedInAgain } from './signIn';

interface WithSession {
  readonly session: ReturnType<typeof sessionReducer>;
}
const pageOf = (state: unknown) => (state as WithSession).session.page; // cast: every store of the application has it

/** Asks who is signed in: the one question that is nobody's in particular. */
const WHO = 'me';

const raw = fetchBaseQuery({
  baseUrl: globalThis.location?.origin ?? 'http://localhost',
  credentials: 'same-origin',
  prepareHeaders: (headers, { getState, endpoint }) => {
    const page = pageOf(getState());
    if (page && endpoint !== WHO) headers.set(PERSON_HEADER, page.id);
    return headers;
  },
});

type Query = BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError>;

const isSession = (args: string | FetchArgs) => (typeof args === 'string' ? args : args.url) === ROUTES.me.path;

const otherPersonIn = ({ data }: FetchBaseQueryError) => (isBody(data) && data.error.code === 'OTHER_PERSON' ? data.error : null);

const TAKEN: FetchBaseQueryError = { status: 'CUSTOM_ERROR', error: 'somebody else is signed in on this device' };

/**
 * A request whose session has ended, or has become another person's, waits for the sign-in that is laid over the screen, then is
 * made again: nothing typed is lost, and nothing runs in another's name.
 */
const signedInQuery: Query = async (args, store, extra) => {
  const result = await raw(args, store, extra);
  if (store.endpoint === WHO && result.data) {
    const { person } = result.data as Me; // cast: that is what the route answers
    const page = pageOf(store.getState());
    const isOther = page !== null && page.id !== person.id;
    store.dispatch(isOther ? deviceTaken(person) : personKnown(person));
    return isOther ? { error: TAKEN } : result;
  }
  if (!result.error) return result;
  const other = otherPersonIn(result.error);
  const isEnded = result.error.status === 401 && !isSession(args);
  if (!other && !isEnded) return result;
  if (other) store.dispatch(deviceTaken(other.details?.signedIn ?? null));
  else {
    store.dispatch(sessionEnded());
    void signInEnded();
  }
  await signedInAgain();
  return raw(args, store, extra);
};

/** Everything that is fetched: whoever signs in sees none of it as another left it. */
export const TAGS = ['Me', 'Today', 'Job', 'Joint', 'Van', 'Schools', 'Unit', 'People', 'SignIns', 'Drawing', 'Import'] as const;

export type Tag = TagDescription<(typeof TAGS)[number]>;

export const api = createApi({
  reducerPath: 'api',
  baseQuery: remembering(signedInQuery),
  tagTypes: TAGS,
  // Not put off until nothing is being fetched: while the day’s jobs are fetched ahead something always is.
  invalidationBehavior: 'immediately',
  endpoints: () => ({}),
});

const isBody = (data: unknown): data is ApiErrorBody => typeof data === 'object' && data !== null && 'error' in data;

/** Nobody answered: no signal, or no server. */
export const isAway = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'status' in error && (error.status === 'FETCH_ERROR' || error.status === 'TIMEOUT_ERROR');

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
