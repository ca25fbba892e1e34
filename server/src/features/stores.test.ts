// Both stores, asked the same: what rules are tried on in memory is what a database answers too.
import type { Response } from 'supertest';
import { brazedBody, FINISHED_JOINT, lookBody, OPEN_JOB, planBody, UNPLANNED_JOINT } from '../testing/examples';
import { rulesServer, testServer, type RulesServer } from '../testing/server';
import { DEMO_SHOP, demoId, SITE } from './demo';
import type { ShopWork } from './shopWork';

const NOW = new Date('2026-11-25T12:00:00.000Z');
let both: readonly RulesServer[];
beforeAll(async () => {
  both = [await rulesServer({ clock: () => NOW }), await testServer({ clock: () => NOW })];
});
afterAll(() => Promise.all(both.map((server) => server.close())));

/** Drawn by lot: salts, and with them commitments, hashes, and the ids of Kesto's own entries. The demo's days hang on when it was loaded. */
const LOT = /\b([0-9a-f]{64}|[0-9a-f]{32}|[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}|20\d\d-\d\d-\d\d(T[\d:.]+Z)?)\b/g;
const wordsOf = (beside: object) => Object.values(beside).map(({ words }: { words: string }) => words);
const sameOrder = (value: object) => Object.fromEntries(Object.entries(value).toSorted(([a], [b]) => (a < b ? -1 : 1)));
const bare = ({ status, body }: Pick<Response, 'status' | 'body'>) => {
  const text = JSON.stringify(body, (key, value: unknown) => {
    if (!value || typeof value !== 'object' || Array.isArray(value)) return value;
    return key === 'beside' ? wordsOf(value).toSorted() : sameOrder(value);
  });
  return { status, body: JSON.parse(text.replace(LOT, '*')) as unknown };
};

type Step = readonly [who: string, method: 'get' | 'put' | 'post', path: string, body?: object];
async function answers([who, method, path, body]: Step) {
  const all = [];
  for (const server of both) {
    const agent = await server.as(who);
    all.push(bare(body ? await agent[method](path).send(body) : await agent[method](path)));
  }
  return all;
}

const id = (n: number) => `018f0000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const AT = '2026-11-25T11:00:00.000Z';
const stage = (entry: number, kind: string, values: object, rest: object = {}): Step => [
  ...(['ilta', 'put', `/api/jobs/${id(1)}/stages/${id(entry)}`] as const),
  { stage: 'find', kind, values, deviceTime: AT, photos: [], ...rest },
];
const joint = (entry: number, body: object, who = 'ilta'): Step => [who, 'put', `/api/joints/${id(2)}/entries/${id(entry)}`, body];

/** A day's work, with what is refused in it. */
const DAY: readonly Step[] = [
  ['ilta', 'put', `/api/jobs/${id(1)}`, { circuitId: demoId(0x33), title: 'short of charge' }],
  ['ilta', 'put', `/api/jobs/${id(1)}`, { circuitId: demoId(0x33), title: 'another title' }],
  stage(11, 'complaint', { text: 'does not cool' }),
  stage(11, 'complaint', { text: 'does not cool' }),
  stage(11, 'complaint', { text: 'another' }),
  stage(12, 'checked-place', { place: 'liquid-port', method: 'soap', result: 'leak', gramsPerYear: 100 }),
  stage(13, 'corrected', { gramsPerYear: 120 }, { corrects: { entry: id(12), why: 'measured again' } }),
  stage(14, 'struck-out', {}, { corrects: { entry: id(11), why: 'of another job' } }),
  [
    'bo',
    'put',
    `/api/jobs/${id(1)}/stages/${id(15)}`,
    { stage: 'find', kind: 'complaint', values: { text: 'x' }, deviceTime: AT, photos: [] },
  ],
  ['ilta', 'put', `/api/jobs/${id(1)}/joints/${id(2)}`, { title: 'the port' }],
  joint(21, brazedBody()),
  ['ilta', 'put', `/api/joints/${id(2)}/plans/${id(3)}`, planBody()],
  ['ilta', 'put', `/api/joints/${id(2)}/plans/${id(3)}`, planBody('BCuP-2')],
  joint(22, { ...brazedBody(), photos: ['0'.repeat(64)] }),
  joint(23, brazedBody()),
  joint(24, lookBody('rework', ['pinhole'])),
  joint(25, lookBody()),
  joint(26, { kind: 'accepted', deviceTime: AT, values: { note: '' }, photos: [] }),
  ['maren', 'put', `/api/jobs/${id(1)}/erased/${id(16)}`, { entry: id(11), what: 'words', why: 'asked' }],
  ['maren', 'post', `/api/people/${demoId(0x12)}/role`, { role: 'lead' }],
  ['maren', 'put', `/api/joints/${UNPLANNED_JOINT}/plans/${id(4)}`, planBody()],
];
const READS: readonly string[] = [
  ...['/api/today', `/api/jobs/${id(1)}`, `/api/jobs/${OPEN_JOB}`, `/api/joints/${id(2)}`, `/api/joints/${FINISHED_JOINT}`],
  ...['/api/people', '/api/van', '/api/schools', '/api/search?q=cr2', '/api/search?q=ilta', '/api/search?q=port', '/api/invites'],
  ...[
    `/api/units/${demoId(0x23)}`,
    `/api/units/${demoId(0x21)}/history`,
    `/api/circuits/${demoId(0x33)}/drawing`,
    '/api/sites/after/first',
    '/api/sites/named/orch',
    `/api/units/on/${SITE.id}`,
    `/api/sites/${SITE.id}/units/after/first`,
  ],
];

test.each(READS.map((path) => [path]))('%s of the demo is the same', async (path) => {
  const [memory, database] = await answers(['maren', 'get', path]);
  expect(memory).toEqual(database);
});

test('a day’s work is taken and refused alike, and read alike afterwards', async () => {
  const statuses: number[] = [];
  for (const step of DAY) {
    const [memory, database] = await answers(step);
    expect([step[2], memory]).toEqual([step[2], database]);
    statuses.push(memory!.status);
  }
  expect(statuses.filter((status) => status >= 400)).toEqual([409, 409, 403, 409, 409, 400, 409, 403]);
  for (const path of READS) {
    const [memory, database] = await answers(['maren', 'get', path]);
    expect([path, memory]).toEqual([path, database]);
  }
});

describe.each([
  ['in memory', 0],
  ['on a database', 1],
])('a store %s', (_name, which) => {
  const inShop = <T>(work: (shop: ShopWork) => Promise<T>) => both[which]!.store.inShop(DEMO_SHOP, work);

  test('keeps all of a piece of work or none', async () => {
    const before = await inShop(({ shop }) => shop.get());
    const broken = inShop(async (shop) => {
      await shop.shop.change({ name: 'half done' });
      await shop.sites.save({ id: id(90), name: 'half done', altitudeM: 0 });
      throw new Error('broken off');
    });
    await expect(broken).rejects.toThrow('broken off');
    expect((await inShop(({ shop }) => shop.get())).name).toBe(before.name);
    expect(await inShop(({ sites }) => sites.byId(id(90)))).toBeNull();
  });

  test('keeps a series with its newest samples, and each block once', async () => {
    const instrument = { kind: 'pressure-temperature', name: 'P-7', columns: [] } as const;
    const began = { beganAt: new Date(AT), heardAt: new Date(AT), stoodAt: new Date(AT), endedAt: null };
    const job = (await inShop(({ jobs }) => jobs.toldToday(1)))[0]?.job.id ?? '';
    const series = {
      ...{ id: id(95), jobId: job, holdId: id(96), instrument, factor: null, pairedBy: null, tokenHash: `t${which}`, ...began },
      ...{ blocks: 0, head: null, samples: 0, acked: 0, tail: null, disagreements: 0 },
    };
    await inShop((shop) => shop.series.add(series));
    await inShop((shop) => shop.series.save({ ...series, acked: 5_000_000_000, samples: 3, tail: Buffer.from('abc') }));
    expect(await inShop((shop) => shop.series.byToken(`t${which}`))).toMatchObject({
      acked: 5_000_000_000,
      samples: 3,
      tail: Buffer.from('abc'),
    });
    const block = { seriesId: series.id, sequence: 1, bytes: Buffer.from('b'), hash: 'h' };
    await inShop((shop) => shop.series.addBlock(block));
    await expect(inShop((shop) => shop.series.addBlock(block))).rejects.toThrow();
    expect(await inShop((shop) => shop.series.blocksOf(series.id, 1))).toMatchObject([{ sequence: 1, hash: 'h' }]);
    expect(await inShop((shop) => shop.series.ofHold(series.holdId))).toHaveLength(1);
  });

  test('reads its trail the newest first, in pages', async () => {
    const lines = await inShop(({ audit }) => audit.page(null, 500));
    expect(lines.map(({ what }) => what)).toEqual(expect.arrayContaining(['signed-in', 'role']));
    const [first, second] = await inShop(({ audit }) => audit.page(null, 2));
    expect((await inShop(({ audit }) => audit.page(first!, 1)))[0]).toEqual(second);
  });

  test('refuses a link at a place of a chain, and under an id, that is taken', async () => {
    const [last] = await inShop(async ({ ledger }) => (await ledger.of({ of: 'joint', id: id(2) })).slice(-1));
    const columns = { result: null, place: null, at: AT, requestHash: '', writer: null };
    await expect(inShop(({ ledger }) => ledger.add(last as never, columns))).rejects.toThrow(); // cast: of format 3, made above
  });

  test('knows a sign-in name and a code in whichever shop they are, and nothing of others', async () => {
    const { store } = both[which]!;
    expect(await store.signInBy('ilta')).toMatchObject({ shopId: DEMO_SHOP, left: false });
    expect([await store.signInBy('nobody'), await store.inviteBy('0'), await store.loginIsTaken('nobody')]).toEqual([null, null, false]);
    expect(await store.inShop(id(99), ({ units }) => units.page(null, 9))).toEqual([]);
  });
});
