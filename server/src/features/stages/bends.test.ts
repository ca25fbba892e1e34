import { BEND_ROWS, BENDS, factsIn, HAND_OVER_POINTS, headOf, type Bend, type JobLink, type KeptStage, type StageFact } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { openJob } from '../../testing/jobs';
import { textOfPdf } from '../../testing/pdf';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

const q = (value: number, unit: string) => ({ value, unit });
async function send(job: string, stage: string, kind: string, values: object, who: 'ilta' | 'maren' = 'ilta') {
  const body = { stage, kind, values, deviceTime: new Date().toISOString(), photos: [] };
  return (await server.as(who)).put(`/api/jobs/${job}/stages/${uuid()}`).send(body);
}
async function kept(job: string, stage: string, kind: string, values: object, who: 'ilta' | 'maren' = 'ilta'): Promise<void> {
  const { status, body } = await send(job, stage, kind, values, who);
  if (status !== 200) throw new Error(`${stage} ${kind}: ${JSON.stringify(body)}`);
}
const view = async (job: string) => (await (await server.as('bo')).get(`/api/jobs/${job}`).expect(200)).body;
const factsOf = async (job: string): Promise<readonly StageFact[]> => factsIn((await view(job)).stages.entries as JobLink[]);

/** What is read for a point: a gauge that did not move, a drier that is not full, oil that is clean. */
const READ = { gauge: { reads: q(6, 'barg') }, drop: { reads: q(9, 'kPa') }, 'acid-test': { result: 'clean' } } as const;

/** Everything that a bend asks before a stage is done, answered. */
async function answered(job: string, bend: Bend, stage: KeptStage): Promise<void> {
  for (const { point, before, reads } of BEND_ROWS[bend])
    if (before === stage) await kept(job, stage, 'bend-point', { bend, point, answer: 'done', ...(reads ? READ[reads] : {}) });
}

/** Stages that this job does not need, skipped with a reason; a lead where they protect people. */
async function skipped(job: string, ...stages: readonly KeptStage[]): Promise<void> {
  for (const stage of stages) await kept(job, stage, 'skipped', { reason: 'done before, on paper' }, 'maren');
}

async function signs(job: string): Promise<void> {
  const { of, id, sequence, hash } = headOf('job', job, (await view(job)).stages.entries as JobLink[]);
  await kept(job, 'hand-over', 'signed-off', { name: 'M. Lind', role: 'for the station', heads: [{ of, id, sequence, hash }] });
}
async function signed(job: string): Promise<void> {
  await signs(job);
  await kept(job, 'hand-over', 'done', {});
}
async function handedOver(job: string): Promise<void> {
  for (const point of HAND_OVER_POINTS) await kept(job, 'hand-over', 'handed-point', { point, answer: 'done' });
  await signed(job);
}

const STAGES = ['find', 'decide', 'make-safe', 'hold', 'pull', 'charge'] as const;

describe.each(BENDS.filter((bend) => bend !== 'owner-no'))('%s', (bend) => {
  test('runs to its end: no stage is called done before what the bend asks of it is answered', async () => {
    const job = await openJob(server);
    await kept(job, 'find', 'bend-began', { bend });
    for (const stage of STAGES) {
      const asks = BEND_ROWS[bend].some(({ before }) => before === stage);
      if (asks) {
        const early = await send(job, stage, 'done', {});
        expect([early.status, early.body.error.message]).toEqual([409, expect.stringContaining('what bends this job asks')]);
        await answered(job, bend, stage);
      }
      await skipped(job, stage);
    }
    const asksAtEnd = BEND_ROWS[bend].some(({ before }) => before === 'hand-over');
    if (asksAtEnd) expect((await view(job)).next).toMatchObject({ stage: 'hand-over', step: 'answer-bend' });
    await answered(job, bend, 'hand-over');
    await handedOver(job);
    expect(await view(job)).toMatchObject({ done: true });
  });
});

test('the owner says no at Decide: told in writing, capped, signed, closed; the paper says that nothing was mended', async () => {
  const job = await openJob(server);
  await kept(job, 'find', 'complaint', { text: 'short of charge again' });
  await kept(job, 'find', 'checked-place', { place: 'drier', method: 'soap', result: 'leak' });
  await skipped(job, 'find');
  await kept(job, 'decide', 'bend-began', { bend: 'owner-no', note: 'too dear before the winter' });
  expect((await view(job)).next).toMatchObject({ stage: 'hand-over', step: 'answer-bend' });
  await kept(job, 'hand-over', 'bend-point', {
    ...{ bend: 'owner-no', point: 'left-told', answer: 'done', note: 'the liquid side is under pressure, both valves shut' },
  });
  for (const point of ['valves-capped', 'none-added'])
    await kept(job, 'hand-over', 'bend-point', { bend: 'owner-no', point, answer: 'done' });
  expect((await view(job)).next).toMatchObject({ stage: 'hand-over', step: 'sign-off' });
  await signed(job);
  expect(await view(job)).toMatchObject({ done: true });
  const { body } = await (await server.as('bo')).get(`/api/jobs/${job}/report.pdf`).buffer(true).parse(bytes).expect(200);
  expect(textOfPdf(body as Buffer)).toContain('the liquid side is under pressure');
});

test('what this job itself locked off stays open for an owner who says no', async () => {
  const job = await openJob(server);
  await kept(job, 'make-safe', 'locked-off', { keyHolder: 'Ilta Varro', dead: true });
  await kept(job, 'decide', 'bend-began', { bend: 'owner-no' });
  await answered(job, 'owner-no', 'hand-over');
  await signs(job);
  expect((await send(job, 'hand-over', 'done', {})).body.error.message).toContain('locks off');
  await kept(job, 'hand-over', 'handed-point', { point: 'locks-off', answer: 'done' });
  await kept(job, 'hand-over', 'done', {});
});

test('acid after the run, or a drier that is full, is done again: neither lets the job be closed', async () => {
  const job = await openJob(server);
  await kept(job, 'hand-over', 'bend-began', { bend: 'burnt-compressor' });
  await answered(job, 'burnt-compressor', 'hand-over');
  const again = (values: object) => kept(job, 'hand-over', 'bend-point', { bend: 'burnt-compressor', answer: 'done', ...values });
  const refusal = async () => String((await send(job, 'hand-over', 'done', {})).body.error.message);
  expect(await refusal()).not.toContain('acid test');
  await again({ point: 'acid-again', result: 'acid' });
  expect(await refusal()).toContain('acid test after the run');
  await again({ point: 'acid-again', result: 'clean' });
  await again({ point: 'drop-read', reads: q(3.2, 'psi') });
  expect(await refusal()).toContain('drop over the suction drier');
  await again({ point: 'drop-read', reads: q(1.5, 'psi') });
  expect(await refusal()).not.toContain('suction drier');
});

test('two circuits: a gauge of the other one that rose keeps the hold from being called done, until somebody says why', async () => {
  const job = await openJob(server);
  const other = (point: string, barg: number) =>
    kept(job, 'hold', 'bend-point', { bend: 'two-circuits', point, answer: 'done', reads: q(barg, 'barg') });
  await kept(job, 'hold', 'bend-began', { bend: 'two-circuits' });
  await other('other-before', 6.2);
  await other('other-after', 7.4);
  expect((await send(job, 'hold', 'done', {})).body.error.message).toContain('the other circuit’s gauge rose');
  await other('other-after', 6.25);
  expect((await send(job, 'hold', 'done', {})).body.error.message).not.toContain('the other circuit');
});

test('a bend that was said by mistake is taken back with its reason, and asks nothing more', async () => {
  const job = await openJob(server);
  await kept(job, 'find', 'bend-began', { bend: 'burnt-compressor' });
  await kept(job, 'find', 'bend-left', { bend: 'burnt-compressor', why: 'the oil is clean' });
  expect((await send(job, 'pull', 'done', {})).body.error?.message ?? '').not.toContain('bends');
  expect((await factsOf(job)).filter(({ kind }) => (kind as string).startsWith('bend'))).toHaveLength(2);
});

const bytes = (response: { on: (event: string, then: (chunk: Buffer) => void) => void }, done: (error: null, body: Buffer) => void) => {
  const chunks: Buffer[] = [];
  response.on('data', (chunk) => chunks.push(chunk));
  response.on('end', () => done(null, Buffer.concat(chunks)));
};
