import { canonicalHash, type JobLink, type LedgerLink } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { planBody } from '../../testing/examples';
import { addSplit, driersHold, openJob } from '../../testing/jobs';
import { rulesServer, type RulesServer } from '../../testing/server';
import { append } from '../ledger';
import { DEMO_SHOP, demoId } from '../demo';

/** The wall clock of the server, as a test sets it. */
let now = new Date('2026-11-24T10:00:00.000Z');
let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer({ clock: () => now });
});
afterAll(() => server.close());

const at = (minutes: number) => new Date(Date.parse('2026-11-24T10:00:00.000Z') + minutes * 60_000);

const newJob = (circuit?: string) => openJob(server, circuit);
const send = async (job: string, [stage, kind, values]: readonly [string, string, object], { by = 'ilta', id = uuid() } = {}) =>
  (await server.as(by)).put(`/api/jobs/${job}/stages/${id}`).send({ stage, kind, values, deviceTime: now.toISOString(), photos: [] });
async function kept(job: string, entry: readonly [string, string, object], by = 'ilta'): Promise<LedgerLink['content']> {
  const { status, body } = await send(job, entry, { by });
  if (status !== 200) throw new Error(JSON.stringify(body));
  return (body as LedgerLink).content; // cast: links of today
}
const refused = async (job: string, entry: readonly [string, string, object], by = 'ilta') => {
  const { status, body } = await send(job, entry, { by });
  const { code, field, message } = body.error;
  return [status, code, field, message];
};

describe('each refusal says what, where and how it is done instead', () => {
  test('a job that is not there, and an id that is taken', async () => {
    const complaint = ['find', 'complaint', { text: 'warm' }] as const;
    const { status, body } = await send(uuid(), complaint);
    expect([status, body.error.message]).toEqual([404, expect.stringContaining('This job')]);
    const [job, id] = [await newJob(), uuid()];
    await send(job, complaint, { id });
    const again = await send(job, ['find', 'complaint', { text: 'cold' }], { id });
    expect([again.status, again.body.error.message]).toEqual([409, expect.stringContaining('entry')]);
  });

  test('a claim in a stage that is done, until it is opened again', async () => {
    const job = await newJob();
    await kept(job, ['find', 'skipped', { reason: 'known' }]);
    expect(await refused(job, ['find', 'waiting', { what: 'parts', forWhom: 'the store' }])).toEqual([
      ...[409, 'OUT_OF_ORDER', 'stage', 'This stage is skipped: open it again first, with the reason.'],
    ]);
    await kept(job, ['find', 'reopened', { why: 'short again' }]);
    await kept(job, ['find', 'waiting', { what: 'parts', forWhom: 'the store' }]);
  });

  test('a gate that is shut, one that is not, and who skips what protects people', async () => {
    const job = await newJob();
    await kept(job, ['find', 'skipped', { reason: 'known' }]);
    expect(await refused(job, ['decide', 'done', {}])).toEqual([
      ...[409, 'GATE', 'kind', 'Not yet: nobody has said yes to the work. Answer it, or overrule it with the reason.'],
    ]);
    expect(await refused(job, ['decide', 'overruled', { gate: 'torch', reason: 'x' }])).toEqual([
      ...[400, 'INVALID_INPUT', 'values.gate', 'values.gate is not open in this stage'],
    ]);
    await kept(job, ['decide', 'skipped', { reason: 'decided by the owner' }]);
    expect(await refused(job, ['make-safe', 'skipped', { reason: 'pressed' }])).toEqual([
      ...[403, 'FORBIDDEN', undefined],
      'Skipping a stage that protects people: a lead or an admin does that, signed in on this device, with the reason.',
    ]);
    expect((await refused(job, ['make-safe', 'overruled', { gate: 'torch', reason: 'x' }]))[3]).toBe(
      'Overruling what protects people: a lead or an admin does that, signed in on this device, with the reason.',
    );
    await kept(job, ['make-safe', 'skipped', { reason: 'pressed' }], 'maren');
  });

  test('a price before its checks, and a check that nobody asked for', async () => {
    const job = await newJob();
    await kept(job, ['find', 'skipped', { reason: 'known' }]);
    for (const check of ['the coil', 'the switch']) await kept(job, ['decide', 'price-held-until', { check }]);
    expect(await refused(job, ['decide', 'price-check', { of: 'the door', found: 'open' }])).toEqual([
      ...[400, 'INVALID_INPUT', 'values.of', 'values.of is not among what the price waits for'],
    ]);
    await kept(job, ['decide', 'price-check', { of: 'the switch', found: 'sound' }]);
    for (const check of ['access', 'sprinklers', 'lead-time', 'steel-stubs', 'drier'])
      await kept(job, ['decide', 'price-check', { of: check, found: 'seen' }]);
    const yes = { by: 'the station', how: 'phone', for: 'the drier' };
    expect(await refused(job, ['decide', 'approval', { ...yes, amount: '900' }])).toEqual([
      ...[409, 'GATE', 'kind', 'No price yet: to be looked at before a price is named: the coil.'],
    ]);
    // A yes without a price waits for nothing; with the checks answered it may name one.
    await kept(job, ['decide', 'approval', yes]);
    await kept(job, ['decide', 'price-check', { of: 'the coil', found: 'dry' }]);
    await kept(job, ['decide', 'approval', { ...yes, amount: '900' }]);
  });

  test('more than a job can hold', async () => {
    const job = await newJob();
    await server.store.inShop(DEMO_SHOP, async (shop) => {
      const chain = { of: 'job', id: job } as const;
      const links: LedgerLink[] = [];
      for (let i = 0; i < 2000; i++) {
        const what = { chain, id: uuid(), kind: 'complaint', stage: 'find', told: { text: `${i}` }, requestHash: '' } as const;
        links.push(await append(shop, links, { ...what, person: 'kesto', deviceTime: null, offsetS: null, now }));
      }
    });
    expect(await refused(job, ['find', 'complaint', { text: 'one more' }])).toEqual([
      ...[409, 'FULL', undefined, 'One job keeps at most 2000 entries.'],
    ]);
  });
});

describe('the watch', () => {
  const began = ['make-safe', 'watch-began', { minutes: 60, by: 'Oskar Penn' }] as const;
  const ended = ['make-safe', 'watch-ended', {}] as const;
  const over = [409, 'OUT_OF_ORDER', 'kind', 'No watch is running on this job.'];

  test('cannot end before it began, nor twice; at its end anybody ends it', async () => {
    now = at(0);
    const job = await newJob();
    expect(await refused(job, ended)).toEqual(over);
    await kept(job, began);
    now = at(59.9);
    expect(await refused(job, ended)).toEqual([
      ...[403, 'FORBIDDEN', undefined],
      'Ending the watch before 11:00 UTC: a lead or an admin does that, signed in on this device, with the reason.',
    ]);
    expect(await refused(job, ended, 'maren')).toEqual([
      ...[400, 'INVALID_INPUT', 'values.reason', 'values.reason is needed: why the watch ends early'],
    ]);
    now = at(60);
    await kept(job, ended);
    expect(await refused(job, ended)).toEqual(over);
  });

  test('that only a device saw waits for a lead to look into it, once', async () => {
    now = at(200);
    const job = await newJob();
    const told = async (kind: string, values: object, minutes: number) =>
      (await server.as('ilta'))
        .put(`/api/jobs/${job}/stages/${uuid()}`)
        .send({ stage: 'make-safe', kind, values, deviceTime: at(minutes).toISOString(), photos: [] })
        .expect(200);
    const looked = ['make-safe', 'watch-looked-into', { found: 'he stood there' }] as const;
    const none = [409, 'OUT_OF_ORDER', 'kind', 'No watch of this job waits to be looked into.'];
    expect(await refused(job, looked, 'maren')).toEqual(none);
    await told('watch-began', { minutes: 60, by: 'Oskar Penn' }, 100);
    await told('watch-ended', {}, 165);
    expect(await refused(job, looked)).toEqual([
      ...[403, 'FORBIDDEN', undefined],
      'Looking into a watch: a lead or an admin does that, signed in on this device, with the reason.',
    ]);
    await kept(job, looked, 'maren');
    expect(await refused(job, looked, 'maren')).toEqual(none);
  });
});

describe('what is worked out', () => {
  const HOLD = driersHold(25);

  test('of what the screen had, that alone stands beside which this server says otherwise', async () => {
    const job = await newJob();
    const own = (await kept(job, ['find', 'section-hold', HOLD])).worked;
    expect(own).not.toHaveProperty('shown');
    expect(await kept(job, ['find', 'section-hold', { ...HOLD, ...own?.values }])).not.toHaveProperty('worked.shown');
    const lied = await kept(job, ['find', 'section-hold', { ...HOLD, ...own?.values, leakPaM3S: 7 }]);
    expect(lied.worked?.shown).toEqual({ leakPaM3S: 7 });
    expect(lied.said.told).toEqual(HOLD);
  });

  test('names the drawing it was made on: the newest that has every part named', async () => {
    const ilta = await server.as('ilta');
    const circuit = demoId(0x33);
    const { drawing } = (await ilta.get(`/api/circuits/${circuit}/drawing`).expect(200)).body;
    const job = await newJob();
    const before = (await kept(job, ['find', 'section-hold', HOLD])).worked?.drawing;
    expect(before).toBe(canonicalHash(drawing.circuit));
    const anew = (id: string) => (id === 'drier' ? 'drier-2' : id);
    const renamed = {
      parts: (drawing.circuit.parts as { id: string }[]).map((part) => ({ ...part, id: anew(part.id) })),
      links: (drawing.circuit.links as { from: string; to: string }[]).map((link) => ({
        ...link,
        from: anew(link.from),
        to: anew(link.to),
      })),
    };
    await ilta.put(`/api/circuits/${circuit}/drawings/${uuid()}`).send(renamed).expect(200);
    expect((await kept(job, ['find', 'section-hold', HOLD])).worked?.drawing).toBe(before);
    const newest = (await kept(job, ['find', 'section-hold', { ...HOLD, parts: ['drier-2'] }])).worked?.drawing;
    expect(newest).toBe(canonicalHash(renamed));
    // A place on each of two drawings is on neither: it goes by the newest.
    expect((await kept(job, ['find', 'section-hold', { ...HOLD, parts: ['drier', 'drier-2'] }])).worked?.drawing).toBe(newest);
    const back = { parts: drawing.circuit.parts, links: drawing.circuit.links };
    await ilta.put(`/api/circuits/${circuit}/drawings/${uuid()}`).send(back).expect(200);
  });

  test('without a drawing a place is refused, but never the rig’s own hoses; what needs none names none', async () => {
    const { circuit } = await addSplit(server, { tag: 'NQ1', drawn: false });
    const job = await newJob(circuit);
    const check = (place: string) => ['find', 'checked-place', { place, method: 'soap', result: 'leak' }] as const;
    expect(await refused(job, check('drier'))).toEqual([
      ...[400, 'INVALID_INPUT', 'values.place', 'values.place drier is on no drawing of this circuit: draw it first'],
    ]);
    await kept(job, check('rig'));
    const worth = { ageYears: 14, inWarranty: false, repair: 900, replacement: 2000, decided: 'repair' };
    const { worked } = await kept(job, ['decide', 'worth', worth]);
    expect(worked).toMatchObject({ drawing: null, values: { earlierFinds: 0 } });
  });

  test('earlier finds are those of this machine in jobs before; a sister’s say nothing of its age', async () => {
    const machine = async (tag: string) => (await addSplit(server, { tag, model: 'QZ 9', drawn: true })).circuit;
    const [own, sister] = [await machine('NQ2'), await machine('NQ3')];
    const leak = ['find', 'checked-place', { place: 'liquid-port', method: 'soap', result: 'leak' }] as const;
    await kept(await newJob(sister), leak);
    for (let i = 0; i < 2; i++) await kept(await newJob(own), leak);
    const job = await newJob(own);
    await kept(job, leak);
    const worth = { ageYears: 14, inWarranty: false, repair: 900, replacement: 2000, decided: 'repair' };
    expect((await kept(job, ['decide', 'worth', worth])).worked?.values).toMatchObject({ earlierFinds: 2 });
  });
});

describe('what a device knew of the torch', () => {
  test('counts by the job’s own chain, and only where it had all of it', async () => {
    now = at(300);
    const ilta = await server.as('ilta');
    const [job, joint] = [await newJob(), uuid()];
    await ilta.put(`/api/jobs/${job}/joints/${joint}`).send({ title: 'liquid line' }).expect(200);
    await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(planBody()).expect(200);
    const values = { filler: 'BAg-36', rodMm: 60, seconds: 40, purgeLpm: 2, floodSeconds: 90, depthMm: 19, protection: 'putty', note: '' };
    const braze = async (seen: readonly object[]) =>
      ilta.put(`/api/joints/${joint}/entries/${uuid()}`).send({ kind: 'brazed', deviceTime: now.toISOString(), values, photos: [], seen });
    await kept(job, ['find', 'complaint', { text: 'warm' }]);
    const links = (await ilta.get(`/api/jobs/${job}`)).body.stages.entries as JobLink[];
    const head = { of: 'job', id: job, sequence: links.length, hash: links.at(-1)?.hash };
    const older = { ...head, sequence: 1, hash: links[0]?.hash };
    const locked = await braze([older, head]);
    expect([locked.status, locked.body.error.field]).toEqual([409, 'kind']);
    expect(locked.body.error.message).toMatch(
      /^No flame yet: the torch stays locked: .*\. Answer it under “make safe”, or a lead overrules it with the reason\.$/,
    );
    // Of an older state, or of another chain: it could not know.
    expect((await braze([older])).body.content.worked.values.torch).toBe('locked');
  });
});
