import { burns, burnsEasily, holdsChlorine, isPoisonous, refrigerantName } from './safetyClasses';
import { saturation } from './saturation';

// ISO 817: the letter is toxicity, the figure how it burns.
test.each([
  ['A1', false, false, false],
  ['A2L', true, false, false],
  ['A2', true, false, false],
  ['A3', true, true, false],
  ['B1', false, false, true],
  ['B2L', true, false, true],
  ['B2', true, false, true],
  ['B3', true, true, true],
  [null, false, false, false],
] as const)('%s burns %s, easily %s, is poisonous %s', (safetyClass, any, easily, poisonous) => {
  expect([burns(safetyClass), burnsEasily(safetyClass), isPoisonous(safetyClass)]).toEqual([any, easily, poisonous]);
});

test('chlorine is in the old ones: phosgene where they meet a flame', () => {
  expect(['R-22', 'R-32', 'R-134a', null].map(holdsChlorine)).toEqual([true, false, false, false]);
});

test('a name is known in any case, with hyphen, space or neither', () => {
  expect(['r410a', 'R 410A', 'R-410a', 'r-134A', 'R-999'].map(refrigerantName)).toEqual([
    'R-410A',
    'R-410A',
    'R-410A',
    'R-134a',
    undefined,
  ]);
});

test('at a pressure: both temperatures, the glide between them, the densities there', () => {
  const at = (refrigerant: string, kPa: number) => {
    const result = saturation({ refrigerant, pressure: { value: kPa, unit: 'kPa' } });
    if (!result.ok || !('dewC' in result.value)) throw new Error('not at a pressure');
    return result.value;
  };
  // R-32 at 813.1 kPa boils at 0 °C: 1.055 kg/L, 22.1 kg/m3 (saturation tables).
  const pure = at('R-32', 813.1);
  expect(pure.bubbleC).toBeCloseTo(0, 1);
  expect(pure.glideK).toBeCloseTo(0, 6);
  expect(pure.liquidKgPerL).toBeCloseTo(1.055, 2);
  expect(pure.vapourKgPerM3).toBeCloseTo(22.1, 0);
  const blend = at('R-407C', 600);
  expect(blend.dewC - blend.bubbleC).toBeGreaterThan(5);
  expect(blend.glideK).toBeCloseTo(blend.dewC - blend.bubbleC, 9);
});

test('neither and both are told apart', () => {
  const both = { refrigerant: 'R-32', temperature: { value: 0, unit: 'C' }, pressure: { value: 8, unit: 'bara' } };
  expect(saturation(both)).toEqual({ ok: false, errors: [{ kind: 'excludes', field: 'pressure', other: 'temperature' }] });
  expect(saturation({ refrigerant: 'R-32' })).toEqual({
    ok: false,
    errors: [{ kind: 'missing', field: 'temperature', needed: 'temperature-or-pressure' }],
  });
});
