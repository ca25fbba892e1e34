import type { EntryKind } from './chain';
import { isAtTheTorch, runOf, type RunEvent, type RunPlan } from './run';

const PLAN: RunPlan = { captive: [], targetPercent: 0.1, hasWraps: true, floodS: 120, cooling: { under200S: 200, under50S: 800 } };
const START = Date.parse('2026-11-30T09:00:00.000Z');
type Told = readonly [kind: EntryKind, atS: number, values?: Readonly<Record<string, unknown>>, by?: string];
const events = (...told: readonly Told[]): readonly RunEvent[] =>
  told.map(([kind, atS, values = {}, by = 'Ilta Varro']) => ({ kind, at: new Date(START + atS * 1000).toISOString(), values, by }));
const run = (nowS: number, all: readonly RunEvent[], plan = PLAN) => runOf(all, plan, START + nowS * 1000);

/** A joint as it is made, every tap in its order. */
const WAY: readonly Told[] = [
  ['dry-fit', 0, { gap: 'right' }],
  ['wrapped', 30],
  ['outlet-open', 60, { felt: false }],
  ['flooding-began', 70],
  ['outlet-open', 80, { felt: true }],
  ['trickle-set', 195],
  ['lit', 200],
  ['flame-off', 240],
  ['brazed', 260, { filler: 'BAg-36' }],
  ['nitrogen-off', 450],
  ['cooled', 1100],
];

test('every tap leads to the next thing to do, and a page that is opened anew stands where the last one did', () => {
  const phases = WAY.map((_, i) => run((WAY[i]?.[1] ?? 0) + 1, events(...WAY.slice(0, i + 1))).phase);
  expect(run(0, []).phase).toBe('fit');
  expect(phases).toEqual([...['wrap', 'open', 'flood', 'feel', 'flooding', 'light', 'burning', 'used', 'nitrogen', 'cooling'], 'look']);
});

test('the flood is over by the wall clock, whether a page was open or not', () => {
  const flooding = events(...WAY.slice(0, 5));
  expect(run(189, flooding)).toMatchObject({ phase: 'flooding', until: START + 190_000 });
  expect(run(190, flooding).phase).toBe('trickle');
});

test('the flame burns from five seconds after the tap; nothing is asked until it is off', () => {
  expect(run(205, events(...WAY.slice(0, 7)))).toMatchObject({ phase: 'burning', since: START + 205_000, until: null, step: 'braze' });
});

test('nitrogen stopped above 200 °C is a flaw of the joint; later it is none, and without a time nobody says so', () => {
  const until = (offS: number) => run(900, events(...WAY.slice(0, 9), ['nitrogen-off', offS]));
  expect(until(300).isPurgeCutShort).toBe(true);
  expect(until(450).isPurgeCutShort).toBe(false);
  expect(run(900, events(...WAY.slice(0, 9), ['nitrogen-off', 300]), { ...PLAN, cooling: null }).isPurgeCutShort).toBe(false);
});

test('without wraps and without a purge those steps are left out', () => {
  const bare = { ...PLAN, hasWraps: false, floodS: null, cooling: null };
  expect(run(1, events(['dry-fit', 0]), bare).phase).toBe('light');
  expect(run(300, events(['dry-fit', 0], ['lit', 10], ['flame-off', 60], ['brazed', 70]), bare).phase).toBe('cooling');
});

test('a joint that is to be reworked begins anew; what was kept before does not count again', () => {
  const again = events(...WAY, ['looked-at', 1200, { result: 'rework' }]);
  expect(run(1300, again)).toMatchObject({ phase: 'fit', holder: null, litAt: null });
});

test('a joint is at the torch from the flame until it is cool', () => {
  const at = (upTo: number) => isAtTheTorch(events(...WAY.slice(0, upTo)));
  expect([6, 7, 10, 11].map(at)).toEqual([false, true, true, false]);
});

test('whoever wrote last holds the joint', () => {
  expect(run(100, events(...WAY.slice(0, 3), ['took-over', 90, {}, 'Oskar Penn'])).holder).toBe('Oskar Penn');
});

test('what has to be on the tube is asked before the fit, where there is any', () => {
  const plan = { ...PLAN, captive: ['insulation'] as const };
  expect(run(0, [], plan).phase).toBe('thread');
  expect(run(1, events(['threaded-on', 0, { on: ['insulation'], none: [] }]), plan).phase).toBe('fit');
  expect(run(1, events(['dry-fit', 0]), plan).phase).toBe('wrap');
});

test.each([
  ['at the target, by a meter that shows it', { percent: 0.08, stepPercent: 0.01 }, 'trickle'],
  ['at the target, by an air monitor whose least step is the target', { percent: 0.1, stepPercent: 0.1 }, 'flooding'],
  ['above it', { percent: 0.4, stepPercent: 0.01 }, 'flooding'],
])('oxygen read %s', (_what, values, phase) => {
  expect(run(130, events(...WAY.slice(0, 5), ['oxygen-read', 120, values])).phase).toBe(phase);
});

test('a reading from before this flood ends none', () => {
  expect(run(130, events(['oxygen-read', 40, { percent: 0.05, stepPercent: 0.01 }], ...WAY.slice(0, 5))).phase).toBe('flooding');
});

test('a second person taps the flow: the joint stays with who holds the torch', () => {
  const live = events(...WAY.slice(0, 7), ['flowed', 228, { seconds: 23, how: 'live' }, 'Oskar Penn']);
  expect(run(230, live)).toMatchObject({ phase: 'burning', holder: 'Ilta Varro', flowedAfterS: 23 });
});
