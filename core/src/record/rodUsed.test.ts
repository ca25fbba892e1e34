import type { JointEntry } from './jointEntry';
import { rodUsed } from './rodUsed';

const entry = (id: string, kind: JointEntry['kind'], day: string, values: object, corrects?: string) =>
  ({
    id,
    kind,
    deviceTime: `2026-11-${day}T08:00:00.000Z`,
    values,
    corrects: corrects ? { entry: corrects, why: 'misread' } : null,
  }) as JointEntry; // cast: no more of an entry is read

const JOINT = [
  entry('a', 'brazed', '02', { filler: 'BAg-36', rodMm: 60 }),
  entry('b', 'looked-at', '02', { result: 'rework' }),
  entry('c', 'reworked', '03', { filler: 'BAg-36', rodMm: 25 }),
  entry('d', 'corrected', '04', { rodMm: 15 }, 'c'),
];

test('rod is told by filler, reworking and corrections counted', () => {
  const other = [
    entry('e', 'brazed', '05', { filler: 'BCuP-5', rodMm: 120 }),
    entry('f', 'reworked', '06', { note: 'no rod' }),
    entry('g', 'reworked', '06', { filler: 'BCuP-5' }),
    entry('h', 'reworked', '06', { rodMm: 9 }),
  ];
  expect(rodUsed([JOINT, other], null)).toEqual([
    { designation: 'BAg-36', lengthM: expect.closeTo(0.075, 9) },
    { designation: 'BCuP-5', lengthM: expect.closeTo(0.12, 9) },
  ]);
});

test('what was melted up to the moment the van was counted is in the count', () => {
  expect(rodUsed([JOINT], '2026-11-02T08:00:00.000Z')).toEqual([{ designation: 'BAg-36', lengthM: expect.closeTo(0.015, 9) }]);
  expect(rodUsed([JOINT], '2026-11-03T08:00:00.001Z')).toEqual([]);
});
