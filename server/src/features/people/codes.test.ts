import type { Role } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';
import { DEMO_PASSWORD } from '../demo';
import { codeHash } from './codes';

const PEOPLE: readonly { login: string; role: Role }[] = [
  { login: 'anna', role: 'admin' },
  { login: 'aino', role: 'admin' },
  { login: 'lauri', role: 'lead' },
  { login: 'timo', role: 'technician' },
];

let server: RulesServer;
let shopId: string;
let shops = 0;
/** Names are one for all shops: each test has a shop whose people carry its letter. */
const nameIn = (name: string) => `${name}${'abcdefghijklmnopqrstuvwxyz'[shops] ?? ''}`;
const as = (name: string) => server.as(nameIn(name));
beforeAll(async () => {
  server = await rulesServer({ trustProxy: 1 });
});
beforeEach(async () => {
  shops += 1;
  ({ shopId } = await addOtherShop(
    server.store,
    PEOPLE.map(({ login, role }) => ({ login: nameIn(login), role })),
  ));
});
afterAll(() => server.close());

let made = 0;
/** Letters and figures that a code may have, another one each time. */
const newCode = () => `CCCCCCCC${[...String(1000 + made++)].map((digit) => 'ABCDEFGHJK'[Number(digit)]).join('')}`;
const idOf = async (login: string) => (await (await as(login)).get('/api/session')).body.person.id as string;

async function codeBy(login: string, body: object): Promise<string> {
  const code = newCode();
  await (
    await as(login)
  )
    .put(`/api/invites/${uuid()}`)
    .send({ code, name: 'Newcomer', role: 'technician', ...body })
    .expect(200);
  return code;
}
const power = async (by: string, of: string, what: 'role' | 'left', body: object) =>
  (await as(by)).post(`/api/people/${await idOf(of)}/${what}`).send(body);
const use = (code: string) =>
  server
    .stranger()
    .post('/api/join')
    .send({ code, name: `New ${'abcdefghijklmnopqrstuvwxyz'[made % 26] ?? ''}`, login: `new${made++}`, password: 'a new password' });
const reads = async (code: string) => (await server.stranger().post('/api/join/code').send({ code })).status;

test('a password code never resets somebody who stands higher than its maker by now', async () => {
  const code = await codeBy('lauri', { person: await idOf('timo') });
  expect((await power('anna', 'timo', 'role', { role: 'admin' })).status).toBe(200);
  expect(await reads(code)).toBe(404);
  expect((await use(code)).status).toBe(404);
  await server
    .stranger()
    .post('/api/session')
    .send({ login: nameIn('timo'), password: DEMO_PASSWORD })
    .expect(201);
});

test('a code ends when its maker leaves, and is not back with them; it ends when they become less', async () => {
  const forLead = await codeBy('lauri', { role: 'lead' });
  await power('anna', 'lauri', 'left', { left: true });
  const gone = (await server.stranger().post('/api/join/code').send({ code: forLead }).expect(404)).body.error.message;
  await (
    await as('anna')
  )
    .post(`/api/people/${await personOf('lauri')}/left`)
    .send({ left: false })
    .expect(200);
  expect((await use(forLead)).body.error.message).toBe(gone);

  const forAdmin = await codeBy('aino', { role: 'admin' });
  await power('anna', 'aino', 'role', { role: 'lead' });
  expect((await use(forAdmin)).status).toBe(404);
});

/** Whoever has left cannot be asked who they are. */
const personOf = async (login: string): Promise<string> =>
  (await (await as('anna')).get('/api/people')).body.people.find((p: { name: string }) => p.name === nameIn(login)).id;

test('what its maker may do counts at the moment of use, also where the code was not ended', async () => {
  const code = await codeBy('aino', { role: 'admin' });
  const id = await idOf('aino');
  await server.store.inShop(shopId, ({ people }) => people.change(id, { role: 'lead' }));
  expect((await use(code)).status).toBe(404);
  await server.store.inShop(shopId, ({ people }) => people.change(id, { role: 'technician' }));
  expect((await use(await codeBy('anna', {}))).status).toBe(201);
});

test('the password code of somebody who left is unknown, and tells no name', async () => {
  const code = await codeBy('lauri', { person: await idOf('timo') });
  await power('anna', 'timo', 'left', { left: true });
  const { body } = await server.stranger().post('/api/join/code').send({ code }).expect(404);
  expect(JSON.stringify(body)).not.toContain(nameIn('timo'));
  expect((await use(code)).status).toBe(404);
});

test('a code of the former version goes on until it ends, with no more than a lead’s power', async () => {
  const former = (code: string, role: Role) =>
    server.store.inShop(shopId, ({ invites }) =>
      invites.add({
        ...{ id: uuid(), codeHash: codeHash(code), name: 'x', role, personId: null, madeBy: null, madeAt: new Date(), usedAt: null },
        expiresAt: new Date(Date.now() + 1e8),
      }),
    );
  await former('AAAA2222', 'lead');
  await former('AAAA3333', 'admin');
  expect((await use('AAAA2222')).status).toBe(201);
  expect((await use('AAAA3333')).status).toBe(404);
});

test('whether another shop uses a code is not told, and whoever had it first comes into the right shop', async () => {
  const code = await codeBy('lauri', {});
  const maren = await server.as('maren');
  const theirs = await maren.put(`/api/invites/${uuid()}`).send({ code, name: 'Somebody', role: 'technician' });
  expect(theirs.status).toBe(200);
  expect((await server.stranger().post('/api/join/code').send({ code })).body.shop).toBe('The other workshop');
});

test('an invitation is repeated as it was or is a conflict that names the field', async () => {
  const lauri = await as('lauri');
  const id = uuid();
  const body = { code: newCode(), name: 'Newcomer', role: 'technician' };
  await lauri.put(`/api/invites/${id}`).send(body).expect(200);
  await lauri.put(`/api/invites/${id}`).send(body).expect(200);
  const field = async (rest: object) =>
    (
      await lauri
        .put(`/api/invites/${id}`)
        .send({ ...body, ...rest })
        .expect(409)
    ).body.error.field as string; // cast: an error names its field
  expect(await field({ role: 'lead' })).toBe('role');
  expect(await field({ name: 'Another' })).toBe('name');
  expect(await field({ code: newCode() })).toBe('code');
  expect(await field({ person: await idOf('timo') })).toBe('name');
});

test('a lead takes no admin’s code back, and does not say that an admin left', async () => {
  const id = uuid();
  await (await as('anna')).put(`/api/invites/${id}`).send({ code: newCode(), name: 'Boss', role: 'admin' }).expect(200);
  await (await as('lauri')).delete(`/api/invites/${id}`).expect(403);
  expect((await power('lauri', 'anna', 'left', { left: true })).status).toBe(403);
  expect((await power('lauri', 'timo', 'role', { role: 'admin' })).status).toBe(403);
});

test('two admins who leave or step down at once: one of them stays', async () => {
  const answers = await Promise.all([power('anna', 'aino', 'left', { left: true }), power('aino', 'anna', 'role', { role: 'lead' })]);
  expect(answers.map((a) => a.status).sort()).not.toEqual([200, 200]);
  const left = await server.store.inShop(shopId, ({ people }) => people.adminCount());
  expect(left).toBe(1);
});

test('a late approval brings nobody back and changes no role: what a former page asked for beside it is told, not done', async () => {
  const id = await idOf('timo');
  await power('anna', 'timo', 'left', { left: true });
  const approvals = [{ scope: 'silver', number: 'LB-9', validUntil: '2027-01-01' }];
  const { body } = await (
    await as('lauri')
  )
    .put(`/api/people/${id}`)
    .send({ name: nameIn('timo'), role: 'lead', approvals, left: false })
    .expect(200);
  expect(body).toMatchObject({ left: true, role: 'technician', approvals, notDone: ['role', 'left'] });
});

test('approvals that lay on a device do not overwrite newer ones: both are shown', async () => {
  const id = await idOf('timo');
  const [anna, lauri] = [await as('anna'), await as('lauri')];
  const silver = { scope: 'silver', number: 'LB-9', validUntil: '2027-01-01' };
  const asShown = 'e'.repeat(64);
  await anna
    .put(`/api/people/${id}`)
    .send({ name: nameIn('timo'), approvals: [silver] })
    .expect(200);
  const late = lauri
    .put(`/api/people/${id}`)
    .set('kesto-made-from', asShown)
    .send({ name: nameIn('timo'), approvals: [] });
  const { body } = await late.expect(409);
  expect(body.error).toMatchObject({ code: 'CHANGED', details: { stands: { approvals: [silver] } } });
  await lauri
    .put(`/api/people/${id}`)
    .set('kesto-made-from', body.error.details.hash)
    .send({ name: nameIn('timo'), approvals: [] })
    .expect(200);
  await lauri
    .put(`/api/people/${id}`)
    .set('kesto-made-from', 'x')
    .send({ name: nameIn('timo'), approvals: [] })
    .expect(400);
});

test('nobody’s name is taken for another’s: case, spaces, accents and letters that look alike are folded', async () => {
  const lauri = await as('lauri');
  const [anna, timo] = [await as('anna'), await idOf('timo')];
  const lauris = nameIn('lauri');
  for (const name of [
    lauris.toUpperCase(),
    [...lauris].join(' '),
    lauris.replace('a', 'á'),
    lauris.replace('a', 'а'),
    lauris.replace('l', 'I'),
  ])
    expect((await anna.put(`/api/people/${timo}`).send({ name, approvals: [] })).body.error).toMatchObject({
      code: 'CONFLICT',
      field: 'name',
    });
  const code = await codeBy('lauri', {});
  const taken = { code, name: nameIn('Аnna'), login: 'other', password: 'a new password' };
  expect((await server.stranger().post('/api/join').send(taken).expect(409)).body.error.field).toBe('name');
  expect((await lauri.put(`/api/people/${timo}`).send({ name: 'Timo T', approvals: [] }).expect(403)).body.error.field).toBe('name');
  await anna.put(`/api/people/${timo}`).send({ name: 'Timo T', approvals: [] }).expect(200);
  await anna.put(`/api/people/${timo}`).send({ name: 'Timo \u202etT', approvals: [] }).expect(400);
});

describe('guessing at codes', () => {
  const from = (address: string, code: string) => server.stranger().post('/api/join/code').set('x-forwarded-for', address).send({ code });

  test('slows its own address, is forgotten there by a right one, and locks out no other', async () => {
    const code = await codeBy('lauri', {});
    const wrong = async (address: string) => (await from(address, newCode())).status;
    const statuses: number[] = [];
    for (let i = 0; i < 12; i++) statuses.push(await wrong('203.0.113.7'));
    expect(statuses.slice(0, 10)).toEqual(Array(10).fill(404));
    expect(statuses.at(-1)).toBe(429);
    expect((await from('198.51.100.3', code)).status).toBe(200);
    for (let i = 0; i < 9; i++) await wrong('198.51.100.4');
    await from('198.51.100.4', code).expect(200);
    for (let i = 0; i < 9; i++) expect(await wrong('198.51.100.4')).toBe(404);
  });

  test('of one network of IPv6 is one address’s', async () => {
    for (let i = 0; i < 11; i++) await from(`2001:db8:1:2::${i + 1}`, newCode());
    expect((await from('2001:db8:1:2::ffff', newCode())).status).toBe(429);
    expect((await from('2001:db8:1:3::1', newCode())).status).toBe(404);
  });
});
