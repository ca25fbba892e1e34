import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { longestRun } from './longestRun';
import { placed } from './place';
import { outsideText, tubeText } from './tubeText';

const LAYOUT = { width: 100, height: 40, wall: { from: 40, to: 60 } } as unknown as Parameters<typeof placed>[0]; // cast: what is read of it

describe('a layout on the screen it stands on', () => {
  test('lies as it was laid where there is room, and stands on its side on a phone: what was left is below', () => {
    const [wide, phone] = [placed(LAYOUT, false), placed(LAYOUT, true)];
    expect([wide.width, wide.height, phone.width, phone.height]).toEqual([100, 40, 40, 100]);
    expect(wide.at({ x: 10, y: 5 })).toEqual({ x: 10, y: 5 });
    expect(phone.at({ x: 10, y: 5 })).toEqual({ x: 35, y: 90 });
    expect([wide.flow('right'), phone.flow('right'), phone.flow('down')]).toEqual(['right', 'up', 'left']);
  });

  test('the wall stays where it parts indoors from outdoors', () => {
    expect(placed(LAYOUT, false).wall).toEqual({ x: 40, y: 0, width: 20, height: 40 });
    expect(placed(LAYOUT, true).wall).toEqual({ x: 0, y: 40, width: 40, height: 20 });
    expect(placed({ ...LAYOUT, wall: null }, true).wall).toBeNull();
  });
});

describe('what stands beside a tube', () => {
  const tube = { od: { value: 0.875, unit: 'in' }, length: { value: 12, unit: 'm' } };
  const link = (rest: object) => ({ from: 'a', to: 'b', tube: { ...tube, ...rest } }) as unknown as Parameters<typeof tubeText>[0]; // cast: a tube of a drawing

  test('is its size as the trade says it, and its length, starred where it is assumed', () => {
    expect(tubeText(link({}), METRIC_PREFERENCES)).toBe('7/8 in, 12 m');
    expect(tubeText(link({ lengthAssumed: true }), METRIC_PREFERENCES)).toBe('7/8 in, 12 m *');
    expect(tubeText(link({}), INCH_PREFERENCES)).toBe('7/8 in, 39.4 ft');
    expect(outsideText({ ...tube, od: { value: 22, unit: 'mm' } } as never, METRIC_PREFERENCES)).toBe('22.0 mm'); // cast: as above
  });

  test('is nothing where no length is known, or a short one is only assumed', () => {
    expect(tubeText(link({ length: undefined }), METRIC_PREFERENCES)).toBe('');
    expect(tubeText(link({ length: { value: 2, unit: 'm' }, lengthAssumed: true }), METRIC_PREFERENCES)).toBe('');
  });

  test('stands at the middle of its longest run, turned with it', () => {
    const run = longestRun([{ x: 0, y: 0 }, { x: 3, y: 0 }, { x: 3, y: 10 }]); // prettier-ignore
    expect(run).toMatchObject({ mid: { x: 3, y: 5 }, angle: 90, length: 10 });
    expect(longestRun([])).toBeNull();
  });
});
