import { readPlate, sweptSection, type PlateRequest } from './readPlate';

const q = (value: number, unit: string) => ({ value, unit });
const PLATE: PlateRequest = { refrigerant: 'r410a', highSide: q(600, 'psig'), lowSide: q(340, 'psig'), coldest: q(-4, 'F') };
const read = (rest: Partial<PlateRequest> = {}) => readPlate({ ...PLATE, ...rest }, 'circuits[0].');
const refusals = (rest: Partial<PlateRequest>) => {
  const result = read(rest);
  return result.ok ? [] : result.errors;
};

test('a plate in inch units is read into SI, the refrigerant by its usual name', () => {
  const result = read();
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  const { highSideDesignGaugePa, lowSideDesignGaugePa, coldestC, ...rest } = result.value;
  expect(highSideDesignGaugePa).toBeCloseTo(4_136_854, 0); // 600 x 6894.757
  expect(lowSideDesignGaugePa).toBeCloseTo(2_344_217, 0);
  expect(coldestC).toBeCloseTo(-20, 9);
  expect(rest).toEqual({ refrigerant: 'R-410A', purgeSections: [] });
});

test('a line is swept by its bore, whether that was measured or follows from its size', () => {
  const result = read({
    swept: [
      { od: q(7 / 8, 'in'), length: q(12, 'm') },
      { od: q(22, 'mm'), wall: q(1, 'mm'), length: q(3, 'm') },
      { bore: q(10, 'mm'), length: q(1, 'm') },
      { volume: q(2, 'L') },
    ],
  });
  // ASTM B280 7/8 in: 0.875 in outside, 0.045 in wall.
  expect(result.ok && result.value.purgeSections).toEqual([
    { bore: q(19.939, 'mm'), length: q(12, 'm') },
    { bore: q(20, 'mm'), length: q(3, 'm') },
    { bore: q(10, 'mm'), length: q(1, 'm') },
    { volume: q(2, 'L') },
  ]);
});

test.each<[string, Partial<PlateRequest>, string, object]>([
  ['sides swapped', { highSide: q(20, 'barg'), lowSide: q(30, 'barg') }, 'lowSide', { kind: 'refused', reason: 'low-above-high' }],
  ['a pressure that may be gauge or not', { highSide: q(40, 'bar') }, 'highSide', { reason: 'say-gauge-or-absolute' }],
  ['a plate of a toy', { lowSide: q(0.5, 'barg') }, 'lowSide', { kind: 'out-of-range' }],
  ['a temperature of nobody’s machine', { coldest: q(80, 'C') }, 'coldest', { kind: 'out-of-range' }],
  [
    'an unknown refrigerant without its class',
    { refrigerant: 'R-999' },
    'safetyClass',
    { kind: 'refused', reason: 'safety-class-needed', value: 'R-999' },
  ],
  [
    'a size no table has',
    { swept: [{ od: q(23.7, 'mm'), length: q(1, 'm') }] },
    'swept[0].wall',
    { kind: 'missing', needed: 'wall-not-in-tables' },
  ],
  [
    'a wall thicker than its tube',
    { swept: [{ od: q(6, 'mm'), wall: q(3, 'mm'), length: q(1, 'm') }] },
    'swept[0].wall',
    { kind: 'refused', reason: 'wall-too-thick' },
  ],
  ['a tube of a toy', { swept: [{ od: q(0.5, 'mm'), wall: q(0.2, 'mm'), length: q(1, 'm') }] }, 'swept[0].od', { kind: 'out-of-range' }],
  ['a wall of foil', { swept: [{ od: q(6, 'mm'), wall: q(0.01, 'mm'), length: q(1, 'm') }] }, 'swept[0].wall', { kind: 'out-of-range' }],
  [
    'a line without a length',
    { swept: [{ od: q(6, 'mm'), wall: q(1, 'mm'), length: q(0, 'm') }] },
    'swept[0].length',
    { kind: 'out-of-range' },
  ],
  ['a charge of nothing', { charge: q(0, 'kg') }, 'charge', { kind: 'out-of-range' }],
])('%s is refused by its full name', (_what, rest, field, why) =>
  expect(refusals(rest)).toEqual([expect.objectContaining({ field: `circuits[0].${field}`, ...why })]),
);

test('an unknown refrigerant is taken with its class', () => {
  const result = read({ refrigerant: 'R-999', safetyClass: 'A2L' });
  expect(result.ok && result.value).toMatchObject({ refrigerant: 'R-999', safetyClass: 'A2L' });
});

test('charge and oil are taken where the plate says them; both sides may be built for the same pressure', () => {
  const result = read({ charge: q(5, 'lb'), oil: 'POE', highSide: q(340, 'psig') });
  expect(result).toMatchObject({ ok: true, value: { chargeKg: expect.closeTo(2.268, 3) as number, oil: 'POE' } }); // 5 x 0.45359
});

test('one swept line alone: a bore from its size, a vessel as it is, nothing where its size cannot be read', () => {
  expect(sweptSection({ od: q(22, 'mm'), wall: q(1, 'mm'), length: q(3, 'm') })).toEqual({ bore: q(20, 'mm'), length: q(3, 'm') });
  expect(sweptSection({ volume: q(2, 'L') })).toEqual({ volume: q(2, 'L') });
  expect(sweptSection({ od: q(23.7, 'mm'), length: q(1, 'm') })).toBeNull();
  expect(sweptSection({ bore: q(10, 'mm'), length: q(0, 'm') })).toBeNull();
});
