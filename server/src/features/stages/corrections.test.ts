import { factsIn, isLedgerLink, readJobLink, type JobLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { at18, driersHold, openJob } from '../../testing/jobs';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const newJob = () => openJob(server);
const send = async (job: string, id: string, body: object, by = 'ilta') =>
  (await server.as(by))
    .put(`/api/jobs/${job}/stages/${id}`)
    .send({ stage: 'find', deviceTime: new Date().toISOString(), photos: [], values: {}, ...body });
/** An entry that stands; its id. */
async function kept(job: string, body: object, by = 'ilta'): Promise<string> {
  const id = uuid();
  const { status, body: answer } = await send(job, id, body, by);
  if (status !== 200) throw new Error(JSON.stringify(answer));
  return id;
}
const linksOf = async (job: string) => (await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body.stages.entries as JobLink[];
const factOf = async (job: string, id: string) => factsIn(await linksOf(job)).find((fact) => fact.id === id)?.values;

const LEAK = { kind: 'checked-place', values: { place: 'liquid-port', method: 'soap', result: 'leak', gramsPerYear: 100 } };
const corrected = (entry: string, values: object, why = 'measured again') => ({ kind: 'corrected', values, corrects: { entry, why } });
const struckOut = (entry: string, why = 'of another job') => ({ kind: 'struck-out', corrects: { entry, why } });

test('what is put right says so from then on; the first word stays in the chain', async () => {
  const job = await newJob();
  const leak = await kept(job, LEAK);
  await kept(job, corrected(leak, { gramsPerYear: 1300 }));
  expect(await factOf(job, leak)).toMatchObject({ place: 'liquid-port', gramsPerYear: 1300 });
  const [first, second] = await linksOf(job);
  expect(readJobLink(first!).values).toMatchObject({ gramsPerYear: 100 });
  expect(readJobLink(second!)).toMatchObject({ kind: 'corrected', stage: null, corrects: { entry: leak, why: 'measured again' } });
});

test('what is struck out counts for nothing', async () => {
  const job = await newJob();
  const leak = await kept(job, LEAK);
  await kept(job, struckOut(leak));
  expect(await factOf(job, leak)).toBeUndefined();
  const { body } = await send(job, uuid(), struckOut(leak));
  expect(body.error).toMatchObject({ code: 'INVALID_INPUT', field: 'corrects.entry', message: expect.stringContaining('not an entry') });
});

describe('is refused', () => {
  test.each([
    ['a correction of nothing', { kind: 'corrected', values: { gramsPerYear: 5 } }],
    ['a striking out of nothing', { kind: 'struck-out' }],
  ])('%s, by its field', async (_what, body) => {
    const { body: answer } = await send(await newJob(), uuid(), body);
    expect(answer.error).toMatchObject({
      code: 'INVALID_INPUT',
      field: 'corrects',
      message: 'A correction names the entry it corrects, and nothing else does.',
    });
  });

  test('an entry of its own that names another', async () => {
    const job = await newJob();
    const leak = await kept(job, LEAK);
    const { body } = await send(job, uuid(), { kind: 'complaint', values: { text: 'warm' }, corrects: { entry: leak, why: 'x' } });
    expect(body.error).toMatchObject({ code: 'INVALID_INPUT', field: 'corrects' });
  });

  test('an entry of another job, and one that does not stand', async () => {
    const other = await kept(await newJob(), LEAK);
    for (const entry of [other, uuid()]) {
      const { status, body } = await send(await newJob(), uuid(), corrected(entry, { gramsPerYear: 5 }));
      expect([status, body.error.field]).toEqual([400, 'corrects.entry']);
    }
  });

  test('another person’s entry by whoever is no lead, naming its writer', async () => {
    const job = await newJob();
    const leak = await kept(job, LEAK);
    for (const body of [corrected(leak, { gramsPerYear: 5 }), struckOut(leak)]) {
      const { status, body: answer } = await send(job, uuid(), body, 'oskar');
      expect([status, answer.error.code, answer.error.message]).toEqual([
        403,
        'FORBIDDEN',
        'Only Ilta Varro or a lead corrects this entry.',
      ]);
    }
    await kept(job, corrected(leak, { gramsPerYear: 50 }), 'maren');
    expect(await factOf(job, leak)).toMatchObject({ gramsPerYear: 50 });
  });

  test('what its kind cannot say, by the field', async () => {
    const job = await newJob();
    const leak = await kept(job, LEAK);
    const error = async (values: object) => (await send(job, uuid(), corrected(leak, values))).body.error;
    expect(await error({ gramsPerYear: -1 })).toMatchObject({
      code: 'INVALID_INPUT',
      field: 'values.gramsPerYear',
      message: expect.stringContaining('gramsPerYear'),
    });
    expect(await error({ lostKg: 1 })).toMatchObject({ field: 'values.lostKg' });
    expect(await error({})).toMatchObject({ code: 'INVALID_INPUT', field: 'values' });
  });

  test('what does not go with what the entry says otherwise', async () => {
    const job = await newJob();
    const out = await kept(job, { stage: 'make-safe', kind: 'recovered', values: { tareKg: 12, grossKg: 14, minutes: 30 } });
    const { body } = await send(job, uuid(), { stage: 'make-safe', ...corrected(out, { grossKg: 11 }) });
    expect(body.error).toMatchObject({ code: 'INVALID_INPUT', field: 'values.grossKg', message: expect.stringContaining('12 kg') });
  });
});

describe('what hung on a corrected entry', () => {
  test('is worked out anew by Kesto itself, because of that correction, and stands instead', async () => {
    const job = await newJob();
    await kept(job, { kind: 'loss', values: { lostKg: 0.41, days: 61 } });
    const hold = await kept(job, { kind: 'section-hold', values: driersHold(20) });
    expect(await factOf(job, hold)).toMatchObject({ verdict: 'leaking' });
    const correction = await kept(job, corrected(hold, { end: at18(25) }, 'read from the wrong gauge'));
    const last = (await linksOf(job)).at(-1);
    if (!last || !isLedgerLink(last)) throw new Error('the chain holds links of today');
    const { said, author, because } = last.content;
    expect(said).toMatchObject({ kind: 'worked-out', person: null, deviceTime: null, told: { of: hold } });
    expect([author, because]).toEqual(['kesto', { chain: { of: 'job', id: job }, entry: correction }]);
    expect(await factOf(job, hold)).toMatchObject({ verdict: 'cannot-tell', leakPaM3S: expect.closeTo(0, 9) });
  });

  test('goes by what stood before it, not by what came later', async () => {
    const job = await newJob();
    const hold = await kept(job, { kind: 'section-hold', values: driersHold(25) });
    await kept(job, { kind: 'loss', values: { lostKg: 5, days: 10, chargeKg: 2 } });
    await kept(job, corrected(hold, { minutes: 90 }));
    expect(await factOf(job, hold)).toMatchObject({ verdict: 'cannot-tell', reasons: ['no-wanted-leak'] });
  });

  test('is left alone where nothing was worked out, or it was struck out', async () => {
    const job = await newJob();
    const leak = await kept(job, LEAK);
    await kept(job, corrected(leak, { gramsPerYear: 5 }));
    const hold = await kept(job, { kind: 'section-hold', values: driersHold(20) });
    await kept(job, struckOut(hold));
    expect((await linksOf(job)).map((link) => readJobLink(link).kind)).toEqual([
      'checked-place',
      'corrected',
      'section-hold',
      'struck-out',
    ]);
  });

  test('a correction that cannot be worked out is refused by the field that was told', async () => {
    const job = await newJob();
    const hold = await kept(job, { kind: 'section-hold', values: driersHold(20) });
    const hot = { ...at18(25), temperature: { value: 90, unit: 'C' } };
    const { body } = await send(job, uuid(), corrected(hold, { start: hot }));
    expect(body.error).toMatchObject({ code: 'INVALID_INPUT', field: 'values.start.temperature' });
    expect(await linksOf(job)).toHaveLength(1);
  });
});
