import {
  unitContent,
  unitRequestOf,
  type PutUnitRequest,
  type SitePage,
  type SiteView,
  type UnitsOfSite,
  type UnitView,
} from '@kesto/contract';
import { canonicalHash } from '@kesto/core';
import type { Agent } from 'supertest';
import { v7 as uuid } from 'uuid';
import { demoId } from '../demo';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
let olga: Agent;
beforeAll(async () => {
  server = await rulesServer();
  await addOtherShop(server.store, [{ login: 'olga', role: 'technician' }]);
  olga = await server.as('olga');
});
afterAll(() => server.close());

const q = (value: number, unit: string) => ({ value, unit });

async function newSite(): Promise<string> {
  const id = uuid();
  await olga
    .put(`/api/sites/${id}`)
    .send({ name: 'Orangery', altitude: q(2000, 'ft') })
    .expect(200);
  return id;
}

const unitAt = (siteId: string, rest: Partial<PutUnitRequest> = {}): PutUnitRequest => ({
  siteId,
  tag: 'OR1',
  name: 'orangery split',
  kind: 'split',
  circuits: [
    {
      id: uuid(),
      name: 'main',
      refrigerant: 'r32',
      highSide: q(41, 'barg'),
      lowSide: q(360, 'psig'),
      coldest: q(14, 'F'),
      swept: [{ od: q(5 / 8, 'in'), length: q(9, 'm') }],
    },
  ],
  ...rest,
});
const put = (id: string, body: object) => olga.put(`/api/units/${id}`).send(body);

test('a shop that has nothing gets a site, a unit, a job on it, and its joints their tags', async () => {
  const siteId = await newSite();
  const site = { id: siteId, name: 'Orangery', altitudeM: expect.closeTo(609.6, 1) };
  expect((await olga.get('/api/sites/after/first').expect(200)).body.sites).toContainEqual(site);
  expect((await olga.get(`/api/sites/${siteId}`).expect(200)).body).toEqual(site);
  const [unit, job, joint] = [uuid(), uuid(), uuid()];
  const body = unitAt(siteId);
  const made = (await put(unit, body).expect(200)).body as UnitView;
  expect(made.circuits[0]).toMatchObject({ refrigerant: 'R-32', coldestC: expect.closeTo(-10, 6), purgeSections: [{ length: q(9, 'm') }] });
  expect((await put(unit, body).expect(200)).body).toEqual(made);
  await olga.put(`/api/jobs/${job}`).send({ circuitId: body.circuits[0]?.id, title: 'valve leaks' }).expect(200);
  const added = await olga.put(`/api/jobs/${job}/joints/${joint}`).send({ title: 'liquid line' }).expect(200);
  expect(added.body.tag).toBe('OR1-01');
  expect((await olga.get(`/api/joints/${joint}`).expect(200)).body).toMatchObject({ site: { name: 'Orangery' }, unit: { tag: 'OR1' } });
  expect((await olga.get('/api/today').expect(200)).body.units).toContainEqual({
    id: unit,
    tag: 'OR1',
    name: 'orangery split',
    kind: 'split',
  });
});

test('a plate is put right; the tag stays once joints carry it', async () => {
  const siteId = await newSite();
  const [unit, job] = [uuid(), uuid()];
  const body = unitAt(siteId, { tag: 'OR2' });
  await put(unit, body).expect(200);
  const [circuit] = body.circuits;
  const mended = { ...body, name: 'orangery cooler', tag: 'OR3', circuits: [{ ...circuit, highSide: q(42, 'barg') }] };
  expect((await put(unit, mended).expect(200)).body).toMatchObject({ tag: 'OR3', circuits: [{ highSideDesignGaugePa: 42e5 }] });
  await olga.put(`/api/jobs/${job}`).send({ circuitId: circuit?.id, title: 'drier' }).expect(200);
  await olga.put(`/api/jobs/${job}/joints/${uuid()}`).send({ title: 'drier inlet' }).expect(200);
  const refused = await put(unit, { ...mended, tag: 'OR4' }).expect(400);
  expect(refused.body.error).toMatchObject({ field: 'tag', message: expect.stringContaining('OR3') });
});

test('a plate put right from an older one is held against what stands, told in the form in which it is written', async () => {
  const siteId = await newSite();
  const unit = uuid();
  const body = unitAt(siteId, { tag: 'OR7' });
  const first = (await put(unit, body).expect(200)).body as UnitView;
  const from = (view: UnitView, changed: object) =>
    olga
      .put(`/api/units/${unit}`)
      .set('kesto-made-from', canonicalHash(unitContent(view)))
      .send({ ...body, ...changed });
  const second = (await from(first, { name: 'new name' }).expect(200)).body as UnitView;
  const { error } = (await from(first, { model: 'H-2' }).expect(409)).body;
  expect(error.details).toEqual({ stands: unitRequestOf(second), hash: canonicalHash(unitContent(second)) });
  expect((await from(second, { ...error.details.stands, model: 'H-2' }).expect(200)).body).toEqual({ ...second, model: 'H-2' });
});

test.each<[string, (siteId: string) => object, number, string]>([
  ['a site of nobody', () => unitAt(uuid()), 400, 'siteId'],
  ['a tag with a dash in it', (site) => unitAt(site, { tag: 'OR-1' }), 400, 'tag'],
  ['no circuit', (site) => unitAt(site, { circuits: [] }), 400, 'circuits'],
  [
    'sides swapped',
    (site) => {
      const body = unitAt(site, { tag: 'OR9' });
      return { ...body, circuits: [{ ...body.circuits[0], lowSide: q(60, 'barg') }] };
    },
    400,
    'circuits[0].lowSide',
  ],
])('%s is refused by name', async (_what, body, status, field) => {
  const { error } = (await put(uuid(), body(await newSite())).expect(status)).body;
  expect(error.field).toBe(field);
});

test('a tag names one unit of a shop', async () => {
  const siteId = await newSite();
  await put(uuid(), unitAt(siteId, { tag: 'TW1' })).expect(200);
  expect((await put(uuid(), unitAt(siteId, { tag: 'TW1' })).expect(409)).body.error.field).toBe('tag');
});

test('circuits neither leave their unit nor come from another, of this shop or the next', async () => {
  const siteId = await newSite();
  const body = unitAt(siteId, { tag: 'CI1' });
  const unit = uuid();
  await put(unit, body).expect(200);
  expect((await put(uuid(), { ...body, tag: 'CI2' }).expect(409)).body.error.field).toBe('circuits[0].id');
  expect((await put(unit, unitAt(siteId, { tag: 'CI1' })).expect(400)).body.error.field).toBe('circuits');
  // The demo's circuit is behind the wall: for this shop there is none of that id, and one of its own is made.
  const theirs = { ...body, tag: 'CI3', circuits: [{ ...body.circuits[0], id: demoId(0x31) }] };
  await put(uuid(), theirs).expect(200);
  expect((await (await server.as('ilta')).get('/api/units/after/first').expect(200)).body.units[0].circuits[0].refrigerant).toBe('R-449A');
});

test('units of a shop are seen by nobody else', async () => {
  const ilta = await server.as('ilta');
  const tags = ((await ilta.get('/api/units/after/first').expect(200)).body.units as UnitView[]).map((unit) => unit.tag);
  expect(tags).toEqual(['CR2', 'GC7', 'HS3', 'GH2', 'DR1']);
});

test('sites come by name, a page of fifty at a time, and by the beginnings of their words; those of a shop are seen by nobody else', async () => {
  const names = Array.from({ length: 60 }, (_, i) => `${i % 2 ? 'palm' : 'Fern'} house ${String(i).padStart(2, '0')}`);
  const own = await rulesServer();
  await addOtherShop(own.store, [{ login: 'olga', role: 'technician' }]);
  const her = await own.as('olga');
  for (const name of names.toReversed())
    await her
      .put(`/api/sites/${uuid()}`)
      .send({ name, altitude: q(0, 'm') })
      .expect(200);
  const page = async (after: string) => (await her.get(`/api/sites/after/${after}`).expect(200)).body as SitePage;
  const first = await page('first');
  const second = await page(String(first.next));
  const all = [...first.sites, ...second.sites].map(({ name }) => name);
  expect([first.sites.length, second.next]).toEqual([50, null]);
  expect(all.filter((name) => names.includes(name))).toEqual(names.toSorted((a, b) => (a.toLowerCase() < b.toLowerCase() ? -1 : 1)));

  const named = async (typed: string) =>
    ((await her.get(`/api/sites/named/${typed}`).expect(200)).body as SiteView[]).map(({ name }) => name);
  expect(await named('PAL%2007')).toEqual(['palm house 07']);
  const ferns = await named('fern');
  expect([ferns.length, ferns.every((name) => name.startsWith('Fern'))]).toEqual([8, true]);
  expect(ferns).toEqual(ferns.toSorted());
  expect(await named('house%20elf')).toEqual([]);
  expect(await named('%20')).toEqual([]);
  // A site that is called otherwise now is found by that name alone.
  const [moved] = second.sites;
  await her
    .put(`/api/sites/${moved?.id}`)
    .send({ name: 'Orangery', altitude: q(0, 'm') })
    .expect(200);
  expect([await named('orang'), await named(`palm ${moved?.name.slice(-2)}`)]).toEqual([['Orangery'], []]);

  // A page from before sites were paged asks at their former address: it is told what helps.
  const former = (await her.get('/api/sites').set('sec-fetch-site', 'same-origin').expect(404)).body.error.message as string;
  expect(former).toMatch(/of another version of Kesto: reload it/);
  expect((await her.get('/api/sites').expect(404)).body.error.message).not.toMatch(/reload/);
  expect((await her.get('/api/sites/after/nowhere').expect(400)).body.error.field).toBe('after');
  const ilta = await own.as('ilta');
  await ilta.get(`/api/sites/${moved?.id}`).expect(404);
  await ilta.get(`/api/sites/after/${moved?.id}`).expect(400);
  expect((await ilta.get('/api/sites/named/orang').expect(200)).body).toEqual([]);
  await own.close();
});

test('a site names its first machines and where the others begin; of another shop’s nothing is said', async () => {
  const own = await rulesServer();
  const ilta = await own.as('ilta');
  const [many, none] = [uuid(), uuid()];
  for (const [id, name] of [
    [many, 'palm house'],
    [none, 'fernery'],
  ])
    await ilta
      .put(`/api/sites/${id}`)
      .send({ name, altitude: q(0, 'm') })
      .expect(200);
  const tags = Array.from({ length: 70 }, (_, i) => `PH${i + 100}`);
  for (const tag of tags) await ilta.put(`/api/units/${uuid()}`).send(unitAt(many, { tag })).expect(200);
  const on = (await ilta.get(`/api/units/on/${many},${none}`).expect(200)).body as UnitsOfSite[];
  const beside = on.find(({ site }) => site === many);
  expect(on.find(({ site }) => site === none)).toEqual({ site: none, units: [], next: null });
  const behind = async (after: string) => (await ilta.get(`/api/sites/${many}/units/after/${after}`).expect(200)).body as UnitsOfSite;
  const second = await behind(String(beside?.next));
  const third = await behind(String(second.next));
  const read = [beside, second, third].map((page) => page?.units.map(({ tag }) => tag) ?? []);
  expect(read.map((page) => page.length)).toEqual([12, 50, 8]);
  expect([read.flat(), third.next]).toEqual([tags, null]);

  expect((await ilta.get(`/api/units/on/${many},palm`).expect(400)).body.error.field).toBe('sites');
  expect((await ilta.get(`/api/units/on/${Array.from({ length: 51 }, () => uuid()).join(',')}`).expect(400)).body.error.field).toBe(
    'sites',
  );
  expect((await ilta.get(`/api/sites/${many}/units/after/PH107`).expect(400)).body.error.field).toBe('after');
  await addOtherShop(own.store, [{ login: 'olga', role: 'technician' }]);
  const her = await own.as('olga');
  expect((await her.get(`/api/units/on/${many}`).expect(200)).body).toEqual([]);
  await her.get(`/api/sites/${many}/units/after/first`).expect(404);
  await own.close();
});

test('machines of one model say what they hold and were charged with last; another shop’s are none of ours', async () => {
  const siteId = await newSite();
  const [first, second] = [uuid(), uuid()];
  const plateOf = (tag: string) => ({ ...unitAt(siteId, { tag }), model: 'PK 90' });
  await olga.put(`/api/units/${first}`).send(plateOf('SI1')).expect(200);
  await olga.put(`/api/units/${second}`).send(plateOf('SI2')).expect(200);
  const { circuits } = (await olga.get(`/api/units/${second}`).expect(200)).body as UnitView;
  const job = uuid();
  await olga.put(`/api/jobs/${job}`).send({ circuitId: circuits[0]?.id, title: 'short of charge' }).expect(200);
  const note = (kind: string, values: object, stage = 'charge') =>
    olga.put(`/api/jobs/${job}/stages/${uuid()}`).send({ stage, kind, values, photos: [], deviceTime: new Date().toISOString() });
  const kg = (value: number) => ({ value, unit: 'kg' });
  for (const stage of ['hold', 'pull']) await note('skipped', { reason: 'not opened' }, stage).expect(200);
  await note('charge-began', { dataPlate: kg(0.9) }).expect(200);
  await note('cylinder-weighed', { name: 'K-1', before: kg(9), after: kg(8.1), refrigerant: 'R-32' }).expect(200);
  await note('charged', {}).expect(200);
  const { body } = await olga.get(`/api/units/${first}/sisters`).expect(200);
  expect(body).toMatchObject([{ tag: 'SI2', refrigerant: 'R-32', last: { kg: expect.closeTo(0.9, 6), jobNumber: expect.any(Number) } }]);
  expect((await (await server.as('ilta')).get(`/api/units/${demoId(0x21)}/sisters`).expect(200)).body).toEqual([]);
  await (await server.as('ilta')).get(`/api/units/${first}/sisters`).expect(404);
});

test('a unit’s history has its leaks, its joints with their last flame, and its jobs; another shop’s unit has none to show', async () => {
  const ilta = await server.as('ilta');
  const { body } = await ilta.get(`/api/units/${demoId(0x21)}/history`).expect(200);
  expect(body.leaks).toMatchObject([{ circuitId: demoId(0x31), place: 'suction-valve', jobNumber: 31, gramsPerYear: 2300 }]);
  expect(body.joints.map((joint: { tag: string }) => joint.tag)).toEqual(['CR2-11', 'CR2-10', 'CR2-09', 'CR2-08', 'CR2-07']);
  const made = (await ilta.get(`/api/units/${demoId(0x23)}/history`).expect(200)).body as { joints: object[]; jobs: object[] };
  expect(made.joints).toMatchObject([{ tag: 'HS3-03', state: 'accepted', madeOn: expect.stringMatching(/^\d{4}-\d\d-\d\d$/) }]);
  expect(made.jobs).toMatchObject([
    { number: 32, done: false },
    { number: 24, done: true },
  ]);
  await olga.get(`/api/units/${demoId(0x21)}/history`).expect(404);
});
