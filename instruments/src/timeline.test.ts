import type { Model, Noted } from './model';
import { vacuumMachine } from './vacuumMachine';
import { vacuumWorldOf } from './scenarios';
import { Timeline } from './timeline';

/** A machine that reads how long it ran since the last thing that was done to it, and ends when it is vented. */
function stopwatch(): Model {
  let seconds = 0;
  return {
    ...{ kind: 'vacuum', columns: [], range: { value: 1, unit: 'micron' }, bubblesAt: () => false },
    pass: (by) => (seconds += by),
    read: () => [seconds],
    act: ({ kind }: Noted) => {
      seconds = 0;
      return kind !== 'vented';
    },
  };
}
const done = (kind: string): Noted => ({ kind, values: {} });

test('it is read at whole steps, each sample numbered, wherever time is let pass to', () => {
  const timeline = new Timeline(stopwatch(), 10, 5000);
  expect(timeline.passTo(24_000)).toEqual([[1, 15_000, 10]]);
  expect(timeline.passTo(35_000)).toEqual([
    [2, 25_000, 20],
    [3, 35_000, 30],
  ]);
});

test('what was done between two samples is done when it was done', () => {
  const timeline = new Timeline(stopwatch(), 10, 0);
  timeline.note(done('pumped-on'), 27_000);
  timeline.note(done('valve-shut'), 14_000);
  expect(timeline.passTo(30_000).map(([, , seconds]) => seconds)).toEqual([10, 6, 3]);
});

test('what is told too late is done at once, and time never runs back', () => {
  const timeline = new Timeline(stopwatch(), 10, 0);
  timeline.passTo(20_000);
  timeline.note(done('valve-shut'), 12_000);
  expect(timeline.passTo(40_000)).toEqual([
    [3, 30_000, 10],
    [4, 40_000, 20],
  ]);
});

test('once it is over nothing is read any more', () => {
  const timeline = new Timeline(stopwatch(), 10, 0);
  timeline.note(done('vented'), 15_000);
  expect(timeline.passTo(60_000).map(([n]) => n)).toEqual([1]);
  expect(timeline.isOver).toBe(true);
});

test('a pump that is shut off within what is held back leaves no minute of a rise that stands still', () => {
  const world = vacuumWorldOf('wet', { seed: 3, volumeL: 8, coldestC: 12, pumpLPerS: 2.5, ultimatePa: 3.3 });
  const timeline = new Timeline(vacuumMachine(world), 50, 0);
  const before = timeline.passTo(1_200_000).at(-1)?.[2] ?? 0;
  // Two hundred seconds of the clock go by until it is told.
  timeline.note(done('valve-shut'), 1_210_000);
  const [first = 0, second = 0] = timeline.passTo(1_400_000).map(([, , pa]) => pa ?? 0);
  expect(first).toBeGreaterThan(1.5 * before);
  expect(second).toBeGreaterThan(first);
});
