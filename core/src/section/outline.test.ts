import type { Form } from '../vocabulary/joint';
import { bodyMiddle, femaleOutline, filletPath, isSteel, maleOutline, viewOf, type Point, type SectionJoint } from './outline';

/** 22 mm tube of 1 mm wall in a cup 18 mm deep, 0.05 mm of gap a side. */
const joint = (form: Form, rest: Partial<SectionJoint['female']> = {}): SectionJoint => ({
  male: { metal: 'copper', od: 22, wall: 1 },
  female: { metal: 'copper', form, bore: 22.1, depth: 18, wall: 1, ...rest },
});
const FORMS: readonly Form[] = ['fitting-cup', 'swaged-socket', 'component-stub', 'saddle', 'reducer', 'tube'];

/** Area of a closed outline, by its corners. */
const area = (points: readonly Point[]) =>
  Math.abs(
    points.reduce(
      (sum, [x, y], i) => sum + x * (points[(i + 1) % points.length]?.[1] ?? 0) - (points[(i + 1) % points.length]?.[0] ?? 0) * y,
      0,
    ),
  ) / 2;

describe('a female part in section', () => {
  test.each(FORMS)('%s: its mouth is the bore, its cup as deep as it is, all of it within the sheet', (form) => {
    const view = viewOf(joint(form));
    const outline = femaleOutline(joint(form), view);
    expect(outline[0]).toEqual([0, 11.05]);
    expect(outline[1]).toEqual([18, 11.05]);
    expect(outline.at(-1)).toEqual([0, 12.05]);
    for (const [x, y] of outline) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(view.right + 1e-9);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThanOrEqual(view.half + 1e-9);
    }
    expect(area(outline)).toBeGreaterThan(18);
  });

  test('a stub of steel is a drier’s shell, one of brass a valve’s body: the shell is the wider', () => {
    const widest = (metal: 'copper-plated-steel' | 'brass') => {
      const stub = joint('component-stub', { metal });
      return Math.max(...femaleOutline(stub, viewOf(stub)).map(([, y]) => y));
    };
    expect(widest('copper-plated-steel')).toBeCloseTo(12.05 + 0.72 * 22, 9);
    expect(widest('brass')).toBeCloseTo(12.05 + 0.36 * 22, 9);
  });

  test('what counts as steel', () =>
    expect((['carbon-steel', 'nickel-alloy', 'brass', 'copper'] as const).map(isSteel)).toEqual([true, true, false, false]));
});

describe('the sheet', () => {
  test('shows the tube 2.6 of itself out of the cup, at least 18 mm', () => {
    expect(viewOf(joint('tube')).left).toBeCloseTo(-57.2, 9);
    expect(viewOf({ ...joint('tube'), male: { metal: 'copper', od: 3, wall: 0.5 } }).left).toBe(-18);
  });

  test('a coupling ends with its other cup, everything else runs on for three tubes', () => {
    expect(viewOf(joint('fitting-cup')).right).toBeCloseTo(18 + 18 + 15.4, 9);
    expect(viewOf(joint('tube')).right).toBeCloseTo(18 + 66, 9);
  });

  test('a body stands where it was said to be, else in proportion; none behind a coupling or a drier’s stub', () => {
    expect(bodyMiddle(joint('component-stub', { metal: 'brass' }))).toBeCloseTo(18 + 1.62 * 22, 9);
    expect(bodyMiddle(joint('component-stub', { metal: 'brass', bodyAt: 80 }))).toBe(80);
    expect(bodyMiddle(joint('component-stub', { metal: 'carbon-steel' }))).toBe(0);
    expect(bodyMiddle(joint('fitting-cup'))).toBe(0);
    expect(viewOf(joint('component-stub', { metal: 'brass', bodyAt: 200 })).right).toBeCloseTo(233, 9);
  });
});

test('the tube is as thick as it is and goes in as deep as the cup', () => {
  const tube = maleOutline(joint('fitting-cup'), viewOf(joint('fitting-cup')));
  expect(tube.slice(1, 3)).toEqual([[18, 10], [18, 11]]); // prettier-ignore
});

test('the fillet stands 1.2 walls along the tube and up the cup’s face', () => {
  const path = filletPath(joint('fitting-cup'), (point) => point);
  const [x, y] = path.slice(1).split(' ').map(Number);
  expect([x, y]).toEqual([-1.2, 11]);
  expect(path).toContain('0 12.2');
});
