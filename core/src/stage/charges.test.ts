import { leftWith, type StageFact } from '.';

const AT = '2026-11-24T10:00:00.000Z';
const LATER = '2026-11-24T11:00:00.000Z';
const fact = (kind: string, values: object, at = AT) => ({ id: kind + at, stage: 'charge', kind, values, at }) as unknown as StageFact; // cast: no more of it is read
const charged = (doneKg: number, isCharged = true) => fact('charged', { targetKg: 2.2, doneKg, isCharged });
const trimmed = (value: number, unit: string, takenOut = false) =>
  fact('trimmed', { by: { value, unit }, takenOut, why: 'subcooling' }, LATER);

test('a circuit is left with what was weighed in and trimmed after it, in whatever unit it was said', () => {
  expect(leftWith([charged(2.2)])).toEqual({ kg: 2.2, at: AT });
  const after = leftWith([trimmed(1, 'kg'), charged(2.2), trimmed(50, 'g'), trimmed(4, 'oz', true)]);
  // 2.2 kg + 50 g - 4 oz of 28.35 g; what was trimmed before it was weighed anew does not count.
  expect(after?.kg).toBeCloseTo(2.1366, 4);
  expect(after?.at).toBe(LATER);
});

test('one that was never whole is left with nothing that is known', () => {
  expect(leftWith([])).toBeNull();
  expect(leftWith([charged(1.1, false), trimmed(1, 'kg')])).toBeNull();
});
