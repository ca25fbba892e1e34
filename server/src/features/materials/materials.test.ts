import { FINISHED_JOINT } from '../../testing/examples';
import { rulesServer } from '../../testing/server';

test('what a job took is a table for the bill: rods from the joints’ records, and who told each line', async () => {
  const server = await rulesServer();
  const bo = await server.as('bo');
  const { job } = (await bo.get(`/api/joints/${FINISHED_JOINT}`).expect(200)).body;
  const { text, headers } = await bo.get(`/api/jobs/${job.id}/materials.csv`).expect(200);
  expect(headers['content-disposition']).toContain('-materials.csv');
  const [head, ...rows] = text.split('\r\n');
  expect(head).toBe('what,lot,amount,unit,told by');
  // 22 mm noted at first, corrected to 31.
  expect(rows[0]).toBe('BAg-36,,0.031,m of rod,the record of one joint');
  await server.close();
});
