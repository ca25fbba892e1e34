import { v7 as uuid } from 'uuid';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';
import { DEMO_PASSWORD, demoId } from '../demo';

let server: RulesServer;
let now = new Date('2026-11-26T08:00:00Z');
beforeAll(async () => {
  server = await rulesServer({ clock: () => now });
  await addOtherShop(server.store, [{ login: 'otto', role: 'admin' }]);
});
afterAll(() => server.close());

const OSKAR = demoId(0x12);
const MAREN = demoId(0x13);
let codes = 0;
/** Letters and figures that a code may have, another one each time. */
const newCode = () => `AAAAAAAA${[...String(1000 + codes++)].map((digit) => 'ABCDEFGHJK'[Number(digit)]).join('')}`;
const PASSWORD = 'a long enough one';

async function asked(body: object = {}, as = 'maren') {
  const code = newCode();
  const id = uuid();
  const lead = await server.as(as);
  await lead
    .put(`/api/invites/${id}`)
    .send({ code, name: 'Sanna K', role: 'technician', ...body })
    .expect(200);
  return { code, id };
}
const joining = (code: string, login: string) => ({ code, name: `Sanna ${login}`, login, password: PASSWORD });

test('somebody comes in by a code, once, and works in that shop', async () => {
  const { code, id } = await asked();
  const phone = server.stranger();
  expect((await phone.post('/api/join/code').send({ code }).expect(200)).body).toEqual({
    ...{ shop: 'Lumikero workshop', name: 'Sanna K', role: 'technician', first: false, login: null },
  });
  await phone.post('/api/join').send(joining(code, 'sanna')).expect(201);
  expect((await phone.get('/api/session').expect(200)).body.person).toMatchObject({ name: 'Sanna sanna', role: 'technician' });
  await server.stranger().post('/api/join').send(joining(code, 'sanna2')).expect(404);
  const { invites } = (await (await server.as('maren')).get('/api/people')).body;
  expect(invites.map((invite: { id: string }) => invite.id)).not.toContain(id);
});

test('two who come by one code at once are one', async () => {
  const { code } = await asked();
  const answers = await Promise.all(['a1', 'a2'].map((login) => server.stranger().post('/api/join').send(joining(code, login))));
  expect(answers.map((a) => a.status).sort()).toEqual([201, 404]);
});

test('a code that is old, taken back or never given is told the same', async () => {
  const old = await asked();
  const dropped = await asked();
  await (await server.as('maren')).delete(`/api/invites/${dropped.id}`).expect(200);
  const said = async (code: string) => (await server.stranger().post('/api/join/code').send({ code }).expect(404)).body.error.message;
  const before = now;
  const messages = [await said(dropped.code), await said('ZZZZZZZZZZZZ')];
  now = new Date(now.getTime() + 8 * 24 * 3_600_000);
  messages.push(await said(old.code));
  now = before;
  expect(new Set(messages).size).toBe(1);
});

test('a sign-in name that is taken, in any shop, is refused at its field; a short password too', async () => {
  const { code } = await asked();
  const taken = await server.stranger().post('/api/join').send(joining(code, 'otto')).expect(409);
  expect(taken.body.error.field).toBe('login');
  const short = await server
    .stranger()
    .post('/api/join')
    .send({ ...joining(code, 'free'), password: 'short' })
    .expect(400);
  expect(short.body.error).toMatchObject({ field: 'password', message: expect.stringContaining('10') });
});

test('whoever leaves is signed out everywhere at once, cannot come back, and what they recorded stays', async () => {
  const { code } = await asked();
  const [phone, desk] = [server.stranger(), server.stranger()];
  await phone.post('/api/join').send(joining(code, 'goes')).expect(201);
  await desk.post('/api/session').send({ login: 'goes', password: PASSWORD }).expect(201);
  const { person } = (await phone.get('/api/session')).body;
  const maren = await server.as('maren');
  await maren.post(`/api/people/${person.id}/left`).send({ left: true }).expect(200);
  await phone.get('/api/today').expect(401);
  await desk.get('/api/today').expect(401);
  await desk.post('/api/session').send({ login: 'goes', password: PASSWORD }).expect(401);
  const { people } = (await maren.get('/api/people')).body;
  expect(people.find((p: { id: string }) => p.id === person.id)).toMatchObject({ left: true });
});

test('a lost password is made anew by a code, under the same name; the old sign-ins end', async () => {
  const phone = server.stranger();
  await phone.post('/api/session').send({ login: 'oskar', password: DEMO_PASSWORD }).expect(201);
  const { code } = await asked({ person: OSKAR, name: 'somebody else', role: 'inspector' });
  const known = (await server.stranger().post('/api/join/code').send({ code }).expect(200)).body;
  expect(known).toMatchObject({ name: 'Oskar Penn', role: 'technician', login: 'oskar' });
  await server.stranger().post('/api/join').send(joining(code, 'ignored')).expect(201);
  await phone.get('/api/session').expect(401);
  await server.stranger().post('/api/session').send({ login: 'oskar', password: PASSWORD }).expect(201);
});

test('a new password of one’s own needs the old one and ends the other sign-ins; they are listed and ended', async () => {
  const [phone, desk, van] = [server.stranger(), server.stranger(), server.stranger()];
  for (const agent of [phone, desk, van])
    await agent.post('/api/session').set('user-agent', 'X11; Linux').send({ login: 'bo', password: DEMO_PASSWORD }).expect(201);
  const signIns = async () => (await phone.get('/api/me/sessions').expect(200)).body as { id: string; device: string; here: boolean }[];
  const other = (await signIns()).find((s) => !s.here);
  expect(other?.device).toBe('Linux');
  await phone.delete(`/api/me/sessions/${other?.id}`).expect(200);
  expect(await signIns()).toHaveLength(2);
  const wrong = await phone.put('/api/me/password').send({ current: 'not it', next: PASSWORD }).expect(400);
  expect(wrong.body.error.field).toBe('current');
  await phone.put('/api/me/password').send({ current: DEMO_PASSWORD, next: PASSWORD }).expect(200);
  expect(await signIns()).toEqual([expect.objectContaining({ here: true })]);
  await phone.put('/api/me/password').send({ current: PASSWORD, next: DEMO_PASSWORD }).expect(200);
});

test('a lead makes no admin, and the last admin cannot go', async () => {
  const maren = await server.as('maren');
  const invite = { code: newCode(), name: 'x', role: 'admin' };
  expect((await maren.put(`/api/invites/${uuid()}`).send(invite).expect(403)).body.error.field).toBe('role');
  const otto = await server.as('otto');
  const { person } = (await otto.get('/api/session')).body;
  const only = expect.stringMatching(/only admin/);
  for (const [what, body] of [
    ['left', { left: true }],
    ['role', { role: 'lead' }],
  ] as const)
    expect((await otto.post(`/api/people/${person.id}/${what}`).send(body).expect(400)).body.error).toMatchObject({
      field: what,
      message: only,
    });
});

test('approvals have a scope, a number and a last day; confirming them is asked twice a year', async () => {
  const maren = await server.as('maren');
  const put = (part: object) => maren.put(`/api/people/${MAREN}`).send({ name: 'Maren Ito-Dahl', approvals: [], ...part });
  const approvals = [{ scope: 'aluminium', number: 'LB-201', validUntil: '2027-11-30' }];
  const bad = await put({ approvals: [{ ...approvals[0], validUntil: '2027-02-30' }] }).expect(400);
  expect(bad.body.error.field).toBe('approvals[0].validUntil');
  await put({ approvals, confirmed: true }).expect(200);
  const due = async () => (await maren.get('/api/today')).body.due.filter((d: { name: string }) => d.name === 'Maren Ito-Dahl');
  expect(await due()).toEqual([]);
  now = new Date('2027-05-10T08:00:00Z');
  const lead = server.stranger();
  await lead.post('/api/session').send({ login: 'maren', password: DEMO_PASSWORD }).expect(201);
  expect((await lead.get('/api/today')).body.due).toContainEqual({ kind: 'confirmation', name: 'Maren Ito-Dahl', until: '2027-05-28' });
});
