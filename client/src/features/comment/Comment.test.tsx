import { press, showScreen, type } from '@/testing/screen';
import { Comment } from './Comment';

test('an inspector’s word goes into the record it is about, once it is more than nothing', async () => {
  const { writes } = await showScreen(<Comment of="joint" id="j1" />, { role: 'inspector', answers: { 'PUT joints/j1/comments/*': {} } });
  await press('Keep the comment');
  expect(writes).toHaveLength(0);
  await type('what you have to say', 'Seen on site.');
  await press('Keep the comment');
  expect(writes[0]).toMatchObject({ method: 'PUT', body: { text: 'Seen on site.' } });
});

test('a job’s goes into the job’s', async () => {
  const { writes } = await showScreen(<Comment of="job" id="31" />, { role: 'inspector', answers: { 'PUT jobs/31/comments/*': {} } });
  await type('what you have to say', 'Ask for the curves.');
  await press('Keep the comment');
  expect(writes[0]?.path).toMatch(/^jobs\/31\/comments\//);
});
