import { canonicalHash } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { planBody } from '../../testing/examples';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

async function newJoint(): Promise<string> {
  const id = uuid();
  const ilta = await server.as('ilta');
  await ilta.put(`/api/jobs/0193a000-0000-7000-8000-000000000041/joints/${id}`).send({ title: 'Test joint' }).expect(200);
  return id;
}

test('a lead chooses the shop’s schools, everybody sees them, a technician cannot change them', async () => {
  const [maren, ilta] = [await server.as('maren'), await server.as('ilta')];
  await maren.put('/api/schools').send({ houseRod: 'silver-15' }).expect(200);
  expect((await ilta.get('/api/schools').expect(200)).body).toEqual({ houseRod: 'silver-15' });
  await ilta.put('/api/schools').send({}).expect(403);
});

test('a school nobody knows is refused, naming it', async () => {
  const maren = await server.as('maren');
  expect((await maren.put('/api/schools').send({ houseRod: 'gold' }).expect(400)).body.error.field).toBe('houseRod');
  expect((await maren.put('/api/schools').send({ lunch: 'early' }).expect(400)).body.error.field).toBe('lunch');
});

test('a joint may differ from the shop, with a reason that is kept', async () => {
  await (await server.as('maren')).put('/api/schools').send({ houseRod: 'silver-15' }).expect(200);
  const ilta = await server.as('ilta');
  const joint = await newJoint();
  const differing = { ...planBody(), request: { ...planBody().request, schools: { houseRod: 'silver-free' as const } } };
  const refused = await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(differing).expect(400);
  expect(refused.body.error).toMatchObject({ field: 'reason' });
  const kept = await ilta
    .put(`/api/joints/${joint}/plans/${uuid()}`)
    .send({ ...differing, reason: 'customer’s own rods' })
    .expect(200);
  expect(kept.body.reason).toBe('customer’s own rods');
  const same = { ...planBody(), request: { ...planBody().request, schools: { houseRod: 'silver-15' as const } } };
  await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(same).expect(200);
});

test('a shop practice chosen from an older page is held against what stands', async () => {
  const maren = await server.as('maren');
  const stands = (await maren.get('/api/schools').expect(200)).body;
  const late = maren.put('/api/schools').set('kesto-made-from', 'd'.repeat(64)).send({ vacuum: 'triple' });
  expect((await late.expect(409)).body.error.details).toEqual({ stands, hash: canonicalHash(stands) });
});

test('schools are one shop’s own', async () => {
  await addOtherShop(server.store, [{ login: 'olga', role: 'lead' }]);
  expect((await (await server.as('olga')).get('/api/schools').expect(200)).body).toEqual({});
});

describe('the van', () => {
  const van = {
    fillers: [{ designation: 'bcup5', rod: 'round-1/8', count: 4 }],
    torch: { fuel: 'oxy-propane' },
    cylinder: { waterVolume: { value: 20, unit: 'L' }, pressure: { value: 120, unit: 'barg' } },
  };

  test('is counted by whoever works from it, and is the shop’s own', async () => {
    await addOtherShop(server.store, [{ login: 'vera', role: 'technician' }]);
    const vera = await server.as('vera');
    const kept = await vera.put('/api/van').send(van).expect(200);
    expect(kept.body.fillers).toEqual([{ designation: 'BCuP-5', rod: 'round-1/8', count: 4 }]);
    expect((await vera.get('/api/van').expect(200)).body).toEqual(kept.body);
    expect((await (await server.as('ilta')).get('/api/van').expect(200)).body.fillers.length).toBeGreaterThan(3);
  });

  test('counted from an older count overwrites no newer one in silence; the same again, and a program’s, is taken', async () => {
    const [ilta, oskar] = [await server.as('ilta'), await server.as('oskar')];
    const stands = (await ilta.get('/api/van').expect(200)).body;
    const madeFrom = canonicalHash(stands);
    const by = (agent: typeof ilta, count: number, from: string) =>
      agent
        .put('/api/van')
        .set('kesto-made-from', from)
        .send({ ...van, fillers: [{ ...van.fillers[0], designation: 'BCuP-5', count }] });
    const kept = (await by(oskar, 7, madeFrom).expect(200)).body;
    const late = (await by(ilta, 3, madeFrom).expect(409)).body.error;
    expect(late).toMatchObject({ code: 'CHANGED', details: { stands: kept, hash: canonicalHash(kept) } });
    await by(oskar, 7, madeFrom).expect(200);
    await by(ilta, 3, late.details.hash).expect(200);
    await ilta.put('/api/van').send(stands).expect(200);
  });

  test('with a filler nobody knows is refused, naming its row', async () => {
    const wrong = { ...van, fillers: [{ designation: 'BX-1', rod: 'round-1/8', count: 4 }] };
    const { body } = await (await server.as('ilta')).put('/api/van').send(wrong).expect(400);
    expect(body.error).toMatchObject({ field: 'fillers[0].designation', message: expect.stringContaining('BCuP-2') });
  });

  test('with flux that stands twice, a cylinder lighter than empty, a tip of no torch is refused by field', async () => {
    const ilta = await server.as('ilta');
    const field = async (rest: object) =>
      (
        await ilta
          .put('/api/van')
          .send({ ...van, ...rest })
          .expect(400)
      ).body.error.field as string; // cast: an error names its field
    expect(await field({ flux: [1, 2].map((grams) => ({ class: 'FB3-A', grams })) })).toBe('flux[1].class');
    const [tare, gross] = [12, 11].map((value) => ({ value, unit: 'kg' }));
    expect(await field({ gases: [{ id: uuid(), gas: 'fuel', name: 'small', tare, gross }] })).toBe('gases[0].gross');
    expect(await field({ torch: { fuel: 'oxy-propane', tips: [4, 400] } })).toBe('torch.tips[1]');
  });

  test('tells what joints took of each rod since it was counted', async () => {
    const ilta = await server.as('ilta');
    const { body } = await ilta.get('/api/van/use').expect(200);
    expect(body.since).toBe('2026-11-02T06:30:00.000Z');
    expect(body.fillers.length).toBeGreaterThan(0);
    const counted = { ...(await ilta.get('/api/van').expect(200)).body, countedAt: '2026-11-30T00:00:00.000Z' };
    await ilta.put('/api/van').send(counted).expect(200);
    expect((await ilta.get('/api/van/use').expect(200)).body.fillers).toEqual([]);
  });
});
