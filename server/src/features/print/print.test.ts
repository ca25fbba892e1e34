import { v7 as uuid } from 'uuid';
import { brazedBody, FINISHED_JOINT, lookBody, OPEN_JOB, planBody, PLANNED_JOINT, UNPLANNED_JOINT } from '../../testing/examples';
import { demoId } from '../demo';
import { asOwner } from '../../testing/database';
import { textOfPdf } from '../../testing/pdf';
import { processorMs } from '../../testing/processor';
import { addOtherShop, testServer, type TestServer } from '../../testing/server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const pages = (pdf: Buffer) => (pdf.toString('latin1').match(/\/Type \/Page\b(?!s)/g) ?? []).length;

test('a planned joint is one page, a job a page for each planned joint', async () => {
  const ilta = await server.as('ilta');
  const one = await ilta.get(`/api/joints/${PLANNED_JOINT}/plan.pdf`).expect(200).expect('content-type', /pdf/);
  expect((one.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  expect(pages(one.body as Buffer)).toBe(1);
  expect(one.headers['content-disposition']).toContain('CR2-09.pdf');
  const all = await ilta.get(`/api/jobs/${OPEN_JOB}/plans.pdf`).expect(200);
  expect(pages(all.body as Buffer)).toBe(2);
});

test('what is not planned has no page, and another shop’s joint none at all', async () => {
  const ilta = await server.as('ilta');
  expect((await ilta.get(`/api/joints/${UNPLANNED_JOINT}/plan.pdf`).expect(404)).body.error.message).toContain('plan');
  await addOtherShop(server.store, [{ login: 'otto', role: 'lead' }]);
  await (await server.as('otto')).get(`/api/joints/${PLANNED_JOINT}/plan.pdf`).expect(404);
});

test('the page, the screen and the record say the same nitrogen: all are drawn from the kept plan', async () => {
  const ilta = await server.as('ilta');
  const joint = (await ilta.get(`/api/joints/${PLANNED_JOINT}`).expect(200)).body;
  expect(joint.plan.plan.purge.nitrogenM3 * 1000).toBeCloseTo(joint.plan.answer.purge.nitrogenL, 9);
  const kept = Math.round(joint.plan.answer.purge.nitrogenL);
  await asOwner(server.ownerUrl, (query) =>
    query(`update joint_plan set plan = jsonb_set(plan, '{purge,nitrogenM3}', '0.777') where joint_id = $1`, [PLANNED_JOINT]),
  );
  const pdf = (await ilta.get(`/api/joints/${PLANNED_JOINT}/plan.pdf`).expect(200)).body as Buffer;
  const text = textOfPdf(pdf);
  expect(text).toContain('777');
  expect(text).not.toContain(`${kept} L`);
});

test('a made joint on paper says what was planned, made and kept, by whom, with its photos and its hash', async () => {
  const ilta = await server.as('ilta');
  const pdf = (await ilta.get(`/api/joints/${FINISHED_JOINT}/record.pdf`).expect(200)).body as Buffer;
  const text = textOfPdf(pdf);
  for (const words of ['HS3-03', 'accepted', 'planned by Ilta Varro', 'puts 4 right', 'Maren Ito-Dahl', 'Seen on site with the mirror'])
    expect(text).toContain(words);
  expect(text).toMatch(/rod 24 mm 31 mm/);
  expect(pdf.toString('latin1')).toContain('/Subtype /Image');
});

test('a job on paper says what was kept of each stage; what was found is a page in plain words', async () => {
  const ilta = await server.as('ilta');
  const job = textOfPdf((await ilta.get(`/api/jobs/${OPEN_JOB}/job.pdf`).expect(200)).body as Buffer);
  for (const words of ['job 31', 'loss: 1.1 kg in 160 days', 'recovered: 10.30 kg in 48 min', 'CR2-09']) expect(job).toContain(words);
  expect(job).not.toMatch(/undefined|NaN|\[object/);
  const found = textOfPdf((await ilta.get(`/api/jobs/${demoId(0x46)}/found.pdf`).expect(200)).body as Buffer);
  expect(found).toContain('It lost 0.41 kg of refrigerant in 61 days');
  expect(found).toContain('1. Liquid port: refrigerant gets out, seen as bubbles in soap.');
});

test('no shop prints another’s record, job or finds', async () => {
  const otto = await server.as('otto');
  for (const address of [`joints/${FINISHED_JOINT}/record.pdf`, `jobs/${OPEN_JOB}/job.pdf`, `jobs/${OPEN_JOB}/found.pdf`])
    await otto.get(`/api/${address}`).expect(404);
});

test('a report of twelve joints is made in under three seconds, with a row for each and nothing unsaid', async () => {
  const ilta = await server.as('ilta');
  const job = uuid();
  await ilta
    .put(`/api/jobs/${job}`)
    .send({ circuitId: demoId(0x33), title: 'twelve joints' })
    .expect(200);
  for (let i = 1; i <= 12; i++) {
    const joint = uuid();
    await ilta
      .put(`/api/jobs/${job}/joints/${joint}`)
      .send({ title: `joint ${i}` })
      .expect(200);
    await ilta.put(`/api/joints/${joint}/plans/${uuid()}`).send(planBody()).expect(200);
    for (const body of [brazedBody(), lookBody()]) await ilta.put(`/api/joints/${joint}/entries/${uuid()}`).send(body).expect(200);
  }
  await ilta.get(`/api/jobs/${job}/report.pdf`).expect(200);
  let pdf: Buffer = Buffer.alloc(0);
  const took = await processorMs(async () => {
    pdf = (await ilta.get(`/api/jobs/${job}/report.pdf`).expect(200)).body as Buffer;
  });
  expect(took).toBeLessThan(3_000);
  const text = textOfPdf(pdf);
  expect(text).toContain('Made 12 new joints');
  for (let i = 1; i <= 12; i++) expect(text).toContain(`joint ${i}`);
  expect(text).not.toMatch(/undefined|NaN|\[object/);
});
