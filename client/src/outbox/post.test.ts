import type { Outcome } from './command';
import { VAN_COMMAND } from '@/testing/commands';
import { post, postTogether } from './post';

const COMMAND = { ...VAN_COMMAND, place: 1 };
const sent: Request[] = [];
function answering(answer: () => Response | Promise<Response>) {
  globalThis.fetch = (async (request: Request) => {
    sent.push(request);
    return answer();
  }) as typeof fetch; // cast: only requests are made here
}
const refusal = (status: number, error: object) => () =>
  new Response(JSON.stringify({ error: { message: 'no', requestId: 'r', ...error } }), { status });

test.each<[string, () => Response | Promise<Response>, Outcome]>([
  ['stored', () => new Response('{}', { status: 200 }), { kind: 'taken' }],
  ['refused', refusal(400, { code: 'INVALID_INPUT', field: 'count' }), { kind: 'refused', message: 'no', field: 'count' }],
  ['refused for a gate', refusal(409, { code: 'GATE' }), { kind: 'refused', message: 'no', field: null }],
  ['signed out', refusal(401, { code: 'SIGNED_OUT' }), { kind: 'signed-out' }],
  ['too many', refusal(429, { code: 'TOO_MANY_TRIES' }), { kind: 'later', message: 'no' }],
  ['too slow', refusal(408, {}), { kind: 'later', message: 'no' }],
  ['away', refusal(503, { code: 'UNAVAILABLE' }), { kind: 'later', message: 'no' }],
  ['failed', refusal(500, { code: 'INTERNAL' }), { kind: 'later', message: 'no' }],
  ['full', refusal(507, { code: 'STORAGE_FULL' }), { kind: 'later', message: 'no' }],
  ['a proxy’s own page', () => new Response('<html>', { status: 502 }), { kind: 'later', message: 'The server answered 502.' }],
  ['changed since', refusal(409, { code: 'CHANGED', details: { stands: {}, hash: 'h' } }), { kind: 'changed', stands: {}, hash: 'h' }],
  [
    'another signed in',
    refusal(409, { code: 'OTHER_PERSON', details: { signedIn: { id: 'o', name: 'Oskar' } } }),
    { kind: 'other-person', message: 'no', signedIn: { id: 'o', name: 'Oskar' } },
  ],
  ['no network', () => Promise.reject(new TypeError('network')), { kind: 'later', message: null }],
])('%s', async (_what, answer, outcome) => {
  answering(answer);
  expect(await post(COMMAND)).toEqual(outcome);
});

test('a route that this version does not know, and what cannot be written down, are set aside and not sent', async () => {
  answering(() => new Response('{}'));
  const before = sent.length;
  expect(await post({ ...COMMAND, route: 'putTomorrow' as never })).toEqual({ kind: 'set-aside' }); // cast: a later version's
  expect(await post({ ...COMMAND, body: 1n })).toEqual({ kind: 'set-aside' });
  expect(sent).toHaveLength(before);
});

test('the writer, the device’s clock and what it was made from go along in headers, and the body stays what it was', async () => {
  answering(() => new Response('{}'));
  await post({ ...COMMAND, madeFrom: { hash: 'a'.repeat(64), body: {} } });
  const request = sent.at(-1)!;
  expect(request.headers.get('kesto-person')).toBe(COMMAND.by);
  expect(request.headers.get('kesto-made-from')).toBe('a'.repeat(64));
  expect(Math.abs(Date.parse(request.headers.get('kesto-clock') ?? '') - Date.now())).toBeLessThan(5000);
  expect(await request.json()).toEqual(COMMAND.body);
});

test('a clock that is ahead of the server’s is seen', async () => {
  const date = new Date(Date.now() - 3 * 3_600_000).toUTCString();
  answering(() => new Response('{}', { headers: { date } }));
  const seen: number[] = [];
  await post(COMMAND, (ahead) => void seen.push(ahead));
  expect(Math.round((seen[0] ?? 0) / 60_000)).toBe(180);
});

describe('a phone that sleeps between asking and reading the answer', () => {
  const ASKED = Date.parse('2026-11-24T10:00:00.000Z');
  afterEach(() => jest.restoreAllMocks());

  /** Seen ahead [ms], where the server stamps its answer at `server` and it is read an hour after it was asked for. */
  async function seenAfterAnHour(server: number): Promise<number | undefined> {
    const clock = jest.spyOn(Date, 'now').mockReturnValue(ASKED);
    answering(() => {
      clock.mockReturnValue(ASKED + 3_600_000);
      return new Response('{}', { headers: { date: new Date(server).toUTCString() } });
    });
    const seen: number[] = [];
    await post(COMMAND, (ahead) => void seen.push(ahead));
    return seen[0];
  }

  test('is not told that its clock is an hour ahead', async () => {
    expect(await seenAfterAnHour(ASKED + 1000)).toBe(0);
  });

  test('is told what is certain all the same: asked after the server’s answer, or read before it', async () => {
    expect(await seenAfterAnHour(ASKED - 600_000)).toBe(600_000);
    expect(await seenAfterAnHour(ASKED + 3_600_000 + 900_000)).toBe(-900_000);
  });
});

describe('entries that go together', () => {
  const entry = (id: string) => ({
    ...COMMAND,
    id,
    route: 'putEntry' as const,
    params: { joint: 'j', entry: id },
    body: { kind: 'brazed' },
  });
  const TWO = [entry('e1'), entry('e2')];
  const answers =
    (...all: readonly object[]) =>
    () =>
      new Response(JSON.stringify({ answers: all }));

  test('go as their own routes would take them, and each has its own answer', async () => {
    answering(
      answers({ status: 200 }, { status: 409, error: { code: 'OUT_OF_ORDER', message: 'look first', requestId: 'r', field: 'kind' } }),
    );
    expect(await postTogether(TWO)).toEqual([{ kind: 'taken' }, { kind: 'refused', message: 'look first', field: 'kind' }]);
    const request = sent.at(-1)!;
    expect([request.method, new URL(request.url).pathname, request.headers.get('kesto-person')]).toEqual([
      'PUT',
      '/api/entries',
      COMMAND.by,
    ]);
    const asked = TWO.map(({ route, params, body }) => ({ route, params, body }));
    expect(await request.json()).toEqual({ entries: asked });
  });

  test.each<[string, () => Response | Promise<Response>, readonly Outcome[] | null]>([
    [
      'a server that fails on the first: the others were not tried',
      answers({ status: 503, error: { code: 'BUSY', message: 'soon' } }),
      [{ kind: 'later', message: 'soon' }],
    ],
    ['no network', () => Promise.reject(new TypeError('network')), [{ kind: 'later', message: null }]],
    ['signed out', refusal(401, { code: 'SIGNED_OUT' }), [{ kind: 'signed-out' }]],
    ['a server of a former release: each by itself', refusal(404, { code: 'NOT_FOUND' }), null],
    ['no answer of any: each by itself', answers(), null],
    ['an answer that broke off', () => new Response('{"answ'), [{ kind: 'later', message: null }]],
  ])('%s', async (_what, answer, outcomes) => {
    answering(answer);
    expect(await postTogether(TWO)).toEqual(outcomes);
  });
});
