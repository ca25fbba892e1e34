import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { actionOf, type Panel } from './action';
import type { HoldWatchWork } from './useHoldWatch';

/** A hold as its one key reads it, and what was done by it. */
function held(rest: object = {}) {
  const done: unknown[] = [];
  const noted = (what: unknown) => {
    done.push(what);
    return Promise.resolve(true);
  };
  const watch = {
    ...{ state: 'holding', next: null, standLeftS: 0, isOver: false, isLive: false, isAtStrength: false, tracks: { readings: [] } },
    ...{ shut: () => noted('shut'), step: (kpag: number) => noted(['step', kpag]), end: () => noted('end') },
    ...rest,
  } as unknown as HoldWatchWork; // cast: what the key reads of it
  const key = (units = METRIC_PREFERENCES) => actionOf(watch, { open: (panel: Panel) => done.push(panel), busy: false, units });
  return { key, done };
}

describe('a fill goes on by its steps', () => {
  test('nobody goes on, or soaps, before a step has stood its time', () => {
    const { key, done } = held({ state: 'filling', next: 1035, standLeftS: 95 });
    expect(key()).toMatchObject({ label: 'Listen and soap: 1:35', disabled: true });
    key().onPress();
    expect(done).toEqual([]);
  });

  test('the top of the fill, and a strength test, are stood off from', () => {
    expect(held({ state: 'filling', next: null, standLeftS: 60 }).key().label).toBe('Stay off: 1:00');
    expect(held({ state: 'filling', next: 2000, standLeftS: 600, isAtStrength: true }).key().label).toBe('Strength test, stay off: 10:00');
  });

  test('the next step is asked for in the person’s own unit, and kept in kilopascals', () => {
    const { key, done } = held({ state: 'filling', next: 1035 });
    expect(key().label).toBe('It stands at 1035 kPag');
    expect(key(INCH_PREFERENCES).label).toBe('It stands at 150 psig');
    key().onPress();
    expect(done).toEqual([['step', 1035]]);
  });

  test('after a strength test it is let down to the hold, not filled further', () => {
    expect(held({ state: 'filling', next: 2000, isAtStrength: true }).key().label).toBe('Let down to 2000 kPag');
  });

  test('filled, the supply is shut', () => {
    const { key, done } = held({ state: 'filling' });
    key().onPress();
    expect([key().label, done]).toEqual(['The supply is shut', ['shut']]);
  });
});

describe('a hold by hand', () => {
  test('asks for its first reading, then for the next', () => {
    expect(held().key().label).toBe('Note the first reading');
    const { key, done } = held({ tracks: { readings: [{}] } });
    key().onPress();
    expect([key().label, done]).toEqual(['Note a reading', ['read']]);
  });

  test('once it is over it is ended, and what it holds is let down', async () => {
    const { key, done } = held({ isOver: true });
    expect(key().label).toBe('End the hold');
    key().onPress();
    await Promise.resolve();
    await Promise.resolve();
    expect(done).toEqual(['end', 'down']);
  });
});

test('an instrument that watches needs no hand, and what was ended is let down', () => {
  expect(held({ isLive: true }).key()).toMatchObject({ label: 'Watching', disabled: true });
  const { key, done } = held({ state: 'ended' });
  key().onPress();
  expect([key().label, done]).toEqual(['Let it down', ['down']]);
});
