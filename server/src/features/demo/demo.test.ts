import { readFileSync } from 'node:fs';
import path from 'node:path';
import { verifyRecord } from '@kesto/core';
import { openFirstShop } from '../session/firstShop';
import { prepareDatabase } from '../../platform/db/prepare';
import { freshDatabase } from '../../testing/database';
import { FINISHED_JOINT } from '../../testing/examples';
import { testServer } from '../../testing/server';

const EXAMPLE = path.join(__dirname, '../../../../docs/examples/joint-record.json');

test('the example in docs is what the demo exports today, to the letter; else run `npm run example`', async () => {
  const server = await testServer();
  const { body } = await (await server.as('bo')).get(`/api/joints/${FINISHED_JOINT}/record.json`).expect(200);
  await server.close();
  expect(JSON.parse(readFileSync(EXAMPLE, 'utf8'))).toEqual(body);
  expect(verifyRecord(body)).toMatchObject({ ok: true, value: { intact: true } });
});

test('without the demo an empty database gets one admin, whose password works', async () => {
  const database = await freshDatabase();
  const first = await prepareDatabase(database.ownerUrl, database.dataDir);
  expect(first.empty).toBe(true);
  const admin = await openFirstShop(first.db);
  expect(admin.password.length).toBeGreaterThan(12);
  await first.db.destroy();
  const second = await prepareDatabase(database.ownerUrl, database.dataDir);
  expect(second.empty).toBe(false);
  await second.db.destroy();
  await database.drop();
});
