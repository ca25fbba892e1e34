import type { EntryKind } from './chain';
import { fillersByLot } from './fillersByLot';
import type { JointEntry } from './jointEntry';

let made = 0;
const entry = (kind: EntryKind, values: object, corrects: JointEntry['corrects'] = null): JointEntry => ({
  ...{
    id: `e${(made += 1)}`,
    sequence: made,
    kind,
    person: { id: 'p1', name: 'Ilta Varro' },
    onBehalfOf: null,
    values: { ...values },
    corrects,
  },
  ...{ deviceTime: '2026-11-20T10:00:00Z', serverTime: '2026-11-20T10:00:00Z', at: '2026-11-20T10:00:00Z', photos: [], erased: [] },
});

test('rods are summed by filler and lot, joints counted once, corrections read', () => {
  const first = entry('brazed', { filler: 'BCuP-6', lot: '24-118', rodMm: 100 });
  const reworked = [first, entry('looked-at', { result: 'rework' }), entry('reworked', { filler: 'BCuP-6', lot: '24-118', rodMm: 50 })];
  const second = entry('brazed', { filler: 'BCuP-6', lot: '24-118', rodMm: 900 });
  const corrected = [second, entry('corrected', { rodMm: 90 }, { entry: second.id, why: 'stub measured after' })];
  const other = [entry('brazed', { filler: 'BAg-36', rodMm: 40 }), entry('commented', { text: 'seen' })];
  expect(fillersByLot([reworked, corrected, other])).toEqual([
    { filler: 'BCuP-6', lot: '24-118', lengthM: expect.closeTo(0.24, 9) as unknown, joints: 2 },
    { filler: 'BAg-36', lot: null, lengthM: 0.04, joints: 1 },
  ]);
});

test('nothing made took nothing', () => expect(fillersByLot([[], [entry('prepared', {})]])).toEqual([]));
