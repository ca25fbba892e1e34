import { INCH_PREFERENCES, METRIC_PREFERENCES, type CircuitLink } from '@kesto/core';
import { longestRun } from './longestRun';
import { outsideText, tubeText } from './tubeText';

const link = (tube: CircuitLink['tube']): CircuitLink => ({ from: 'condenser', to: 'drier', ...(tube ? { tube } : {}) });
const inch = (value: number) => ({ value, unit: 'in' });
const metres = (value: number) => ({ value, unit: 'm' });

describe('what stands beside a tube', () => {
  test('its outside as the trade says it, and its length', () => {
    expect(tubeText(link({ od: inch(0.375), length: metres(8) }), METRIC_PREFERENCES)).toBe('3/8 in, 8 m');
    expect(tubeText(link({ od: { value: 22, unit: 'mm' }, length: metres(12.5) }), METRIC_PREFERENCES)).toBe('22.0 mm, 12.5 m');
  });

  test('in feet for whoever reads feet: 8 m are 26.2 ft', () => {
    expect(tubeText(link({ od: inch(0.375), length: metres(8) }), INCH_PREFERENCES)).toMatch(/^3\/8 in, 26(\.2)? ft$/);
  });

  test('an assumed length is starred, and left out where it is too short to matter', () => {
    expect(tubeText(link({ od: inch(0.5), length: metres(5), lengthAssumed: true }), METRIC_PREFERENCES)).toBe('1/2 in, 5 m *');
    expect(tubeText(link({ od: inch(0.5), length: metres(1), lengthAssumed: true }), METRIC_PREFERENCES)).toBe('');
  });

  test('nothing is made up where a length is not known', () => {
    expect(tubeText(link({ od: inch(0.5) }), METRIC_PREFERENCES)).toBe('');
    expect(tubeText(link(undefined), METRIC_PREFERENCES)).toBe('');
  });

  test('a size that is no fraction of an inch stands in the person’s unit', () => {
    expect(outsideText({ od: { value: 22, unit: 'mm' } }, METRIC_PREFERENCES)).toBe('22.0 mm');
    expect(outsideText({ od: inch(0.4) }, METRIC_PREFERENCES)).toMatch(/^10(\.\d)? mm$/);
  });
});

describe('where a tube carries its words', () => {
  const bent = [{ x: 0, y: 0 }, { x: 40, y: 0 }, { x: 40, y: 100 }, { x: 60, y: 100 }] as const; // prettier-ignore

  test('in the middle of its longest straight run, along it', () => {
    expect(longestRun(bent)).toEqual({ mid: { x: 40, y: 50 }, angle: 90, length: 100 });
  });

  test('of two as long the first; of no run none', () => {
    expect(longestRun([{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 10 }])?.mid).toEqual({ x: 5, y: 0 }); // prettier-ignore
    expect(longestRun([{ x: 3, y: 3 }])).toBeNull();
  });
});
