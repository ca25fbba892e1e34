import { readFileSync } from 'node:fs';
import path from 'node:path';
import { verifyRecord, type ExportedRecord } from '@kesto/core';
import { firstCode, join, openFirstShop } from '../people';
import { queuedPasswords } from '../session';
import type { Platform } from '../../platform/http/context';
import { prepareDatabase } from '../../platform/db/prepare';
import { freshDatabase } from '../../testing/database';
import { FINISHED_JOINT } from '../../testing/examples';
import { rulesServer } from '../../testing/server';
import { typeormStore } from '../shopWork.typeorm';

const EXAMPLE = path.join(__dirname, '../../../../docs/examples/joint-record.json');

const NOT_THE_DATE = [
  'setTimeout',
  'clearTimeout',
  'setInterval',
  'clearInterval',
  'setImmediate',
  'clearImmediate',
  'nextTick',
  'queueMicrotask',
  'performance',
  'hrtime',
] as const;

test('the example in docs is what the demo exports, to the letter; else run `npm run example` on a fresh demo', async () => {
  const { seal, ...example } = JSON.parse(readFileSync(EXAMPLE, 'utf8')) as ExportedRecord; // cast: checked below
  // The demo's approvals end so many days after it was loaded: it is loaded on the day of the example. The seal is by another server's key.
  jest.useFakeTimers({ now: new Date(seal?.treeHead.time ?? ''), doNotFake: [...NOT_THE_DATE] });
  const server = await rulesServer();
  const { body } = await (await server.as('bo')).get(`/api/joints/${FINISHED_JOINT}/record.json`).expect(200);
  await server.close();
  jest.useRealTimers();
  expect({ ...body, seal: undefined }).toEqual(example);
  expect(verifyRecord(body)).toMatchObject({ ok: true, value: { intact: true } });
});

test('without the demo an empty database waits for its admin: the code is there until somebody came by it', async () => {
  const database = await freshDatabase();
  const first = await prepareDatabase(database.ownerUrl, database.dataDir);
  expect(first.empty).toBe(true);
  const store = typeormStore(first.db);
  await openFirstShop(store, database.dataDir, new Date());
  const code = await firstCode(store, database.dataDir);
  expect(code).toMatch(/^[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}$/);
  const platform = { store, clock: () => new Date(), passwords: queuedPasswords() } as Platform; // cast: coming in needs no more of it
  const admin = { name: 'Maren', login: 'first', password: 'ten letters', shopName: 'Orangery' };
  await join(platform, { code: code?.replaceAll('-', '') ?? '', ...admin }, '127.0.0.1');
  expect(await firstCode(store, database.dataDir)).toBeNull();
  await first.db.destroy();
  const second = await prepareDatabase(database.ownerUrl, database.dataDir);
  expect(second.empty).toBe(false);
  await second.db.destroy();
  await database.drop();
});
