import { keepChoice, keptChoice } from './keptChoice';
import { leaving } from './leaving';
import { clockSeen, deviceTaken, personKnown, personSignedOut, sessionBegan, sessionEnded, sessionReducer } from './session';
import { newerIsHere, signalFound, signalLost, signalReducer } from './signal';
import { hearTabs, tellTabs } from './tabs';

const ILTA = { id: 'p1', name: 'Ilta Varro' };
const OSKAR = { id: 'p2', name: 'Oskar Penn' };

describe('whose page it is', () => {
  const began = sessionReducer(undefined, personKnown(ILTA));

  test('stays until that person signs out', () => {
    expect(began.page).toEqual(ILTA);
    expect(sessionReducer(began, personSignedOut())).toMatchObject({ page: null, sheet: null });
  });

  test('a session that ended asks for the sign-in over what is open, once, and lets it go again', () => {
    const ended = sessionReducer(began, sessionEnded());
    expect(ended).toMatchObject({ page: ILTA, sheet: { why: 'ended' } });
    expect(sessionReducer(ended, sessionBegan()).sheet).toBeNull();
  });

  test('somebody else on this device outweighs a session that merely ended', () => {
    const taken = sessionReducer(began, deviceTaken(OSKAR));
    expect(taken.sheet).toEqual({ why: 'taken', by: OSKAR });
    expect(sessionReducer(taken, sessionEnded()).sheet).toEqual({ why: 'taken', by: OSKAR });
  });

  test('how far the clock is off is kept as it was seen last', () => {
    expect(sessionReducer(began, clockSeen(90_000)).clockAheadMs).toBe(90_000);
  });
});

describe('without a signal', () => {
  const lost = signalReducer(undefined, signalLost('2026-11-24T08:00:00.000Z'));

  test('what is shown is as old as the oldest of it', () => {
    expect(signalReducer(lost, signalLost('2026-11-24T09:00:00.000Z')).asOf).toBe('2026-11-24T08:00:00.000Z');
    expect(signalReducer(lost, signalLost('2026-11-24T07:00:00.000Z')).asOf).toBe('2026-11-24T07:00:00.000Z');
  });

  test('once the server is reached nothing is old; a newer release stays offered', () => {
    const both = signalReducer(signalReducer(lost, newerIsHere()), signalFound());
    expect(both).toEqual({ asOf: null, newer: true });
  });
});

describe('a choice of this device', () => {
  afterEach(() => globalThis.localStorage.clear());

  test('is the usual one until another is kept; what is not known is not taken', () => {
    expect(keptChoice('kesto.hand', ['left', 'right'], 'right')).toBe('right');
    keepChoice('kesto.hand', 'left');
    expect(keptChoice('kesto.hand', ['left', 'right'], 'right')).toBe('left');
    keepChoice('kesto.hand', 'third');
    expect(keptChoice('kesto.hand', ['left', 'right'], 'right')).toBe('right');
  });

  test('a browser that keeps nothing goes on with the usual one', () => {
    const { getItem, setItem } = globalThis.localStorage;
    const refuses = () => {
      throw new Error('denied');
    };
    Object.assign(globalThis.localStorage, { getItem: refuses, setItem: refuses });
    expect(() => keepChoice('kesto.hand', 'left')).not.toThrow();
    expect(keptChoice('kesto.hand', ['left', 'right'], 'right')).toBe('right');
    Object.assign(globalThis.localStorage, { getItem, setItem });
  });
});

test('who signed out while the server could not be told is told later, once', () => {
  expect(leaving.of()).toBeNull();
  leaving.note('p1');
  expect(leaving.of()).toBe('p1');
  leaving.done();
  expect(leaving.of()).toBeNull();
});

describe('tabs of one browser', () => {
  const { BroadcastChannel: own } = globalThis;
  afterEach(() => {
    globalThis.BroadcastChannel = own;
  });

  test('hear who is signed in from another, by id and name alone', () => {
    const open: { onmessage?: (event: { data: unknown }) => void }[] = [];
    globalThis.BroadcastChannel = class {
      onmessage?: (event: { data: unknown }) => void;
      constructor() {
        open.push(this);
      }
      postMessage(data: unknown) {
        for (const channel of open) if (channel !== this) channel.onmessage?.({ data });
      }
      close() {
        open.splice(open.indexOf(this), 1);
      }
    } as unknown as typeof BroadcastChannel; // cast: what is used of it
    const heard: unknown[] = [];
    const stop = hearTabs((person) => heard.push(person));
    tellTabs({ ...OSKAR, role: 'lead' } as typeof OSKAR);
    tellTabs(null);
    stop();
    tellTabs(ILTA);
    expect(heard).toEqual([OSKAR, null]);
  });

  test('a browser without such a channel goes on by itself', () => {
    globalThis.BroadcastChannel = undefined as unknown as typeof BroadcastChannel; // cast: there is none
    expect(() => (tellTabs(ILTA), hearTabs(() => undefined)())).not.toThrow();
  });
});
