import { generateKeyPairSync, randomBytes, sign } from 'node:crypto';
import { makeStatement, readChain, type ExportedRecord, type ToSay } from '@kesto/core';
import { saidText, verifySealedRecord } from '@kesto/core/tree';
import { v7 as uuid } from 'uuid';
import { FINISHED_JOINT } from '../../testing/examples';
import { rulesServer, type RulesServer } from '../../testing/server';
import { DEMO_SHOP, demoId } from '../demo';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const ILTA = demoId(0x11);
const MAREN = demoId(0x13);

/** A device as a browser has one: a key that it keeps, and what it signs. */
function madeDevice(person: string) {
  const pair = generateKeyPairSync('ed25519');
  const device = uuid();
  const salts: string[] = [];
  const salt = () => {
    salts.push(randomBytes(16).toString('hex'));
    return salts.at(-1)!;
  };
  return {
    device,
    key: pair.publicKey.export({ format: 'der', type: 'spki' }).subarray(-32).toString('hex'),
    signs(what: Pick<ToSay, 'chain' | 'id' | 'kind' | 'told' | 'deviceTime'>) {
      salts.length = 0;
      const { said } = makeStatement({ shop: DEMO_SHOP, photos: [], person, onBehalfOf: null, ...what }, salt);
      return { device, alg: 'Ed25519', value: sign(null, Buffer.from(saidText(said)), pair.privateKey).toString('hex'), salts: [...salts] };
    },
  };
}
const now = () => new Date().toISOString();
const enter = async (login: string, { device, key }: ReturnType<typeof madeDevice>) =>
  (await server.as(login)).put(`/api/me/devices/${device}`).send({ alg: 'Ed25519', key, deviceTime: now() });

async function comment(login: string, person: string, by: ReturnType<typeof madeDevice> | null, text = 'Seen on site.') {
  const [id, deviceTime] = [uuid(), now()];
  const signed = by?.signs({ chain: { of: 'joint', id: FINISHED_JOINT }, id, kind: 'commented', told: { text }, deviceTime });
  const body = { text: text.replace('altered', 'other'), deviceTime, ...(signed ? { signed } : {}) };
  await (await server.as(login)).put(`/api/joints/${FINISHED_JOINT}/comments/${id}`).send(body).expect(200);
  expect(person).toBeTruthy();
}
const record = async () =>
  (await (await server.as('bo')).get(`/api/joints/${FINISHED_JOINT}/record.json`).expect(200)).body as ExportedRecord;
const lastSignature = (file: ExportedRecord) => {
  const link = file.entries.at(-1)!;
  return 'said' in link.content ? link.content.signature : null;
};

test('an entry carries its device’s signature over what was said, and a copy shows it; vouched for by a lead’s device', async () => {
  const [phone, desk] = [madeDevice(ILTA), madeDevice(MAREN)];
  expect((await enter('ilta', phone)).status).toBe(200);
  expect((await enter('ilta', phone)).status).toBe(200);
  expect((await enter('maren', desk)).status).toBe(200);
  await comment('ilta', ILTA, phone);
  const first = await record();
  expect(lastSignature(first)).toMatchObject({ device: phone.device, alg: 'Ed25519' });
  const before = verifySealedRecord(first);
  expect(before).toMatchObject({
    ok: true,
    value: {
      intact: true,
      signed: { bySignature: 1, notSigned: [], devices: [{ device: phone.device, name: 'Ilta Varro', vouchedBy: [] }] },
    },
  });

  const [entry, deviceTime] = [uuid(), now()];
  const said = {
    chain: { of: 'shop', id: DEMO_SHOP },
    id: entry,
    kind: 'device-vouched',
    told: { device: phone.device },
    deviceTime,
  } as const;
  const vouched = { deviceTime, signed: desk.signs(said) };
  await (await server.as('oskar')).put(`/api/devices/${phone.device}/vouched/${uuid()}`).send(vouched).expect(403);
  await (await server.as('maren')).put(`/api/devices/${phone.device}/vouched/${entry}`).send(vouched).expect(200);
  expect(verifySealedRecord(await record())).toMatchObject({
    ok: true,
    value: { signed: { devices: [{ device: phone.device, vouchedBy: ['Maren Ito-Dahl'] }] } },
  });
  const { body } = await (await server.as('ilta')).get('/api/devices').expect(200);
  expect(body).toMatchObject([{ device: phone.device, vouchedBy: ['Maren Ito-Dahl'], until: null }]);
});

test('a signature that does not fit what came is not kept, and whoever checks is told that nobody signed', async () => {
  const tablet = madeDevice(ILTA);
  await enter('ilta', tablet);
  await comment('ilta', ILTA, tablet, 'altered on the way');
  const file = await record();
  expect(lastSignature(file)).toBeNull();
  const at = readChain(file.entries).length;
  expect(verifySealedRecord(file)).toMatchObject({
    ok: true,
    value: { intact: true, signed: { notSigned: [{ in: 'HS3-03', entry: at }] } },
  });
});

test('nobody signs by somebody else’s device, and no device signs after its key ended', async () => {
  const phone = madeDevice(ILTA);
  await enter('ilta', phone);
  await comment('bo', demoId(0x14), phone);
  expect(lastSignature(await record())).toBeNull();
  const end = { why: 'lost', deviceTime: now() };
  await (await server.as('oskar')).put(`/api/devices/${phone.device}/ended/${uuid()}`).send(end).expect(403);
  await (await server.as('maren')).put(`/api/devices/${phone.device}/ended/${uuid()}`).send(end).expect(200);
  await comment('ilta', ILTA, phone);
  expect(lastSignature(await record())).toBeNull();
});

test('with whoever leaves the keys of their devices end, by whoever said it', async () => {
  const phone = madeDevice(demoId(0x12));
  await enter('oskar', phone);
  await (
    await server.as('maren')
  )
    .post(`/api/people/${demoId(0x12)}/left`)
    .send({ left: true })
    .expect(200);
  const { body } = await (await server.as('maren')).get('/api/devices').expect(200);
  expect(body.find((one: { device: string }) => one.device === phone.device)).toMatchObject({ until: expect.any(String) as unknown });
});

test('a key that is none is refused by its name', async () => {
  const ilta = await server.as('ilta');
  const { body } = await ilta.put(`/api/me/devices/${uuid()}`).send({ alg: 'P-256', key: 'ab', deviceTime: now() }).expect(400);
  expect(body.error.field).toBe('key');
  await ilta.put(`/api/devices/${uuid()}/ended/${uuid()}`).send({ why: 'lost', deviceTime: now() }).expect(404);
});
