import { TEMPLATE_CIRCUITS } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';
import { demoId } from '../demo';

const CR2 = demoId(0x31);
const at = (id: string) => `/api/circuits/${CR2}/drawings/${id}`;
let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
  await addOtherShop(server.store, [{ login: 'otto', role: 'admin' }]);
});
afterAll(() => server.close());

test('a circuit is drawn anew, the last drawing is shown, and sent twice it is one', async () => {
  const ilta = await server.as('ilta');
  const id = uuid();
  await ilta.put(at(id)).send(TEMPLATE_CIRCUITS.split).expect(200);
  await ilta.put(at(id)).send(TEMPLATE_CIRCUITS.split).expect(200);
  await ilta.put(at(id)).send(TEMPLATE_CIRCUITS['walk-in']).expect(409);
  const { body } = await (await server.as('bo')).get(`/api/circuits/${CR2}/drawing`).expect(200);
  expect(body.drawing).toMatchObject({ by: 'Ilta Varro', circuit: TEMPLATE_CIRCUITS.split });
});

test('what cannot be a circuit is refused by the field’s full name, with the part', async () => {
  const ilta = await server.as('ilta');
  const { parts, links } = TEMPLATE_CIRCUITS.split;
  const refused = async (body: object) => (await ilta.put(at(uuid())).send(body).expect(400)).body.error;
  expect(await refused({ parts, links: [...links, { from: 'drier', to: 'drier' }] })).toMatchObject({
    field: `links[${links.length}].to`,
    message: expect.stringContaining('drier is linked to itself'),
  });
  expect(await refused({ parts: [...parts, { id: 'loose', kind: 'valve' }], links })).toMatchObject({
    message: expect.stringContaining('loose is linked to nothing'),
  });
  expect(await refused({ parts: [{ id: 'Drier No 1', kind: 'drier' }], links: [] })).toMatchObject({ field: 'parts[0].id' });
  expect(await refused({ parts: [{ id: 'x', kind: 'teapot' }], links: [] })).toMatchObject({ field: 'parts[0].kind' });
});

test('another shop neither sees nor draws it', async () => {
  const otto = await server.as('otto');
  await otto.get(`/api/circuits/${CR2}/drawing`).expect(404);
  await otto.put(at(uuid())).send(TEMPLATE_CIRCUITS.split).expect(404);
});
