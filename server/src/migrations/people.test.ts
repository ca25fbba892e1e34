import { asOwner } from '../testing/database';
import { testServer, type TestServer } from '../testing/server';
import { APPROVALS_AS_IDS } from './0008-people';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

test('approvals of before keep their day and get an id for their scope; whoever had none has none', async () => {
  const old = [
    { group: 'phosphorus filler', validUntil: '2027-08-27' },
    { group: 'silver filler', validUntil: '2026-12-11' },
  ];
  await asOwner(server.ownerUrl, async (query) => {
    await query(`update person set approvals = '${JSON.stringify(old)}' where login = 'oskar'`);
    await query(APPROVALS_AS_IDS);
  });
  const oskar = await server.as('oskar');
  expect((await oskar.get('/api/session').expect(200)).body.approvals).toEqual([
    { scope: 'phosphorus', number: '', validUntil: '2027-08-27' },
    { scope: 'silver', number: '', validUntil: '2026-12-11' },
  ]);
  const bo = await server.as('bo');
  expect((await bo.get('/api/session').expect(200)).body.approvals).toEqual([]);
});
