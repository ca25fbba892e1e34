import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import type { Command, Outcome } from './command';
import { keptOnDevice } from './kept';
import { Outbox } from './outbox';

let made = 0;
const entry = (joint: string, rest: Partial<Command> = {}): Command => ({
  id: `c${++made}`,
  by: 'ilta',
  at: '2026-11-26T09:00:00.000Z',
  route: 'putEntry',
  params: { joint, entry: `e${made}` },
  body: { kind: 'brazed' },
  things: [`joint.${joint}`],
  changes: ['Joint'],
  refused: null,
  stalled: null,
  ...rest,
});

/** A page over the device's database: a second one is the page after a reload. */
function page(answer: (command: Command) => Outcome | Promise<Outcome>, person = 'ilta', refresh = () => Promise.resolve()) {
  const sent: string[] = [];
  const pauses: { readonly ms: number; readonly then: () => void }[] = [];
  const seen: { kept: readonly Command[]; signedOut: number } = { kept: [], signedOut: 0 };
  const outbox = new Outbox({
    kept: keptOnDevice(),
    post: async (command) => {
      sent.push(command.id);
      return answer(command);
    },
    person: () => person,
    show: (commands) => void (seen.kept = commands),
    refresh,
    signedOut: () => void seen.signedOut++,
    alone: (work) => work(),
    wait: (ms, then) => void pauses.push({ ms, then }),
  });
  return { outbox, sent, seen, pauses };
}

const TAKEN = (): Outcome => ({ kind: 'taken' });
const NO_ANSWER = (): Outcome => ({ kind: 'later', message: null });
const settle = async () => {
  for (let i = 0; i < 60; i++) await new Promise((resolve) => setTimeout(resolve, 0));
};

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

test('what was kept without a signal is sent by the page after a reload, once and in its order', async () => {
  const before = page(NO_ANSWER);
  const [first, second] = [entry('j1'), entry('j1')];
  await before.outbox.issue(first);
  await before.outbox.issue(second);
  await settle();
  expect(before.seen.kept.map((c) => c.id)).toEqual([first.id, second.id]);
  const after = page(TAKEN);
  after.outbox.kick();
  await settle();
  expect(after.sent).toEqual([first.id, second.id]);
  expect(after.seen.kept).toEqual([]);
  after.outbox.kick();
  await settle();
  expect(after.sent).toHaveLength(2);
});

test('a refused write says why, holds back what follows it on the same joint, and lets other joints pass', async () => {
  const wrong = entry('j1');
  const { outbox, sent, seen } = page((c) =>
    c.id === wrong.id ? { kind: 'refused', message: 'Plan the joint first.', field: null } : TAKEN(),
  );
  const [after, other] = [entry('j1'), entry('j2')];
  for (const command of [wrong, after, other]) await outbox.issue(command);
  await settle();
  expect(sent).toEqual([wrong.id, other.id]);
  expect(seen.kept.map((c) => [c.id, c.refused?.message])).toEqual([
    [wrong.id, 'Plan the joint first.'],
    [after.id, undefined],
  ]);
  await outbox.letGo(wrong.id);
  await settle();
  expect(sent).toEqual([wrong.id, other.id, after.id]);
  expect(seen.kept).toEqual([]);
});

test('an entry waits for its photo; what waits for nothing goes on past a write the server fails on', async () => {
  const photo = entry('', { things: ['photo.ab'], route: 'putPhoto' });
  const named = entry('j1', { things: ['joint.j1', 'photo.ab'] });
  const other = entry('j2');
  const { outbox, sent, seen } = page((c) => (c.id === photo.id ? { kind: 'later', message: 'The disk is full.' } : TAKEN()));
  for (const command of [photo, named, other]) await outbox.issue(command);
  await settle();
  expect(sent).not.toContain(named.id);
  expect(sent).toContain(other.id);
  expect(seen.kept[0]?.stalled).toEqual({ message: 'The disk is full.' });
});

test('tries grow rarer up to a minute, and a try that is asked for goes at once', async () => {
  const { outbox, sent, pauses } = page(NO_ANSWER);
  await outbox.issue(entry('j1'));
  await settle();
  for (let i = 0; i < 8; i++) {
    pauses.at(-1)?.then();
    await settle();
  }
  expect(pauses.map((p) => p.ms)).toEqual([1000, 2000, 4000, 8000, 16_000, 32_000, 60_000, 60_000, 60_000]);
  expect(sent).toHaveLength(9);
});

test('one person’s writes are never sent in another’s name', async () => {
  await page(NO_ANSWER, 'ilta').outbox.issue(entry('j1'));
  const oskar = page(TAKEN, 'oskar');
  oskar.outbox.kick();
  await settle();
  expect(oskar.sent).toEqual([]);
  const ilta = page(TAKEN, 'ilta');
  ilta.outbox.kick();
  await settle();
  expect(ilta.sent).toHaveLength(1);
});

test('an ended session asks for the sign-in and keeps the write', async () => {
  const { outbox, seen } = page(() => ({ kind: 'signed-out' }));
  await outbox.issue(entry('j1'));
  await settle();
  expect(seen.signedOut).toBe(1);
  expect(seen.kept).toHaveLength(1);
});

test('a write is shown as kept here until what it changed has been fetched anew', async () => {
  let arrived = () => {};
  const fetching = () => new Promise<void>((resolve) => (arrived = resolve));
  const { outbox, seen } = page(TAKEN, 'ilta', fetching);
  await outbox.issue(entry('j1'));
  await settle();
  expect(seen.kept).toHaveLength(1);
  arrived();
  await settle();
  expect(seen.kept).toEqual([]);
});
