import { readJobLink, type CircuitGraph, type JobLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { at18, driersHold, openJob } from '../../testing/jobs';
import { rulesServer, type RulesServer } from '../../testing/server';
import { demoId } from '../demo';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const newJob = () => openJob(server);
const note = async (job: string, stage: string, kind: string, values: object) =>
  (await server.as('ilta'))
    .put(`/api/jobs/${job}/stages/${uuid()}`)
    .send({ stage, kind, values, deviceTime: new Date().toISOString(), photos: [] });
const keptOf = async (job: string) =>
  ((await (await server.as('bo')).get(`/api/jobs/${job}`)).body.stages.entries as JobLink[]).map((link) => readJobLink(link).values);

/** Whether the supply was shut was not asked. */
const { supplyShut: _asked, ...HOLD } = driersHold(25);
/** What a page could say that it had worked out. */
const LIE = { verdict: 'leaking', leakPaM3S: 1e6, smallestSeenPaM3S: 0, gramsPerYear: 99_999 };

test('an invented hold opens nothing: the verdict and the figures are the server’s own', async () => {
  const job = await newJob();
  await note(job, 'find', 'loss', { lostKg: 0.41, days: 61 });
  const { body } = await note(job, 'find', 'section-hold', { ...HOLD, ...LIE });
  const kept = (await keptOf(job))[1];
  expect(kept).toMatchObject({ ...HOLD, verdict: 'cannot-tell', reasons: ['supply-open'], leakPaM3S: expect.closeTo(0, 9) });
  expect(kept?.['gramsPerYear']).not.toBe(LIE.gramsPerYear);
  expect(body.content.worked.shown).toEqual(LIE);
  const done = await note(job, 'find', 'done', {});
  expect(done.body.error).toMatchObject({ code: 'GATE', message: expect.stringContaining('less than half') });
});

test('a page that works nothing out is answered alike; a hold that cannot be is refused by the field that was told', async () => {
  const job = await newJob();
  const { body } = await note(job, 'find', 'section-hold', { ...HOLD, end: at18(20) });
  expect(body.content.worked.values).toMatchObject({ verdict: 'leaking' });
  // By hand: V dp / t = 1e-3 m3 x 5e5 Pa / 3600 s, a little less by nitrogen's real Z.
  expect(body.content.worked.values.leakPaM3S).toBeGreaterThan(0.12);
  expect(body.content.worked.values.leakPaM3S).toBeLessThan(0.15);
  const wrong = await note(job, 'find', 'section-hold', { ...HOLD, start: { ...at18(25), temperature: { value: 90, unit: 'C' } } });
  expect(wrong.body.error).toMatchObject({ code: 'INVALID_INPUT', field: 'values.start.temperature' });
});

test.each([
  ['find', 'section-hold', { ...HOLD, parts: ['drier', 'cellar-valve'] }, 'values.parts[1]'],
  ['find', 'checked-place', { place: 'cellar-valve', method: 'soap', result: 'leak', gramsPerYear: 99_999 }, 'values.place'],
  ['find', 'sign', { place: 'drier>cellar-valve', sign: 'oil' }, 'values.place'],
  ['decide', 'also-opened', { what: 'drier', place: 'cellar-drier', choice: 'yes' }, 'values.place'],
])('%s %s of a part that is not there is refused by its field', async (stage, kind, values, field) => {
  expect((await note(await newJob(), stage, kind, values)).body.error).toMatchObject({ code: 'INVALID_INPUT', field });
});

test('what was found yesterday on a drawing that was changed since stays found', async () => {
  const ilta = await server.as('ilta');
  const circuit = `/api/circuits/${demoId(0x33)}/drawings`;
  const { drawing } = (await ilta.get(`/api/circuits/${demoId(0x33)}/drawing`).expect(200)).body;
  const anew = (id: string) => (id === 'drier' ? 'drier-new' : id);
  const { parts, links } = drawing.circuit as CircuitGraph; // cast: the route's answer
  const renamed = {
    parts: parts.map((part) => ({ ...part, id: anew(part.id) })),
    links: links.map((link) => ({ ...link, from: anew(link.from), to: anew(link.to) })),
  };
  await ilta.put(`${circuit}/${uuid()}`).send(renamed).expect(200);
  const job = await newJob();
  for (const place of ['drier', 'drier-new']) expect((await note(job, 'find', 'sign', { place, sign: 'oil' })).status).toBe(200);
});

test('the way that is advised, what stays full and the earlier finds are the server’s, whatever a page says', async () => {
  const job = await newJob();
  const seen = { runs: false, lowSideLeak: false, airInside: false, jointOpen: false };
  const told = { work: ['drier'], method: 'recover-all', ...seen, reason: 'valves not trusted' };
  const said = { advised: 'recover-all', close: ['drier'], closeAfter: ['drier'], staysFull: ['evaporator'], engineVersion: '0.0.1' };
  const { body } = await note(job, 'decide', 'isolation', { ...told, ...said });
  expect(body.content.worked.values).toMatchObject({ close: [], closeAfter: [] });
  expect(body.content.worked.engine).not.toBe('0.0.1');
  expect(['recover-section', 'recover-all', 'pump-down']).toContain(body.content.worked.values.advised);
  const worth = { ageYears: 14, inWarranty: false, repair: 900, replacement: 1000, decided: 'repair', why: 'part at hand' };
  const kept = (await note(job, 'decide', 'worth', { ...worth, earlierFinds: 900, advice: 'repair' })).body.content.worked.values;
  expect(kept).toMatchObject({ advice: 'replace' });
  expect(kept.earlierFinds).toBeLessThan(10);
});
