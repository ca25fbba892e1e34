import { fillNow, holdsOf, holdTracks, isOverCap, type StageFact } from '.';

const at = (minutes: number) => new Date(Date.parse('2026-11-24T10:00:00.000Z') + minutes * 60_000).toISOString();
const fact = (kind: string, minutes: number, values: object, id = `${kind}${minutes}`) =>
  ({ id, kind, stage: 'hold', values, at: at(minutes) }) as unknown as StageFact; // cast: no more is read
const BEGAN = { parts: ['drier'], rig: false, capKpag: 4200, stepsKpag: [345, 1035, 2000, 3000, 4600, 4000], strengthKpag: 4600 };
const step = (minutes: number, kpag: number) => fact('hold-step', minutes, { hold: 'h', pressure: { value: kpag, unit: 'kPag' } });

/** How far a fill is some minutes after it was begun. */
function fill(steps: readonly StageFact[], minutes: number, began: object = BEGAN) {
  const [kept] = holdsOf([fact('hold-began', 0, began, 'h'), ...steps]);
  if (!kept) throw new Error('no hold');
  return fillNow(kept, holdTracks(kept, 0), at(minutes));
}

const UP = [step(1, 345), step(5, 1035), step(9, 2000), step(13, 3000)];

test('a strength test is the step after the others; it stands ten minutes, nobody near, no soap; then it is let down', () => {
  expect(fill(UP, 17)).toMatchObject({ next: 4600, standLeftS: 0, isAtStrength: false, isNear: true });
  const stands = [...UP, step(17, 4600)];
  expect(fill(stands, 18)).toEqual({ next: 4000, standLeftS: 540, soapAt: null, isNear: false, isAtStrength: true });
  expect(fill(stands, 27)).toMatchObject({ next: 4000, standLeftS: 0, isNear: false, soapAt: null });
});

test('let down, it stands ten minutes more before anybody is near; soap is at the hold’s pressure', () => {
  const down = [...UP, step(17, 4600), step(28, 4000)];
  expect(fill(down, 30)).toMatchObject({ next: null, standLeftS: 480, isNear: false, isAtStrength: false, soapAt: 4000 });
  expect(fill(down, 38)).toMatchObject({ next: null, standLeftS: 0, isNear: true });
});

test('without a strength test the last step is the hold’s own', () => {
  const plain = { ...BEGAN, stepsKpag: [345, 1035, 2000], strengthKpag: undefined };
  expect(fill([step(1, 345)], 2, plain)).toMatchObject({ next: 1035, standLeftS: 120, soapAt: 345, isNear: true });
  expect(fill([step(1, 345), step(5, 1035), step(9, 2000)], 10, plain)).toMatchObject({ next: null, standLeftS: 540, isNear: false });
});

// 2 % under 4 200 kPag are 4 116.
test('nearly at its cap it is let down now; while a strength test is on, that pressure stands for the cap', () => {
  const [kept] = holdsOf([fact('hold-began', 0, BEGAN, 'h')]);
  const over = (kpag: number, isFilling: boolean) => kept && isOverCap(kept, kpag * 1000, isFilling);
  expect([over(4110, false), over(4120, false), over(4600, true), over(4610, true)]).toEqual([false, true, false, true]);
});
