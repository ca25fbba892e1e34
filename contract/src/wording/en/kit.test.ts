import { INCH_PREFERENCES, METRIC_PREFERENCES, type KitLine } from '@kesto/core';
import { hoursText, kitLineText } from './kit';

const name = (place: string) => `the ${place}`;
const LINES: readonly (readonly [line: KitLine, name: string, amount: string])[] = [
  [{ id: 'p', of: 'part', kind: 'drier', place: 'drier', onVan: 'not-counted' }, 'the drier', 'new, loose: right size, right way round'],
  [{ id: 'f', of: 'fitting', form: 'fitting-cup', odM: 0.022225, count: 2, onVan: 'not-counted' }, 'cup of a fitting, 7/8 in', '2 joints'],
  [{ id: 'j', of: 'jaw', odM: 0.0127, count: 1, onVan: 'not-counted' }, 'press jaw, 1/2 in', '1 place: its maker, its date of check'],
  [
    { id: 'n', of: 'flare-nut', odM: null, count: 3, onVan: 'not-counted' },
    'flare nut, size of the tube',
    '3 places: torque wrench, refrigerant oil',
  ],
  [
    { id: 'r', of: 'rod', designation: 'BAg-36', rod: 'round-1/16', massKg: 0.0012, sticks: 0.14, leftSticks: 3, onVan: 'enough' },
    'BAg-36',
    '1.2 g, 0.1 sticks, half as much again counted; the van has 3.0',
  ],
  [{ id: 'x', of: 'flux', class: 'FB3-A', onVan: 'enough' }, 'flux FB3-A', 'closed, not dried out'],
  [
    { id: 'g', of: 'nitrogen', neededM3: 0.218, heldM3: 1.459, leftPercent: 85, lastsForHold: true, onVan: 'enough' },
    'nitrogen',
    '218 L of 1459, 85 % left',
  ],
  [
    { id: 'h', of: 'nitrogen', neededM3: 1.4, heldM3: 1.459, leftPercent: 4, lastsForHold: false, onVan: 'short' },
    'nitrogen',
    '1400 L of 1459, 4 % left: not enough for the hold',
  ],
  [{ id: 'w', of: 'wrap', wrap: 'wet-cloth', joints: 2, onVan: 'enough' }, 'wet cloth and water', '2 joints'],
  [{ id: 's', of: 'spare', what: 'core', count: 2, onVan: 'not-counted' }, 'valve core', '2'],
];

test.each(LINES)('%j', (line, thing, amount) => {
  expect(kitLineText(line, METRIC_PREFERENCES, name)).toEqual({ name: thing, amount });
});

test('a size that is no fraction is in the person’s own unit', () => {
  const line: KitLine = { id: 'j', of: 'jaw', odM: 0.0287, count: 1, onVan: 'not-counted' };
  expect(kitLineText(line, METRIC_PREFERENCES, name).name).toBe('press jaw, 28.7 mm');
  expect(kitLineText(line, INCH_PREFERENCES, name).name).toMatch(/^press jaw, 1\.1\d* in$/);
});

test.each([
  [37.4, '37 min'],
  [59.6, '1 h 0 min'],
  [128, '2 h 8 min'],
])('%s minutes', (minutes, text) => {
  expect(hoursText(minutes)).toBe(text);
});
