import type { Today } from '@kesto/contract';
import { act, screen } from '@testing-library/react-native';
import { settle, showScreen } from '@/testing/screen';
import { SessionGate } from '@/features/session/SessionGate';
import { answersFrom, noCache } from '@/cache';
import { newerIsHere, signalFound, signalLost } from '@/state/signal';
import { dayWith } from '@/testing/jobs';
import { Words } from '@/ui/Words';
import { fetchAhead } from './ahead';

const PAGE = (
  <SessionGate>
    <Words>the drawing</Words>
  </SessionGate>
);

test('what is shown from the device says so and of when; once the server answers, whoever asked, all of it is fetched anew', async () => {
  const { store } = await showScreen(PAGE, { answers: { 'GET today': dayWith() } });
  const asked: string[] = [];
  const answering = globalThis.fetch;
  globalThis.fetch = (input, rest) => {
    asked.push(input instanceof Request ? input.url : String(input));
    return answering(input, rest);
  };
  act(() => void store.dispatch(signalLost('2026-11-24T07:52:00.000Z')));
  expect(screen.getByText(/^No signal: shown as of 24 Nov /)).toBeTruthy();
  act(() => void store.dispatch(signalLost('2026-11-25T07:52:00.000Z')));
  expect(screen.getByText(/as of 24 Nov /)).toBeTruthy();
  act(() => void store.dispatch(signalFound()));
  await settle();
  expect(screen.queryByText(/^No signal/)).toBeNull();
  expect(asked.some((url) => url.endsWith('/api/today'))).toBe(true);
});

test('a newer release is offered, and changes nothing until it is asked for', async () => {
  const { store } = await showScreen(PAGE, { answers: { 'GET today': dayWith() } });
  act(() => void store.dispatch(newerIsHere()));
  expect(screen.getByText(/A newer Kesto is here/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Reload' })).toBeTruthy();
  expect(screen.getByText('the drawing')).toBeTruthy();
});

describe('the work of today’s jobs', () => {
  const TODAY = { jobs: [{ id: 'job1' }] } as unknown as Today; // cast: ids are all that is read
  const job = { unit: { id: 'u1' }, circuit: { id: 'c1' }, order: [{ id: 'j1' }, { id: 'j2' }] };
  const asked: string[] = [];
  const kept: string[] = [];
  beforeEach(() => {
    asked.length = 0;
    kept.length = 0;
    answersFrom({ ...noCache, remember: async (person, url) => void kept.push(`${person} ${url}`) });
  });

  test('a signal that goes in the middle is begun again at the next opening, and what is there is not fetched twice within minutes', async () => {
    const answer = (url: string) => new Response(JSON.stringify(url.includes('/jobs/') ? job : {}));
    globalThis.fetch = jest.fn(async (url: string) => {
      asked.push(url);
      if (url.endsWith('/units/u1')) throw new TypeError('Failed to fetch');
      return answer(url);
    }) as unknown as typeof fetch; // cast: asked by text alone
    await fetchAhead('p1', TODAY);
    expect(asked).toContain('/api/jobs/job1');
    expect(kept.some((key) => key.includes('/joints/'))).toBe(false);
    globalThis.fetch = jest.fn(async (url: string) => answer(url)) as unknown as typeof fetch; // cast: as above
    await fetchAhead('p1', TODAY);
    for (const url of ['/api/van', '/api/units/u1', '/api/circuits/c1/drawing', '/api/joints/j1', '/api/joints/j2']) {
      expect(kept).toContain(`p1 ${url}`);
    }
    const times = kept.length;
    await fetchAhead('p1', TODAY);
    expect(kept.length).toBe(times);
  });
});
