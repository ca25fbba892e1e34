import { FORMS, METAL_NAMES } from '@kesto/core';
import fc from 'fast-check';
import { frameOf } from './frame';
import { bodyMiddle, femaleOutline, filletPath, maleOutline, viewOf, type SectionJoint } from '@kesto/core/section';

const joint: fc.Arbitrary<SectionJoint> = fc
  .record({
    od: fc.double({ min: 6, max: 54, noNaN: true }),
    gap: fc.double({ min: 0.02, max: 0.5, noNaN: true }),
    wall: fc.double({ min: 0.6, max: 2.4, noNaN: true }),
    depth: fc.double({ min: 5, max: 40, noNaN: true }),
    form: fc.constantFrom(...FORMS),
    metal: fc.constantFrom(...METAL_NAMES),
  })
  .map(({ od, gap, wall, depth, form, metal }) => ({
    male: { metal: 'copper', od, wall },
    female: { metal, form, bore: od + 2 * gap, depth, wall },
  }));

test('the drawing is to scale: the same millimetres on both axes, all of the joint inside', () => {
  fc.assert(
    fc.property(joint, fc.integer({ min: 300, max: 1200 }), fc.constantFrom('sizes', 'plan', 'chart'), (j, width, detail) => {
      const frame = frameOf(j, width, detail);
      expect(frame.toX(10) - frame.toX(0)).toBeCloseTo(10 * frame.scale, 6);
      expect(frame.toMm(frame.toX(7.5))).toBeCloseTo(7.5, 6);
      const view = viewOf(j);
      expect(frame.toX(view.left)).toBeGreaterThanOrEqual(-1e-6);
      expect(frame.toX(view.right)).toBeLessThanOrEqual(width + 1e-6);
      const tallest = Math.max(...femaleOutline(j, frame.shown).map(([, y]) => y));
      expect(frame.axis + tallest * frame.scale).toBeLessThanOrEqual(frame.height);
      return true;
    }),
  );
});

test('the tube reaches the bottom of the cup and the cup’s bore is the bore', () => {
  fc.assert(
    fc.property(joint, (j) => {
      const view = viewOf(j);
      expect(Math.max(...maleOutline(j, view).map(([x]) => x))).toBeCloseTo(j.female.depth, 9);
      expect(femaleOutline(j, view)[0]).toEqual([0, j.female.bore / 2]);
      expect(filletPath(j, (p) => p)).not.toMatch(/NaN/);
      return true;
    }),
  );
});

test('a valve stands where it was said to stand, and the drawing reaches past it', () => {
  const valve: SectionJoint = {
    male: { metal: 'copper', od: 22, wall: 1 },
    female: { metal: 'brass', form: 'component-stub', bore: 22.1, depth: 19, wall: 1.6, bodyAt: 90 },
  };
  expect(bodyMiddle(valve)).toBe(90);
  expect(viewOf(valve).right).toBeGreaterThan(90 + 22);
});
