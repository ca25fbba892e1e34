import type { ImportedFile, JointView } from '@kesto/contract';
import { bytesHash, readEntry } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { FINISHED_JOINT, planBody, PLANNED_JOINT } from '../../testing/examples';
import { addOtherShop, rulesServer, testServer, type RulesServer } from '../../testing/server';

const utf8 = (text: string) => new TextEncoder().encode(text);

/** The same of rows in memory and of a database. */
describe.each([
  ['in memory', () => rulesServer()],
  ['in a database', () => testServer()],
])('a record of another shop, %s', (_where, start) => {
  let server: RulesServer;
  let theirs: Uint8Array;
  beforeAll(async () => {
    server = await start();
    const { jointId } = await addOtherShop(server.store, [{ login: 'otto', role: 'lead' }]);
    const otto = await server.as('otto');
    await otto.put(`/api/joints/${jointId}/plans/${uuid()}`).send(planBody()).expect(200);
    const prepared = { kind: 'prepared', deviceTime: new Date().toISOString(), values: { note: 'cut and wiped' }, photos: [] };
    await otto.put(`/api/joints/${jointId}/entries/${uuid()}`).send(prepared).expect(200);
    theirs = utf8((await otto.get(`/api/joints/${jointId}/record.json`).expect(200)).text);
  });
  afterAll(() => server.close());

  const send = async (bytes: Uint8Array, { login = 'ilta', sha256 = bytesHash(bytes) } = {}) =>
    (await server.as(login)).put(`/api/imports/${sha256}`).type('application/octet-stream').send(Buffer.from(bytes));
  const kept = async () => (await (await server.as('bo')).get('/api/imports').expect(200)).body as readonly ImportedFile[];

  test('is checked, kept as it came under its hash, shown with shop and words of the key, and found by its tag', async () => {
    expect((await send(theirs)).status).toBe(200);
    expect((await send(theirs)).status).toBe(200);
    const [file, ...others] = await kept();
    expect(others).toEqual([]);
    expect(file).toMatchObject({ of: 'joint', name: 'CR2-09', shop: { name: 'The other workshop' }, by: 'Ilta Varro' });
    expect([file!.keyWords.length, file!.joints.map(({ sequence }) => sequence), file!.bytes]).toEqual([8, [2], theirs.length]);
    const bo = await server.as('bo');
    const { body } = await bo.get(`/api/imports/${file!.sha256}/file`).expect(200);
    expect(Buffer.from(body as Uint8Array)).toEqual(Buffer.from(theirs)); // cast: read as bytes
    const found = await bo.get('/api/search/cr2-09').expect(200);
    expect(found.body.imported).toEqual([{ sha256: file!.sha256, tag: 'CR2-09', shop: 'The other workshop' }]);
    expect((await (await server.as('otto')).get('/api/imports').expect(200)).body).toEqual([]);
  });

  test('is refused where it is altered, of one’s own shop, no record at all, or brought by somebody who only reads', async () => {
    const text = new TextDecoder().decode(theirs);
    const refusal = async (bytes: Uint8Array, rest: { login?: string; sha256?: string } = {}) => (await send(bytes, rest)).body.error;
    expect(await refusal(utf8(text.replace('cut and wiped', 'cut and filed')))).toMatchObject({ code: 'INVALID_INPUT', field: 'file' });
    const own = utf8((await (await server.as('ilta')).get(`/api/joints/${FINISHED_JOINT}/record.json`).expect(200)).text);
    expect((await refusal(own)).message).toContain('your own shop');
    expect((await refusal(utf8('{"format":"recipe"}'))).message).toContain('not taken in');
    expect((await refusal(theirs, { sha256: 'a'.repeat(64) })).message).toContain('altered on its way');
    expect((await refusal(theirs, { login: 'bo' })).code).toBe('FORBIDDEN');
  });

  test('work here begins with where theirs ended, before anything else, and the plan comes after it', async () => {
    const [{ sha256, shop, joints }] = (await kept()) as [ImportedFile];
    const told = { file: sha256, shop: shop?.id, shopName: shop?.name, key: shop?.key, ...joints[0] };
    const entry = (values: object, kind = 'goes-on-from') => ({ kind, deviceTime: new Date().toISOString(), values, photos: [] });
    const ilta = await server.as('ilta');
    const put = (body: object) => ilta.put(`/api/joints/${PLANNED_JOINT}/entries/${uuid()}`).send(body);
    expect((await put(entry({ ...told, head: 'f'.repeat(64) }))).body.error.field).toBe('values.head');
    expect((await put(entry({ ...told, shopName: 'Somebody else' }))).body.error.field).toBe('values.shop');
    expect((await put(entry({ ...told, file: 'f'.repeat(64) }))).body.error.field).toBe('values.file');
    await put(entry(told)).expect(200);
    await put(entry({ note: 'cut out their stub' }, 'prepared')).expect(200);
    const { entries } = (await ilta.get(`/api/joints/${PLANNED_JOINT}`).expect(200)).body as JointView;
    expect(entries.map((link) => readEntry(link).kind)).toEqual(['goes-on-from', 'planned', 'prepared']);
    expect((await put(entry(told))).body.error.code).toBe('OUT_OF_ORDER');
  });
});
