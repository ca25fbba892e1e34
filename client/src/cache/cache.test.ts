import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { leaving } from '@/state/leaving';
import { makeStore } from '@/store/store';
import { personAs } from '@/testing/screen';
import { answersFrom, cacheOnDevice, forgetAnswers, type AnswerCache } from '.';

const trial = api.injectEndpoints({
  endpoints: (build) => ({
    me: build.query<unknown, void>({ query: () => call('me', {}) }),
    van: build.query<unknown, void>({ query: () => call('van', {}) }),
    people: build.query<unknown, void>({ query: () => call('people', {}) }),
    signIns: build.query<unknown, void>({ query: () => call('signIns', {}) }),
  }),
  overrideExisting: true,
});
const ask = { subscribe: false, forceRefetch: true } as const;
const ILTA = personAs('technician');
const VAN = { rods: 3 };

let cache: AnswerCache;
let answer: (path: string) => Response;
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
const online = (path: string) => json(path.endsWith('/session') ? ILTA : VAN);
const gone = (): Response => {
  throw new TypeError('Failed to fetch');
};

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  cache = cacheOnDevice();
  answersFrom(cache);
  answer = online;
  globalThis.fetch = jest.fn(async (input: string | Request) =>
    answer(new URL(typeof input === 'string' ? input : input.url, 'http://here').pathname),
  ) as typeof fetch;
  globalThis.localStorage?.clear();
});
afterEach(() => jest.useRealTimers());

/** A page as it is opened: it asks who is signed in, then for the van. */
async function opened(of: 'van' | 'signIns' = 'van') {
  const store = makeStore();
  const who = await store.dispatch(trial.endpoints.me.initiate(undefined, ask));
  const found = await store.dispatch(trial.endpoints[of].initiate(undefined, ask));
  return { who, found, signal: store.getState().signal };
}

test('what was fetched opens without a signal, and says of when it is', async () => {
  expect((await opened()).signal.asOf).toBeNull();
  answer = gone;
  const { who, found, signal } = await opened();
  expect([who.data, found.data]).toEqual([ILTA, VAN]);
  expect(Date.now() - Date.parse(signal.asOf ?? '')).toBeLessThan(60_000);
});

test('a server that is away counts as no signal; one that refuses does not', async () => {
  await opened();
  answer = () => json({ error: { code: 'UNAVAILABLE', message: 'away', requestId: '' } }, 503);
  expect((await opened()).found.data).toEqual(VAN);
  answer = () => json({ error: { code: 'FORBIDDEN', message: 'no', requestId: '' } }, 403);
  expect((await opened()).found.data).toBeUndefined();
});

test('nobody is signed in without a signal for longer than a day', async () => {
  await opened();
  answer = gone;
  const day = 24 * 3_600_000;
  jest.spyOn(Date, 'now').mockReturnValue(Date.now() + day + 1_000);
  expect((await opened()).who.data).toBeUndefined();
  jest.restoreAllMocks();
});

test('another person sees nothing of it; whoever signs out leaves nothing', async () => {
  await opened();
  expect(await cache.recall('somebody else', '/api/van')).toBeNull();
  await forgetAnswers(ILTA.person.id);
  answer = gone;
  expect((await opened()).who.data).toBeUndefined();
  expect(await cache.recall(ILTA.person.id, '/api/van')).toBeNull();
});

test('a sign-in that was ended from another device opens nothing afterwards, without a signal either', async () => {
  await opened();
  answer = () => json({ error: { code: 'SIGNED_OUT', message: 'signed out', requestId: '' } }, 401);
  await makeStore().dispatch(trial.endpoints.me.initiate(undefined, ask));
  answer = gone;
  expect((await opened()).who.data).toBeUndefined();
  expect(await cache.recall(ILTA.person.id, '/api/van')).toBeNull();
});

test('whoever signed out without a signal is signed out before anything else when there is one', async () => {
  await opened();
  leaving.note(ILTA.person.id);
  const { who } = await opened();
  expect(who.error).toMatchObject({ status: 401 });
  expect(globalThis.fetch).toHaveBeenCalledWith('/api/session', { method: 'DELETE' });
  expect((await opened()).who.data).toEqual(ILTA);
});

test('whose session had ended by itself is not signed out again when they come back', async () => {
  leaving.note(ILTA.person.id);
  answer = () => json({ error: { code: 'SIGNED_OUT', message: 'signed out', requestId: '' } }, 401);
  const store = makeStore();
  await store.dispatch(trial.endpoints.me.initiate(undefined, ask));
  answer = online;
  expect((await opened()).who.data).toEqual(ILTA);
});

test('what is nobody’s to keep is not kept', async () => {
  await opened('signIns');
  answer = gone;
  expect((await opened('signIns')).found.data).toBeUndefined();
});

test('the oldest answers go first, and those of a page before this are none', async () => {
  for (let i = 0; i < 610; i++) await cache.remember('p', `/api/jobs/${i}`, { at: new Date(i * 1000).toISOString(), data: i });
  expect(await cache.recall('p', '/api/jobs/5')).toBeNull();
  expect((await cache.recall('p', '/api/jobs/609'))?.data).toBe(609);
});
