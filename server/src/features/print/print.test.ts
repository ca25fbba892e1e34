import { OPEN_JOB, PLANNED_JOINT, UNPLANNED_JOINT } from '../../testing/examples';
import { asOwner } from '../../testing/database';
import { textOfPdf } from '../../testing/pdf';
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
