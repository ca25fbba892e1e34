import { planned, q, requestFor } from '../testing/plans';
import type { FemaleRequest, MaleRequest, PlanRequest } from './request';

const points = (female: Partial<FemaleRequest> = {}, rest: Partial<PlanRequest> = {}, male: Partial<MaleRequest> = {}) =>
  planned(requestFor(female, rest, male)).inspect;
const codes = (...asked: Parameters<typeof points>) => points(...asked).map((point) => point.code);

test('copper with its own rod: fillet, no crack, the mark', () => {
  expect(codes({}, { choose: 'BCuP-5' })).toEqual(['fillet-all-round', 'no-crack-or-pinhole', 'insertion-mark']);
});

test('the mark may be 1 mm off, 2 mm above 28.6 mm', () => {
  const within = (od: number) =>
    points({ bore: q(od + 0.1, 'mm'), cupDepth: q(20, 'mm') }, {}, { od: q(od, 'mm'), wall: q(1.2, 'mm') }).find(
      (p) => p.code === 'insertion-mark',
    )?.values;
  expect(within(28.6)).toEqual({ depthM: expect.closeTo(0.02, 9) as number, withinMm: 1 });
  expect(within(28.7)).toMatchObject({ withinMm: 2 });
});

test('steel, brass and a wide gap each ask for a look of their own', () => {
  expect(codes({ metal: 'carbon-steel' })).toEqual([
    'flux-washed',
    'fillet-all-round',
    'no-crack-or-pinhole',
    'insertion-mark',
    'interface-on-steel',
  ]);
  for (const metal of ['brass', 'bronze'] as const) expect(codes({ metal })).toContain('not-overheated');
  expect(codes({}, {}, { metal: 'carbon-steel' })).toContain('interface-on-steel');
  expect(codes({ bore: q(22.7, 'mm') }, { choose: 'BCuP-5' })).toContain('loose-gap-fill');
});

test('a fine tube and a reducer are looked through; what came off is put back', () => {
  const fine = { bore: q(3.4, 'mm'), cupDepth: q(8, 'mm'), wall: q(0.7, 'mm') };
  expect(codes(fine, {}, { od: q(3.3, 'mm'), wall: q(0.6, 'mm') })).toContain('bore-clear');
  expect(codes({}, {}, { form: 'reducer' })).toContain('bore-clear');
  expect(codes()).not.toContain('bore-clear');
  const near = (rest: NonNullable<PlanRequest['near']>[number]) => codes({}, { near: [rest] });
  expect(near({ kind: 'coil', distance: q(60, 'mm'), protection: 'removed' })).toContain('refit-removed');
  expect(near({ kind: 'core', distance: q(60, 'mm') })).toContain('refit-removed');
  expect(near({ kind: 'coil', distance: q(60, 'mm') })).not.toContain('refit-removed');
});

test('what is not brazed is not looked at', () => expect(points({ history: 'soft-soldered' })).toEqual([]));
