import type { BaseQueryFn, FetchArgs, FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import { ROUTES, type Me } from '@kesto/contract/api';
import { personKnown, type sessionReducer } from '@/state/session';
import { knownHere } from '@/state/knownHere';
import { leaving } from '@/state/leaving';
import { signalFound, signalLost } from '@/state/signal';
import { cacheOnDevice, noCache, type AnswerCache } from './kept';

type Query = BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError>;

/** What opens without a signal: a working day's jobs with all that belongs to them. */
const REMEMBERED = [
  'today',
  'job',
  'joint',
  'drawing',
  'unit',
  'units',
  'unitsOn',
  'unitHistory',
  'sisterCharges',
  'sites',
  'van',
  'vanUse',
  'schools',
  'people',
];
const WHO = 'me';
/** So long whoever the server last named is taken for signed in without it. */
const SIGNED_IN_MS = 24 * 3_600_000;
/** The server is away, or its database is: what was fetched is shown meanwhile. */
const AWAY: readonly unknown[] = ['FETCH_ERROR', 'TIMEOUT_ERROR', 502, 503, 504];

let cache: AnswerCache = globalThis.indexedDB ? cacheOnDevice() : noCache;
/** Takes another cache; for tests. */
export const answersFrom = (other: AnswerCache): void => {
  cache = other;
};
export const rememberAnswer = (person: string, url: string, data: unknown): Promise<void> =>
  cache.remember(person, url, { at: new Date().toISOString(), data });
export function forgetAnswers(person: string): Promise<void> {
  knownHere.done();
  return cache.forget(person).catch(() => undefined);
}

/** A sign-in that ended, here or from another device, leaves nothing that opens without it. */
export async function signInEnded(): Promise<void> {
  knownHere.done();
  const kept = await cache.recallWho().catch(() => null);
  if (kept) await forgetAnswers((kept.data as Me).person.id); // cast: kept from the route of that name
}

type Store = Parameters<Query>[1];
interface WithSession {
  readonly session: ReturnType<typeof sessionReducer>;
}
const personOf = (store: Store) => (store.getState() as WithSession).session.page?.id ?? null; // cast: every store of the application has it
const urlOf = (args: string | FetchArgs) => (typeof args === 'string' ? args : args.url);

/** Storage that is full or refused costs what could be opened later, never what is open now. */
const quietly = (work: Promise<void>): void => void work.catch(() => undefined);

async function recallWho(store: Store): Promise<Me | null> {
  const kept = await cache.recallWho();
  if (!kept || Date.now() - Date.parse(kept.at) > SIGNED_IN_MS) return null;
  const me = kept.data as Me; // cast: kept from the same route
  if (leaving.of() === me.person.id) {
    await forgetAnswers(me.person.id);
    return null;
  }
  const page = personOf(store);
  if (page !== null && page !== me.person.id) return null;
  store.dispatch(personKnown(me.person));
  store.dispatch(signalLost(kept.at));
  return me;
}

async function recall(store: Store, url: string): Promise<unknown> {
  if (store.endpoint === WHO) return recallWho(store);
  const person = personOf(store);
  const kept = person === null ? null : await cache.recall(person, url);
  if (!kept) return null;
  store.dispatch(signalLost(kept.at));
  return kept.data;
}

function remember(store: Store, url: string, data: unknown): void {
  if (store.endpoint === WHO) {
    knownHere.note();
    return quietly(cache.rememberWho({ at: new Date().toISOString(), data }));
  }
  const person = personOf(store);
  if (person !== null) quietly(rememberAnswer(person, url, data));
}

const SIGNED_OUT: { readonly error: FetchBaseQueryError } = { error: { status: 401, data: null } };

/** Whoever signed out without a signal is signed out now that there is one. */
async function signedOutAtLast(): Promise<typeof SIGNED_OUT> {
  const { path, method } = ROUTES.signOut;
  const { ok } = await fetch(path, { method: method.toUpperCase() });
  if (ok) leaving.done();
  return SIGNED_OUT;
}

/** Whether whoever is signed in signed out here while the server could not be told. */
function isLeaving({ data, error }: { readonly data?: unknown; readonly error?: FetchBaseQueryError }): boolean {
  const left = leaving.of();
  if (left === null) return false;
  if (data && (data as Me).person.id === left) return true; // cast: that is what the route answers
  // Somebody else is here, or nobody is: there is nothing left to tell.
  if (data || error?.status === 401) leaving.done();
  return false;
}

/** What is fetched is kept; where nothing can be fetched, what was kept is shown, and it is said of when it is. */
export const remembering =
  (query: Query): Query =>
  async (args, store, extra) => {
    const result = await query(args, store, extra);
    if (store.endpoint === WHO && isLeaving(result)) return signedOutAtLast();
    if (store.endpoint === WHO && result.error?.status === 401) await signInEnded();
    const isKept = store.endpoint === WHO || REMEMBERED.includes(store.endpoint);
    if (store.type !== 'query' || !isKept) return result;
    if (!result.error) {
      remember(store, urlOf(args), result.data);
      store.dispatch(signalFound());
      return result;
    }
    if (!AWAY.includes(result.error.status)) return result;
    const data = await recall(store, urlOf(args)).catch(() => null);
    return data === null ? result : { data };
  };
