import { againstPlan, ALLOWED } from './allowed';

test.each([
  ['as planned', 'rod', 40, 44, true],
  ['a third of the rod', 'rod', 40, 13, false],
  ['a flood cut short', 'flood', 120, 118, false],
  ['a flood that ran on', 'flood', 120, 200, true],
  ['not fully home', 'depth', 19, 17, false],
  ['deeper than the cup', 'depth', 19, 20, false],
  ['three times as long at the flame', 'heat', 30, 90, false],
] as const)('%s', (_what, figure, planned, made, inside) => {
  expect(againstPlan(figure, planned, made)).toMatchObject({ inside, ratio: expect.closeTo(made / planned, 9) });
});

test('what nobody measured, or planned, is not judged', () => {
  expect(againstPlan('heat', 30, null)).toEqual({ ratio: null, inside: null });
  expect(againstPlan('rod', null, 40)).toEqual({ ratio: null, inside: null });
  expect(againstPlan('rod', 0, 40)).toEqual({ ratio: null, inside: null });
});

test('a band says where it comes from, and holds the plan itself', () => {
  for (const band of Object.values(ALLOWED)) {
    expect(band.source.length).toBeGreaterThan(10);
    expect(band.least <= 1 && band.most >= 1).toBe(true);
  }
});
