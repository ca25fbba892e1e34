import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { entry, messages, NO_ANSWER, page, settle, TAKEN } from '@/testing/outboxPage';
import type { Command, Outcome } from './command';
import { keptOnDevice } from './kept';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

describe('what is to be signed', () => {
  const toSign = { toSign: true } as const;

  test('is kept before it is signed, and signed once: each try says the same', async () => {
    const bodies: unknown[] = [];
    const answers = [NO_ANSWER(), TAKEN()];
    const { outbox, pauses, signing } = page((c) => (bodies.push(c.body), answers.shift() ?? TAKEN()));
    signing.isHere = false;
    await outbox.issue(entry('j1', toSign));
    await settle();
    expect(await keptOnDevice().all()).toHaveLength(1);
    expect(bodies).toEqual([]);
    signing.isHere = true;
    for (let i = 0; i < 2; i++) {
      pauses.at(-1)?.then();
      await settle();
    }
    const signed = { kind: 'brazed', signed: 'by ilta, 1' };
    expect(bodies).toEqual([signed, signed]);
    expect(await keptOnDevice().all()).toEqual([]);
  });

  test('is signed without a signal too, each as it is kept', async () => {
    const { outbox } = page(NO_ANSWER);
    for (const joint of ['j1', 'j2']) await outbox.issue(entry(joint, toSign));
    await settle();
    const kept = await keptOnDevice().all();
    expect(kept.map(({ body }) => body)).toEqual([1, 2].map((n) => ({ kind: 'brazed', signed: `by ilta, ${n}` })));
  });

  test('holds up what comes after it in the same record, and nothing else, while what signs is not here', async () => {
    const { outbox, sent, signing } = page(TAKEN);
    signing.isHere = false;
    const [first, after, other] = [entry('j1', toSign), entry('j1'), entry('j2')];
    for (const command of [first, after, other]) await outbox.issue(command);
    await settle();
    expect(sent).toEqual([other.id]);
  });

  test('goes unsigned where another brings it: nobody signs for somebody else', async () => {
    const bodies: unknown[] = [];
    const { outbox } = page((c) => (bodies.push(c.body), TAKEN()), 'maren');
    await outbox.issue(entry('j1', { by: 'oskar', byName: 'Oskar', ...toSign }));
    await outbox.takeOnBehalf('oskar', { id: 'maren', name: 'Maren' });
    await settle();
    expect(bodies).toEqual([{ kind: 'brazed' }]);
  });
});

describe('what waits together goes together', () => {
  /** Kept without a signal, then sent by a page that has one. */
  async function sentAfter(kept: readonly Command[], answer: (command: Command) => Outcome = TAKEN, goTogether = true) {
    const offline = page(NO_ANSWER);
    for (const command of kept) await offline.outbox.issue(command);
    await settle();
    const online = page(answer, 'ilta', undefined, goTogether);
    online.outbox.kick();
    await settle();
    return online;
  }

  test('fifty at once, in their order, whatever record each is of', async () => {
    const kept = Array.from({ length: 60 }, (_, i) => entry(`j${i % 3}`));
    const { together, sent, seen } = await sentAfter(kept);
    expect(together.map(({ length }) => length)).toEqual([50, 10]);
    expect(sent).toEqual(kept.map(({ id }) => id));
    expect(seen.kept).toEqual([]);
  });

  test('one that is refused stays with its reason; the others land', async () => {
    const kept = [entry('j1'), entry('j1'), entry('j2')];
    const { seen, sent } = await sentAfter(kept, ({ id }) =>
      id === kept[1]?.id ? { kind: 'refused', message: 'look first', field: null } : TAKEN(),
    );
    expect(sent).toHaveLength(3);
    expect(messages(seen.kept)).toEqual([[kept[1]?.id, 'look first']]);
  });

  test('an entry never goes along with what it needs: a photo, a plan', async () => {
    const plan = entry('j1', { route: 'putPlan', makes: 'plan.j1' });
    const kept = [entry('j2'), plan, entry('j1', { needs: ['plan.j1'] }), entry('j1')];
    const { together, sent } = await sentAfter(kept);
    expect(sent).toEqual(kept.map(({ id }) => id));
    expect(together).toEqual([[kept[2]?.id, kept[3]?.id]]);
  });

  test('a photo goes by itself, the entry that waits for it after it', async () => {
    const photo = entry('', { about: ['photo.ab'], makes: 'photo.ab', route: 'putPhoto', body: undefined });
    const kept = [photo, entry('j1', { needs: ['photo.ab'] }), entry('j1')];
    const { together, sent } = await sentAfter(kept);
    expect(sent).toEqual(kept.map(({ id }) => id));
    expect(together).toEqual([[kept[1]?.id, kept[2]?.id]]);
  });

  test('each by itself where the server takes none together', async () => {
    const kept = [entry('j1'), entry('j1')];
    const { sent, seen } = await sentAfter(kept, TAKEN, false);
    expect(sent).toEqual(kept.map(({ id }) => id));
    expect(seen.kept).toEqual([]);
  });
});
