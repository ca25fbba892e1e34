import { foundAddress, type FoundAsked, type FoundPage } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import { FINISHED_JOINT } from '../../testing/examples';
import { rulesServer, testServer, type RulesServer } from '../../testing/server';
import { DEMO_SHOP } from '../demo';

/** The same questions of rows in memory and of a database. */
describe.each([
  ['in memory', () => rulesServer()],
  ['in a database', () => testServer()],
])('joints are found again, %s', (_where, start) => {
  let server: RulesServer;
  beforeAll(async () => {
    server = await start();
  });
  afterAll(() => server.close());
  const found = async (asked: FoundAsked) =>
    (await (await server.as('bo')).get(`/api/found/${encodeURIComponent(foundAddress(asked))}`).expect(200)).body as FoundPage;

  test('by tag, machine, maker, filler, day and how they stand; the newest first', async () => {
    const all = await found({});
    expect(all.count).toBe(all.joints.length);
    const one = all.joints.find(({ id }) => id === FINISHED_JOINT)!;
    expect(one).toMatchObject({ tag: 'HS3-03', unit: { tag: 'HS3' }, maker: 'Ilta Varro', filler: 'BAg-36', state: 'accepted' });
    const madeAt = all.joints.flatMap((joint) => joint.madeAt ?? []);
    expect(madeAt).toEqual(madeAt.toSorted().toReversed());
    const day = one.madeAt?.slice(0, 10) ?? '';
    const ilta = await server.store.inShop(
      DEMO_SHOP,
      async ({ people }) => (await people.all()).find(({ name }) => name === 'Ilta Varro')?.id ?? '',
    );
    const questions: readonly FoundAsked[] = [
      { tag: 'hs3-0' },
      { unit: 'HS3' },
      { person: ilta, filler: 'BAg-36' },
      { from: day, to: day },
      { state: 'accepted' },
    ];
    for (const asked of questions) expect((await found(asked)).joints.map(({ id }) => id)).toContain(FINISHED_JOINT);
    expect((await found({ tag: 'HS3-03', state: 'cut-out' })).joints).toEqual([]);
    expect((await found({ unit: 'nowhere' })).count).toBe(0);
  });

  test('what is noted since is in the next answer, page by page and nothing twice', async () => {
    const before = (await found({})).joints.find(({ state }) => state === 'planned')!;
    const values = {
      filler: 'BCuP-6',
      lot: '24-118',
      rodMm: 20,
      seconds: 20,
      purgeLpm: 2.4,
      floodSeconds: 60,
      depthMm: 9,
      protection: '',
      note: '',
    };
    const body = { kind: 'brazed', deviceTime: new Date().toISOString(), values, photos: [] };
    await (await server.as('ilta')).put(`/api/joints/${before.id}/entries/${uuid()}`).send(body).expect(200);
    const [newest] = (await found({ lot: '24-' })).joints;
    expect(newest).toMatchObject({ id: before.id, lot: '24-118', state: 'brazed' });
    const { joints } = await found({});
    const after = joints[1]!;
    const rest = await found({ after: `${Date.parse(after.madeAt ?? '')}.${after.id}` });
    expect([rest.count, rest.joints.map(({ id }) => id)]).toEqual([null, joints.slice(2).map(({ id }) => id)]);
  });

  test('as a table, in which no cell is run by a sheet; what is asked wrongly is refused by its name', async () => {
    const bo = await server.as('bo');
    const { text } = await bo.get(`/api/found/${encodeURIComponent(foundAddress({ tag: 'HS3-03' }))}/joints.csv`).expect(200);
    expect(text.split('\r\n')[0]).toBe('tag,joint,machine,site,made by,filler,lot,made,stands');
    expect(text).toContain('HS3-03,');
    const { body } = await bo.get('/api/found/from%3Dyesterday').expect(400);
    expect(body.error.field).toBe('from');
    await bo.get('/api/found/after%3Dx').expect(400);
  });
});
