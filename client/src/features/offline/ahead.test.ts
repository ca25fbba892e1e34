import type { Today } from '@kesto/contract/api';
import { jobView, summary } from '@/testing/jobs';

const job = jobView({ order: [summary('CR2-07', 'planned'), summary('CR2-08', 'planned')] });
const TODAY = { jobs: [{ id: 'job' }] } as unknown as Today; // cast: what is read of it

/** Each test with its own clock of what was fetched. */
async function fresh(answer: (path: string) => Response) {
  jest.resetModules();
  const asked: string[] = [];
  globalThis.fetch = (async (url: string) => {
    asked.push(url.replace('/api/', ''));
    return answer(url);
  }) as unknown as typeof fetch; // cast: asked by an address alone
  const { fetchAhead } = jest.requireActual<typeof import('./ahead')>('./ahead');
  return { asked, fetchAhead };
}
const whole = (path: string) => new Response(JSON.stringify(path.includes('/jobs/') ? job : {}), { status: 200 });

test('what today’s jobs need is fetched onto the device: machine, drawing, joints, van and people', async () => {
  const { asked, fetchAhead } = await fresh(whole);
  await fetchAhead('p1', TODAY);
  for (const path of [
    'van',
    'schools',
    'people',
    'sites/after/first',
    'jobs/job',
    'units/u',
    'units/u/history',
    'circuits/circuit/drawing',
  ])
    expect(asked).toContain(path);
  expect(asked.filter((path) => path.startsWith('joints/'))).toEqual(['joints/CR2-07', 'joints/CR2-08']);
});

test('what was fetched a moment ago is not fetched again', async () => {
  const { asked, fetchAhead } = await fresh(whole);
  await fetchAhead('p1', TODAY);
  const before = asked.length;
  await fetchAhead('p1', TODAY);
  expect(asked).toHaveLength(before);
});

test('where the signal goes in the middle the next opening begins anew', async () => {
  let isCut = true;
  const { asked, fetchAhead } = await fresh((path) => {
    if (isCut && path.includes('/units/u')) throw new TypeError('no network');
    return whole(path);
  });
  await fetchAhead('p1', TODAY);
  expect(asked.some((path) => path.startsWith('joints/'))).toBe(false);
  isCut = false;
  await fetchAhead('p1', TODAY);
  expect(asked.some((path) => path.startsWith('joints/'))).toBe(true);
});
