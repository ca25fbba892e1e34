import { degAt, DIAL, onDial } from './dial';

test('a place on the dial is read back as its angle, clockwise from the top, in steps of five degrees', () => {
  expect(onDial(90, 100)).toEqual([DIAL.x + 100, expect.closeTo(DIAL.y, 6)]);
  expect([0, 30, 95, 180, 355].map((deg) => degAt(onDial(deg, DIAL.handles)))).toEqual([0, 30, 95, 180, 355]);
  expect(degAt([DIAL.x + 2, DIAL.y - 100])).toBe(0);
});
