import { findFiller, type FillerRow } from '../filler/fillers';
import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { History } from '../vocabulary/joint';
import { planned, requestFor } from '../testing/plans';
import { targetRange } from './target';

const row = (name: string): FillerRow => {
  const found = findFiller(name);
  if (!found) throw new Error(`${name} is in the table`);
  return found;
};
const joint = (male: History = 'new', female: History = 'new', metal: ResolvedJoint['male']['metal'] = 'copper') =>
  planned(requestFor({ metal, history: female }, {}, { metal, history: male })).joint;
const old = (filler: string, removed?: 'ground-off' | 'cut-off') => ({ state: 'brazed', filler, ...(removed ? { removed } : {}) }) as const;

test('without anything old it is the filler’s own brazing range', () => {
  // AWS: BCuP-5 704-816 °C, BAg-7 652-760 °C.
  expect(targetRange(joint(), row('BCuP-5'))).toEqual({ lowC: 704, highC: 816, oldLiquidusC: null, reflows: true });
  expect(targetRange(joint(), row('BAg-7'))).toEqual({ lowC: 652, highC: 760, oldLiquidusC: null, reflows: true });
});

test('brass keeps it 50 K under its own melting, but never under the filler’s', () => {
  // Brass melts from 885 °C; CuP 179 brazes at 760-890 °C and flows at 890 °C.
  expect(targetRange(joint('new', 'new', 'brass'), row('BCuP-2'))).toMatchObject({ highC: 835 });
  expect(targetRange(joint('new', 'new', 'brass'), row('CuP 179'))).toMatchObject({ highC: 890 });
});

test('aluminium is brazed closer to its melting with its own fillers', () => {
  // BAlSi-4 582-604 °C; 3003 melts from 643 °C: 50 K under it would be 593 °C.
  expect(targetRange(joint('new', 'new', 'aluminium'), row('BAlSi-4'))).toMatchObject({ lowC: 582, highC: 604 });
  expect(targetRange(joint('new', 'new', 'aluminium'), row('Zn-22Al'))).toMatchObject({ lowC: 480, highC: 520 });
});

test('an old filler that stays raises the low end to its liquidus; of two old ones the higher', () => {
  // Liquidus: BCuP-2 793, BCuP-5 802, BAg-36 677 °C.
  expect(targetRange(joint(old('BCuP-2')), row('BCuP-5'))).toMatchObject({ lowC: 793, highC: 816, oldLiquidusC: 793, reflows: true });
  expect(targetRange(joint(old('BAg-36'), old('BCuP-5')), row('BCuP-5'))).toMatchObject({ lowC: 802, oldLiquidusC: 802 });
});

test('what is ground or cut off is not melted again', () => {
  expect(targetRange(joint(old('BCuP-2', 'ground-off')), row('BCuP-5')).oldLiquidusC).toBeNull();
  expect(targetRange(joint(old('BCuP-2', 'cut-off')), row('BCuP-5')).oldLiquidusC).toBeNull();
});

test('an old filler above the new one’s range widens it by 25 K, as far as metals and flux bear', () => {
  expect(targetRange(joint(old('BCuP-5')), row('BAg-7'))).toEqual({ lowC: 802, highC: 827, oldLiquidusC: 802, reflows: true });
  // Brass bears 835 °C: an old liquidus of 813 °C asks for 838 °C.
  expect(targetRange(joint(old('BCuP-3'), 'new', 'brass'), row('BAg-7'))).toEqual({
    lowC: 813,
    highC: 838,
    oldLiquidusC: 813,
    reflows: false,
  });
});
