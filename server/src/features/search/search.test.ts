import type { Found } from '@kesto/contract';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
  await addOtherShop(server.store, [{ login: 'otto', role: 'admin' }]);
});
afterAll(() => server.close());

const found = async (text: string, by = 'bo') =>
  (await (await server.as(by)).get(`/api/search/${encodeURIComponent(text)}`).expect(200)).body as Found;
const tags = ({ joints }: Found) => joints.map((joint) => joint.tag);

test('by tag, by what it is called, by site', async () => {
  expect((await found('gh2')).units.map((unit) => unit.tag)).toEqual(['GH2']);
  expect(tags(await found('GH2-0'))).toEqual(['GH2-06', 'GH2-05']);
  expect((await found('herbarium')).units).toMatchObject([{ tag: 'HS3', site: 'Lumikero Botanical Station' }]);
  expect((await found('liquid valve changed')).jobs).toMatchObject([{ number: 24, tag: 'HS3', done: true }]);
  expect((await found('lumikero')).units).toHaveLength(5);
});

test('by whoever brazed it, and whoever worked on the job', async () => {
  const { joints, jobs } = await found('Varro');
  expect(joints.length).toBeGreaterThan(0);
  expect(joints.every((joint) => joint.by === 'Ilta Varro')).toBe(true);
  expect(jobs.map((job) => job.number)).toContain(31);
});

test('what stands for anything in SQL stands for itself; nothing and far too much is refused', async () => {
  expect(await found('%')).toEqual({ units: [], jobs: [], joints: [], imported: [] });
  expect(await found('_')).toEqual({ units: [], jobs: [], joints: [], imported: [] });
  const refused = await (await server.as('bo')).get(`/api/search/${'x'.repeat(61)}`).expect(400);
  expect(refused.body.error).toMatchObject({ field: 'text' });
});

test('another shop finds nothing of this one', async () => {
  expect(await found('GH2', 'otto')).toEqual({ units: [], jobs: [], joints: [], imported: [] });
});
