import { METRIC_PREFERENCES } from '@kesto/core';
import { pathOf, ROUTES, type Me, type Role, type SendEntriesRequest } from '@kesto/contract';
import { act, cleanup, configure, fireEvent, render, screen } from '@testing-library/react-native';
import type { ReactElement, ReactNode } from 'react';
import { Dimensions } from 'react-native';
import { Provider } from 'react-redux';
import { api } from '@/api/api';
import { useMeQuery } from '@/api/sessionApi';
import { makeStore } from '@/store/store';
import { flushTyped } from '@/state/typed';
import { ThemeProvider } from '@/ui/theme';
import { VAN } from './joints';

// A ceiling, not a wait: what is looked for is there at once on a quiet machine, and may take its time on a busy one.
configure({ asyncUtilTimeout: 10_000 });

const mockWent: string[] = [];
/** Where the router was sent by what the screen did. */
export const went = (): readonly string[] => mockWent;
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: (href: string) => mockWent.push(href), replace: (href: string) => mockWent.push(href) }),
  useIsFocused: () => true,
}));

/** Whoever asked for the next frame. Moving marks ask for ever; after the last test nobody draws. */
const frames = new Map<number, (at: number) => void>();
let lastFrame = 0;
function drawFrame(): void {
  const drawn = [...frames.values()];
  frames.clear();
  for (const draw of drawn) draw(Date.now());
}
globalThis.requestAnimationFrame = (draw) => {
  frames.set(++lastFrame, draw);
  // Where nothing settles meanwhile.
  setTimeout(drawFrame, 16);
  return lastFrame;
};
globalThis.cancelAnimationFrame = (frame) => void frames.delete(frame ?? 0);
afterAll(() => {
  globalThis.requestAnimationFrame = () => 0;
});
const shown: ReturnType<typeof makeStore>[] = [];
afterEach(async () => {
  cleanup();
  // The screen's last words to the store are said a moment after it is gone; then its timers can end.
  await turn();
  for (const store of shown.splice(0)) store.dispatch(api.util.resetApiState());
});

export interface Write {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

export interface Refusal {
  readonly status: number;
  readonly message: string;
  readonly field?: string;
}

/** What the server answers to `GET session` or `PUT joints/1/plans/*`; a `Refusal` is an error with that status. */
export type Answers = Readonly<Record<string, unknown>>;

export const personAs = (role: Role, rest: Partial<Me> = {}): Me => ({
  person: { id: 'p1', name: 'Ilta Varro', role },
  shop: { id: 's', name: 'Lumikero Botanical Station' },
  units: METRIC_PREFERENCES,
  approvals: [],
  ...rest,
});

const isRefusal = (answer: unknown): answer is Refusal =>
  typeof answer === 'object' && answer !== null && 'message' in answer && 'status' in answer;

/** Requests that are not answered yet. */
let unanswered = 0;
/** Requests ever made. */
let asked = 0;

function answering(answers: Answers, noted: Noted) {
  const answered = answerOf(answers, noted);
  return async (input: Request | string): Promise<Response> => {
    asked++;
    unanswered++;
    try {
      return await answered(typeof input === 'string' ? new Request(new URL(input, 'http://localhost')) : input);
    } finally {
      unanswered--;
    }
  };
}

/** What the server was asked to write: each thing once, and each try. */
interface Noted {
  readonly writes: Write[];
  readonly sent: Write[];
}

/** The same thing under the same id: what the outbox sends again by itself is one write, however slow the machine. */
const isTriedAgain =
  ({ method, path, body }: Write) =>
  (before: Write) =>
    method === 'PUT' && before.path === path && JSON.stringify(before.body) === JSON.stringify(body);

const answerFor = (answers: Answers, { method, path }: Omit<Write, 'body'>): unknown => {
  const key = Object.keys(answers).find((k) => new RegExp(`^${k.replaceAll('*', '[^/]+')}$`).test(`${method} ${path}`));
  return key === undefined ? { status: 404, message: `no answer for ${method} ${path}` } : answers[key];
};

const errorOf = ({ message, field }: Refusal) => ({ code: 'X', message, ...(field ? { field } : {}) });

/** Entries that were sent together: each as its own route would have had it. */
const eachOf = ({ entries }: SendEntriesRequest): readonly Write[] =>
  entries.map(({ route, params, body }) => ({
    method: 'PUT',
    path: pathOf<string>(ROUTES[route].path, params).replace('/api/', ''),
    body,
  }));

function answerOf(answers: Answers, { writes, sent }: Noted) {
  const note = (write: Write) => {
    if (!writes.some(isTriedAgain(write))) writes.push(write);
    sent.push(write);
  };
  return async (input: Request): Promise<Response> => {
    const path = new URL(input.url).pathname.replace('/api/', '');
    const asked: Write = { method: input.method, path, body: input.method === 'GET' ? null : JSON.parse((await input.text()) || 'null') };
    if (path === 'entries') {
      const each = eachOf(asked.body as SendEntriesRequest); // cast: the one body of this route
      each.forEach(note);
      const told = each.map((write) => answerFor(answers, write));
      return jsonOf({ answers: told.map((one) => (isRefusal(one) ? { status: one.status, error: errorOf(one) } : { status: 200 })) });
    }
    if (input.method !== 'GET') note(asked);
    const answer = answerFor(answers, asked);
    return isRefusal(answer) ? jsonOf({ error: errorOf(answer) }, answer.status) : jsonOf(answer);
  };
}

const jsonOf = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });

interface Shown {
  readonly writes: readonly Write[];
  /** The same, each try of each. */
  readonly sent: readonly Write[];
  readonly store: ReturnType<typeof makeStore>;
}

const SIZES = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } } as const;

interface Setting {
  readonly answers?: Answers;
  readonly size?: keyof typeof SIZES;
  readonly role?: Role;
  /** What the device kept from before. */
  readonly onDevice?: Readonly<Record<string, string>>;
}

/** As behind the sign-in, where it is known who is there. */
function Knowing({ waits, children }: { waits: boolean; children: ReactNode }) {
  return useMeQuery().isLoading && waits ? null : children;
}

/** A screen with its own store, in front of a server that answers as told. */
export async function showScreen(
  element: ReactElement,
  { answers = {}, size = 'phone', role = 'technician', onDevice = {} }: Setting = {},
): Promise<Shown> {
  const noted: Noted = { writes: [], sent: [] };
  mockWent.length = 0;
  flushTyped();
  globalThis.localStorage.clear();
  for (const [key, value] of Object.entries(onDevice)) globalThis.localStorage.setItem(key, value);
  Dimensions.set({ window: { ...SIZES[size], scale: 1, fontScale: 1 }, screen: { ...SIZES[size], scale: 1, fontScale: 1 } });
  globalThis.fetch = answering(
    { 'GET session': personAs(role), 'GET van': VAN, 'GET schools': {}, 'GET today': EMPTY_DAY, ...answers },
    noted,
  ) as typeof fetch; // cast: asked by a Request or by an address
  const store = makeStore();
  shown.push(store);
  render(
    <Provider store={store}>
      <ThemeProvider>
        <Knowing waits={!('GET session' in answers)}>{element}</Knowing>
      </ThemeProvider>
    </Provider>,
  );
  await settle();
  return { ...noted, store };
}

/** What forms and drafts kept on the device so far: given to the next screen, it is this page loaded anew. */
export function deviceKeeps(...keys: readonly string[]): Readonly<Record<string, string>> {
  flushTyped();
  return Object.fromEntries(keys.map((key) => [key, globalThis.localStorage.getItem(key) ?? '']));
}

export const EMPTY_DAY = { jobs: [], units: [], sentBack: [], due: [], toRead: [], toSettle: [] };

const MOST_TURNS = 2_000;
const QUIET_TURNS = 4;
const STEPS = 8;

/** One frame passes, and whatever was put off until it, or "at once", has run, with what that put off in turn some steps deep. */
async function turn(): Promise<void> {
  for (let step = 0; step < STEPS; step++) await new Promise(setImmediate);
  await new Promise((resolve) => setTimeout(resolve, 0));
  drawFrame();
}

/** Lets answers arrive and what follows from them be drawn: until nothing was asked and nothing is owed for some turns. */
export async function settle(): Promise<void> {
  let quiet = 0;
  for (let turns = 0; quiet < QUIET_TURNS && turns < MOST_TURNS; turns++) {
    const before = asked;
    await act(turn);
    quiet = unanswered === 0 && asked === before ? quiet + 1 : 0;
  }
}

/** Presses what has this on it: an answer of a choice where there is one, else the last thing that says it. */
export async function press(name: string | RegExp): Promise<void> {
  const [answer] = screen.queryAllByRole('radio', { name });
  fireEvent.press(answer ?? (screen.getAllByText(name).at(-1) as never)); // cast: getAll throws when there is none
  await settle();
}

export async function type(label: string | RegExp, text: string): Promise<void> {
  fireEvent.changeText(screen.getAllByLabelText(label)[0] as never, text); // cast: as above
  await settle();
}
