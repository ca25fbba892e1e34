import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { entry, messages, NO_ANSWER, page, settle, TAKEN } from '@/testing/outboxPage';
import type { Command, Outcome } from './command';

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

test('a refused write says why, holds back what needs it, and lets everything else pass', async () => {
  const wrong = entry('j1', { route: 'putPlan', makes: 'plan.j1' });
  const { outbox, sent, seen } = page((c) => (c.id === wrong.id ? { kind: 'refused', message: 'No such filler.', field: null } : TAKEN()));
  const [brazed, note, other] = [entry('j1', { needs: ['plan.j1'] }), entry('j1'), entry('j2')];
  for (const command of [wrong, brazed, note, other]) await outbox.issue(command);
  await settle();
  expect(sent).toEqual([wrong.id, note.id, other.id]);
  expect(messages(seen.kept)).toEqual([
    [wrong.id, 'No such filler.'],
    [brazed.id, 'waiting'],
  ]);
  await outbox.letGo(wrong.id);
  await settle();
  expect(sent).toEqual([wrong.id, note.id, other.id, brazed.id]);
  expect(seen.kept).toEqual([]);
});

test('an entry waits for its photo; what waits for nothing goes on past a write the server fails on', async () => {
  const photo = entry('', { about: ['photo.ab'], makes: 'photo.ab', route: 'putPhoto' });
  const named = entry('j1', { needs: ['photo.ab'] });
  const other = entry('j2');
  const { outbox, sent, seen } = page((c) => (c.id === photo.id ? { kind: 'later', message: 'The disk is full.' } : TAKEN()));
  for (const command of [photo, named, other]) await outbox.issue(command);
  await settle();
  expect(sent).not.toContain(named.id);
  expect(sent).toContain(other.id);
  expect(seen.kept[0]?.state).toEqual({ status: 'later', message: 'The disk is full.' });
});

test('what this version cannot send is set aside and holds up nothing; the browser is asked once to keep it all', async () => {
  const unknown = entry('j1', { route: 'putTomorrow' as never }); // cast: a later version's
  const after = entry('j1');
  const { outbox, seen } = page((c) => (c.id === unknown.id ? { kind: 'set-aside' } : TAKEN()));
  for (const command of [unknown, after]) await outbox.issue(command);
  await settle();
  expect(messages(seen.kept)).toEqual([[unknown.id, 'set-aside']]);
  expect(seen.persisted).toBe(1);
});

describe('a count made from an older one', () => {
  const van = (count: number, body = { fillers: [{ designation: 'BAg-36', count }], gas: 'full' }): Partial<Command> => ({
    ...{ route: 'putVan', about: ['van'], body },
    madeFrom: { hash: 'old', body: { fillers: [{ designation: 'BAg-36', count: 5 }], gas: 'full' } },
  });
  /** Somebody else has counted meanwhile; what is made from that is taken. */
  const changedTo =
    (stands: unknown) =>
    (c: Command): Outcome =>
      c.madeFrom?.hash === 'new' ? TAKEN() : { kind: 'changed', stands, hash: 'new' };

  test('takes over by itself what only the other changed', async () => {
    const bodies: unknown[] = [];
    const answer = changedTo({ fillers: [{ designation: 'BAg-36', count: 5 }], gas: 'half' });
    const { outbox, seen } = page((c) => (bodies.push(c.body), answer(c)));
    await outbox.issue(entry('', van(3)));
    await settle();
    expect(bodies.at(-1)).toEqual({ fillers: [{ designation: 'BAg-36', count: 3 }], gas: 'half' });
    expect(seen.kept).toEqual([]);
  });

  test('waits for its writer where both changed one line, and goes as they say', async () => {
    const bodies: unknown[] = [];
    const answer = changedTo({ fillers: [{ designation: 'BAg-36', count: 4 }], gas: 'full' });
    const { outbox, sent, seen } = page((c) => (bodies.push(c.body), answer(c)));
    const counted = entry('', van(3));
    await outbox.issue(counted);
    await settle();
    expect(seen.kept[0]?.state).toMatchObject({ status: 'changed', lines: [{ path: ['fillers', 'BAg-36', 'count'], mine: 3, theirs: 4 }] });
    outbox.kick();
    await settle();
    expect(sent).toHaveLength(1);
    await outbox.decide(counted.id, [true]);
    await settle();
    expect(bodies.at(-1)).toEqual({ fillers: [{ designation: 'BAg-36', count: 4 }], gas: 'full' });
    expect(seen.kept).toEqual([]);
  });
});

test('a write that meets another’s session waits for its writer, ends the round, and the page is told', async () => {
  const { outbox, sent, seen } = page(() => ({ kind: 'other-person', message: 'Oskar is here.', signedIn: { id: 'o', name: 'Oskar' } }));
  for (const command of [entry('j1'), entry('j2')]) await outbox.issue(command);
  await settle();
  expect(new Set(sent).size).toBeLessThanOrEqual(2);
  expect(seen.taken).toBe('Oskar');
  expect(seen.kept).toHaveLength(2);
});

test('what others kept about the same thing holds nobody up', async () => {
  await page(NO_ANSWER, 'ilta').outbox.issue(entry('', { about: ['van'], route: 'putVan' }));
  const oskar = page(TAKEN, 'oskar');
  await oskar.outbox.issue(entry('', { about: ['van'], route: 'putVan', by: 'oskar' }));
  await settle();
  expect(oskar.sent).toHaveLength(1);
});

test('what a page of the former version kept is carried over: its order, its refusals, what it needs', async () => {
  const former = await openDB('kesto', 1, {
    upgrade: (db) => void db.createObjectStore('commands', { keyPath: 'place', autoIncrement: true }),
  });
  const kept = { by: 'ilta', at: '2026-11-20T09:00:00.000Z', changes: [], refused: null, stalled: null };
  for (const command of [
    {
      ...kept,
      id: 'f1',
      route: 'putJob',
      params: { job: 'a' },
      body: { title: 'x' },
      things: ['job.a', 'unit.u'],
      refused: { message: 'no', field: null },
    },
    { ...kept, id: 'f2', route: 'putJoint', params: { job: 'a', joint: 'j' }, body: {}, things: ['joint.j', 'job.a'] },
    { ...kept, id: 'f3', route: 'putVan', params: {}, body: {}, things: ['van'], stalled: { message: 'away' } },
  ])
    await former.add('commands', command);
  former.close();
  const { outbox, sent, seen } = page(TAKEN);
  outbox.kick();
  await settle();
  expect(sent).toEqual(['f3']);
  expect(seen.kept.map(({ id, state }) => [id, state.status])).toEqual([
    ['f1', 'refused'],
    ['f2', 'waiting'],
  ]);
  await outbox.tryAgain('f1');
  await settle();
  expect(sent).toEqual(['f3', 'f1', 'f2']);
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

test('what breaks the sending off does not end it: it is tried again by itself', async () => {
  let breaks = true;
  const { outbox, sent, pauses, seen } = page(() => (breaks ? Promise.reject(new Error('broken')) : TAKEN()));
  await outbox.issue(entry('j1'));
  await settle();
  expect(seen.kept).toHaveLength(1);
  breaks = false;
  pauses.at(-1)?.then();
  await settle();
  expect(sent).toHaveLength(2);
  expect(seen.kept).toEqual([]);
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

test('what somebody who left had kept goes by whoever takes it over, and says whose it was; their own units do not', async () => {
  const gone = [entry('j1', { by: 'oskar', byName: 'Oskar' }), entry('j2', { by: 'oskar', byName: 'Oskar', route: 'putUnits' })] as const;
  const { outbox, sent, seen } = page(
    (command) => (command.onBehalfOf?.id === 'oskar' && command.by === 'maren' ? TAKEN() : NO_ANSWER()),
    'maren',
  );
  for (const command of gone) await outbox.issue(command);
  await settle();
  expect(sent).toEqual([]);
  await outbox.takeOnBehalf('oskar', { id: 'maren', name: 'Maren' });
  await settle();
  expect(sent).toEqual([gone[0].id]);
  expect(seen.kept.map(({ id }) => id)).toEqual([gone[1].id]);
});
