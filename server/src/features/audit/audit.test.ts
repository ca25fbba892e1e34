import type { AuditLine, AuditPage } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import { addOtherShop, rulesServer, type OtherShop, type RulesServer } from '../../testing/server';
import { newCode } from '../people';
import { audited } from './audit.service';

let server: RulesServer;
let shop: OtherShop;
const NOW = new Date('2026-11-25T12:00:00.000Z');
let now = NOW;
beforeAll(async () => {
  server = await rulesServer({ clock: () => now });
  shop = await addOtherShop(server.store, [
    { login: 'olaf', role: 'admin' },
    { login: 'lise', role: 'technician' },
  ]);
});
afterAll(() => server.close());

const page = async (before = 'newest') => (await (await server.as('olaf')).get(`/api/audit/${before}`).expect(200)).body as AuditPage;
const ofKind = async (what: AuditLine['what']) => (await page()).lines.filter((line) => line.what === what);
const CODE = newCode();

test('who signed in, was asked in, came, got another role, left and took a record out stands there by name, the newest first', async () => {
  const olaf = await server.as('olaf');
  await olaf.put(`/api/invites/${uuid()}`).send({ code: CODE, name: 'Tuomo Rae', role: 'technician' }).expect(200);
  now = new Date(NOW.getTime() + 60_000);
  const come = { code: CODE, name: 'Tuomo Rae', login: 'tuomo', password: 'ten letters or more' };
  await server.stranger().post('/api/join').send(come).expect(201);
  const { people } = (await olaf.get('/api/people').expect(200)).body as { people: { id: string; name: string }[] };
  const tuomo = people.find(({ name }) => name === 'Tuomo Rae')!.id;
  await olaf.post(`/api/people/${tuomo}/role`).send({ role: 'lead' }).expect(200);
  now = new Date(NOW.getTime() + 120_000);
  await olaf.post(`/api/people/${tuomo}/left`).send({ left: true }).expect(200);
  await (await server.as('lise')).get(`/api/jobs/${shop.jobId}/record.zip`).expect(200);
  const { lines } = await page();
  expect(lines.map(({ at }) => at)).toEqual(
    lines
      .map(({ at }) => at)
      .toSorted()
      .toReversed(),
  );
  const said = lines.map(({ what, by, whom, role, job }) => [what, by, whom ?? role ?? job].filter((word) => word !== null).join(' '));
  expect(said).toEqual(
    expect.arrayContaining([
      ...['signed-in olaf', 'code-made olaf Tuomo Rae', 'code-used Tuomo Rae', 'signed-in Tuomo Rae', 'left olaf Tuomo Rae'],
      ...['role olaf Tuomo Rae', `exported lise ${lines.find(({ what }) => what === 'exported')?.job}`],
    ]),
  );
});

test('wrong passwords are one line a minute and address, with how often, and of nobody who is not here', async () => {
  now = new Date(NOW.getTime() + 600_000);
  for (let i = 0; i < 3; i++) await server.stranger().post('/api/session').send({ login: 'lise', password: 'wrong one' }).expect(401);
  await server.stranger().post('/api/session').send({ login: 'nobody', password: 'wrong one' }).expect(401);
  let noted = await ofKind('sign-in-refused');
  // Noted once the answers are gone.
  while ((noted[0]?.times ?? 0) < 3) noted = await ofKind('sign-in-refused');
  const [line, ...more] = noted;
  expect([line, more]).toMatchObject([{ whom: 'lise', by: null, times: 3, address: expect.any(String) }, []]);
});

test('a flood from many addresses fills no disk: beyond 300 rows an hour they are one', async () => {
  const { auditRefused } = await import('./audit.service');
  const person = uuid();
  for (let i = 0; i < 400; i++) {
    await server.store.inShop(shop.shopId, (work) => auditRefused(work, person, `203.0.113.${i}`, now));
  }
  const since = (at: Date) => server.store.inShop(shop.shopId, ({ audit }) => audit.refusedSince(at));
  expect(await since(new Date(NOW.getTime()))).toBe(301);
  const later = new Date(NOW.getTime() + 401 * 24 * 3_600_000);
  await server.store.inShop(shop.shopId, (work) => auditRefused(work, person, '203.0.113.1', later));
  expect(await since(new Date(0))).toBe(1);
});

test('pages follow each other without a gap; what is no page is refused', async () => {
  for (let i = 0; i < 60; i++) {
    await server.store.inShop(shop.shopId, (work) =>
      audited(work, { what: 'exported', personId: null, about: `CR2-${i}` }, new Date(NOW.getTime() + 1_000_000 + (i >> 1))),
    );
  }
  const first = await page();
  const second = await page(first.next!);
  const tags = [...first.lines, ...second.lines].map(({ joint }) => joint).filter((joint) => joint?.startsWith('CR2-'));
  expect([first.lines.length, new Set(tags).size, tags.length]).toEqual([50, 60, 60]);
  const refused = await (await server.as('olaf')).get('/api/audit/yesterday').expect(400);
  expect(refused.body.error.field).toBe('before');
});

test('a page may end at a refused try, and the next begins behind it', async () => {
  const { auditRefused } = await import('./audit.service');
  const begin = NOW.getTime() + 900 * 24 * 3_600_000;
  for (let i = 0; i < 70; i++) {
    await server.store.inShop(shop.shopId, (work) => auditRefused(work, uuid(), '203.0.113.1', new Date(begin + i * 60_000)));
  }
  const first = await page();
  expect(first.lines.at(-1)?.what).toBe('sign-in-refused');
  const second = await page(first.next!);
  const both = [...first.lines, ...second.lines].filter(({ what }) => what === 'sign-in-refused');
  expect(new Set(both.map(({ at, id }) => `${at} ${id}`)).size).toBeGreaterThanOrEqual(70);
});

test('the log says the same in ids, and neither code nor password nor name', () => {
  const told = server.logged.filter((line) => line.includes('"audit"'));
  expect(told.some((line) => line.includes('"what":"code-used"'))).toBe(true);
  expect(server.logged.some((line) => line.includes('refused at the door') && line.includes('WRONG_SIGN_IN'))).toBe(true);
  for (const secret of [CODE, 'ten letters or more', 'wrong one', 'Tuomo']) {
    expect(server.logged.filter((line) => line.includes(secret))).toEqual([]);
  }
});

test('another shop’s trail is nobody’s here; whoever is no admin is told so', async () => {
  await (await server.as('lise')).get('/api/audit/newest').expect(403);
  await (await server.as('ilta')).get('/api/audit/newest').expect(403);
});
