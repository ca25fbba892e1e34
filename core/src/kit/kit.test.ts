import { findFiller } from '../filler/fillers';
import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import type { JointPlan } from '../plan/planJoint';
import { captiveAt, takenOutOf } from './closing';
import { kitOf, type KitRequest } from './kit';

const q = (value: number, unit: string) => ({ value, unit });
/** As far as the kit reads a plan: 60 mm of a flat rod, flux, 10 L/min for 60 s, then 2 L/min for 5 min, 5 L of fill at 19 bar once. */
const plan = (over: object = {}) =>
  ({
    joint: { male: { outsideM: 0.022225 }, female: { form: 'fitting-cup' } },
    chosen: { filler: findFiller('BCuP-5') },
    rod: { lengthM: 0.06, rod: 'flat-0.050x1/8' },
    flux: { required: true, class: 'FB3-A' },
    protection: [{ part: { kind: 'valve' }, measures: ['wet-cloth'] }],
    purge: {
      ...{ floodFlowM3PerS: 0.01 / 60, floodSeconds: 60, trickleM3PerS: 0.002 / 60, minutes: 5, nitrogenM3: 0.12, testGaugePa: 1.9e6 },
    },
    ...over,
  }) as unknown as JointPlan; // cast: no more of it is read
const VAN: KitRequest['van'] = {
  fillers: [{ designation: 'BCuP-5', rod: 'flat-0.050x1/8', count: 1 }],
  flux: [{ class: 'FB3-A', grams: 40 }],
  wraps: ['putty'],
  cylinder: { waterVolume: q(10, 'L'), pressure: q(150, 'barg') },
};
const request = (rest: Partial<KitRequest> = {}): KitRequest => ({
  ...{ plans: [plan(), plan()], cold: [], parts: [], ports: [], seals: 0, van: VAN, used: [] },
  ...rest,
});
const line = (id: string, rest: Partial<KitRequest> = {}) => kitOf(request(rest)).find((one) => one.id === id);

test('rods of all joints together, half as much again, against what is left on the van', () => {
  // 2 x 60 mm x 1.5 = 180 mm of a stick of 20 in (508 mm): 0.354. Section 1.27 x 3.175 mm = 4.032 mm2, 8400 kg/m3: 6.10 g.
  expect(line('rod/BCuP-5')).toMatchObject({ onVan: 'enough', leftSticks: 1 });
  const rod = line('rod/BCuP-5') as { sticks: number; massKg: number };
  expect(rod.sticks).toBeCloseTo(0.354, 3);
  expect(rod.massKg * 1000).toBeCloseTo(6.1, 1);
  expect(line('rod/BCuP-5', { used: [{ designation: 'BCuP-5', lengthM: 0.4 }] })).toMatchObject({ onVan: 'short' });
});

test('nitrogen of every joint’s flood and trickle, and the fill of the test once', () => {
  // Each 10 L of flood and 10 L of trickle: 40 L; the fill once: 120 - 20 = 100 L. In all 140 L of about 1.5 m3.
  expect((line('nitrogen') as { neededM3: number }).neededM3).toBeCloseTo(0.14, 6);
  expect(line('nitrogen')).toMatchObject({ onVan: 'enough', lastsForHold: true });
  const low = { ...VAN, cylinder: { waterVolume: q(10, 'L'), pressure: q(30, 'barg') } };
  // 310 L less 140 L leaves about 16 bar: under the test's 19 and 3 more.
  expect(line('nitrogen', { van: low })).toMatchObject({ onVan: 'short', lastsForHold: false });
});

test('what the van does not carry is short, what nobody counts is looked at', () => {
  expect(line('wrap/wet-cloth')).toMatchObject({ joints: 2, onVan: 'short' });
  expect(line('flux/FB3-A')).toMatchObject({ onVan: 'enough' });
  expect(line('flux/FB3-A', { van: { ...VAN, flux: [] } })).toMatchObject({ onVan: 'short' });
  expect(line('fitting/fitting-cup/22.2')).toMatchObject({ count: 2, onVan: 'not-counted' });
  expect(line('press/12.7', { cold: [{ method: 'press', odM: 0.0127 }] })).toMatchObject({ of: 'jaw', count: 1 });
  expect(line('spare/core', { ports: [{ place: 'a' }, { place: 'b' }] })).toMatchObject({ count: 2 });
});

const SPLIT = TEMPLATE_CIRCUITS.split;
const WALL = { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' };

test('a cold line in a wall asks for insulation, sleeve and panel; one end flared for its nut; a liquid line for nothing', () => {
  expect(captiveAt(SPLIT, WALL, new Map())).toEqual(['insulation', 'wall-sleeve', 'panel']);
  expect(captiveAt(SPLIT, WALL, new Map([['gas-valve', 'flare']]))).toContain('flare-nut');
  expect(captiveAt(SPLIT, { part: 'drier', from: 'liquid-valve', to: 'drier' }, new Map())).toEqual([]);
});

test('cores and the cap of a heated valve come out; what was taken out is owed until it is back', () => {
  const joints = [{ at: WALL, plan: null }];
  const places = (said: Parameters<typeof takenOutOf>[2], of = joints) =>
    takenOutOf(SPLIT, of, said).map(({ what, place, state }) => `${what} ${place} ${state}`);
  expect(places([])).toEqual(['core liquid-port open', 'core gas-port open', 'seal gas-valve open']);
  const out = { what: 'core', place: 'gas-port', answer: 'done' } as const;
  expect(places([out])).toContain('core gas-port out');
  expect(places([out, { ...out, answer: null }])).toContain('core gas-port back');
  // Every joint is made: what is out still goes back.
  expect(places([out], [])).toEqual(['core gas-port out']);
});
