import fc from 'fast-check';
import { q } from '../testing/plans';
import { readings, type ReadingsRequest } from './readings';
import { Saturation, saturation, SATURATION_NAMES, type SaturationRequest } from './saturation';

const PSI = 6894.757293168;
const ATM_PSI = 14.696;
const celsius = (f: number) => (f - 32) / 1.8;

/** Gauge pressures [psig at sea level], bubble / dew, of the reference table. */
const TABLE: readonly (readonly [number, Readonly<Record<string, readonly [number, number]>>])[] = [
  [
    -20,
    {
      'R-22': [10.2, 10.2],
      'R-134a': [-1.8, -1.8],
      'R-32': [26.8, 26.8],
      'R-290': [10.7, 10.7],
      'R-410A': [26.3, 26.2],
      'R-404A': [16.8, 16.0],
      'R-407C': [13.7, 6.5],
      'R-449A': [16.6, 9.7],
      'R-454B': [24.7, 22.7],
    },
  ],
  [
    40,
    {
      'R-22': [68.6, 68.6],
      'R-134a': [35.0, 35.0],
      'R-32': [121.0, 121.0],
      'R-290': [63.9, 63.9],
      'R-410A': [118.8, 118.4],
      'R-404A': [86.9, 85.4],
      'R-407C': [80.2, 63.2],
      'R-449A': [87.9, 71.2],
      'R-454B': [113.2, 107.5],
    },
  ],
  [
    120,
    {
      'R-22': [260.0, 260.0],
      'R-134a': [171.2, 171.2],
      'R-32': [429.3, 429.3],
      'R-290': [227.8, 227.8],
      'R-410A': [419.5, 418.3],
      'R-404A': [312.1, 309.9],
      'R-407C': [298.6, 265.8],
      'R-449A': [317.0, 284.4],
      'R-454B': [398.6, 385.5],
    },
  ],
];

describe.each(TABLE)('at %d °F', (fahrenheit, rows) => {
  test.each(Object.entries(rows))('%s', (name, [bubble, dew]) => {
    const fluid = Saturation.of(name);
    expect(Math.abs((fluid?.bubblePa(celsius(fahrenheit)) ?? 0) / PSI - ATM_PSI - bubble)).toBeLessThan(0.16);
    expect(Math.abs((fluid?.dewPa(celsius(fahrenheit)) ?? 0) / PSI - ATM_PSI - dew)).toBeLessThan(0.16);
  });
});

test('pressure and temperature turn into each other on both curves', () => {
  fc.assert(
    fc.property(fc.constantFrom(...SATURATION_NAMES), fc.double({ min: 0.02, max: 0.98, noNaN: true }), (name, part) => {
      const fluid = Saturation.of(name)!;
      const c = fluid.rangeC.min + part * (fluid.rangeC.max - fluid.rangeC.min);
      return Math.abs(fluid.bubbleC(fluid.bubblePa(c))! - c) < 1e-6 && Math.abs(fluid.dewC(fluid.dewPa(c))! - c) < 1e-6;
    }),
  );
});

test('liquid boils at a higher pressure than its vapour condenses; liquid thins and vapour thickens with heat', () => {
  fc.assert(
    fc.property(fc.constantFrom(...SATURATION_NAMES), fc.double({ min: 0, max: 0.9, noNaN: true }), (name, part) => {
      const fluid = Saturation.of(name)!;
      const at = (x: number) => fluid.rangeC.min + x * (fluid.rangeC.max - fluid.rangeC.min);
      const [cold, warm] = [at(part), at(part + 0.1)];
      return (
        fluid.bubblePa(cold) >= fluid.dewPa(cold) * 0.9999 &&
        fluid.bubblePa(warm) > fluid.bubblePa(cold) &&
        fluid.liquidKgPerL(warm) < fluid.liquidKgPerL(cold) &&
        fluid.vapourKgPerM3(warm) > fluid.vapourKgPerM3(cold)
      );
    }),
  );
});

test('glide of R-407C is some 5-7 K, of R-32 none', () => {
  const glide = (refrigerant: string) => {
    const result = saturation({ refrigerant, temperature: q(5, 'C') });
    return result.ok ? result.value.glideK : NaN;
  };
  expect(glide('R-407C')).toBeGreaterThan(4.5);
  expect(glide('R-407C')).toBeLessThan(7.5);
  expect(glide('R-32')).toBeCloseTo(0, 6);
});

test.each([
  ['an unknown refrigerant', { refrigerant: 'R-999', temperature: q(0, 'C') }, 'refrigerant'],
  ['neither', { refrigerant: 'R-32' }, 'temperature'],
  ['both', { refrigerant: 'R-32', temperature: q(0, 'C'), pressure: q(8, 'bar') }, 'pressure'],
  ['above what is known', { refrigerant: 'R-744', temperature: q(40, 'C') }, 'temperature'],
  ['a pressure outside', { refrigerant: 'R-32', pressure: q(90, 'bar') }, 'pressure'],
] as const)('%s is refused, naming the field', (_what, request, field) => {
  const result = saturation(request as SaturationRequest);
  expect(result.ok === false && result.errors.map((e) => e.field)).toContain(field);
});

describe('readings', () => {
  const fluid = Saturation.of('R-410A')!;
  /** Readings of a machine that evaporates and condenses so, with these superheats. */
  const machine = (
    m: { evaporatingC?: number; condensingC?: number; superheatK: number; subcoolingK: number },
    rest: Partial<ReadingsRequest> = {},
  ) => {
    const { evaporatingC = 5, condensingC = 42 } = m;
    const result = readings({
      refrigerant: 'R-410A',
      metering: 'valve',
      suction: { pressure: q(fluid.dewPa(evaporatingC), 'Pa'), line: q(evaporatingC + m.superheatK, 'C') },
      liquid: { pressure: q(fluid.bubblePa(condensingC), 'Pa'), line: q(condensingC - m.subcoolingK, 'C') },
      ...rest,
    });
    if (!result.ok) throw new Error(JSON.stringify(result.errors));
    return result.value;
  };

  test('superheat counts from dew, subcooling from bubble', () => {
    expect(machine({ superheatK: 7, subcoolingK: 6 }).superheatK).toBeCloseTo(7, 6);
    expect(machine({ superheatK: 7, subcoolingK: 6 }).subcoolingK).toBeCloseTo(6, 6);
  });

  test.each([
    ['all inside', 7, 6, []],
    ['short of charge', 18, 1, ['short']],
    ['something restricts', 18, 15, ['restriction']],
    ['too much', 2, 15, ['too-much']],
    ['the valve feeds too much', 1, 1, ['overfeed']],
    ['everyday overcharge: the valve holds its superheat', 7, 15, ['too-much']],
    ['a little short: the valve still holds its superheat', 7, 1, ['short']],
    ['superheat alone is high', 18, 6, ['short-or-restriction']],
    ['superheat alone is low', 1, 6, ['overfeed']],
  ] as const)('%s', (_what, superheatK, subcoolingK, pointers) => expect(machine({ superheatK, subcoolingK }).pointers).toEqual(pointers));

  test('the plate’s subcooling and window count before the usual ones', () => {
    const target = { subcooling: q(10, 'K'), window: q(1, 'K') };
    expect(machine({ superheatK: 15, subcoolingK: 8 }, { target }).pointers).toEqual(['short']);
    expect(machine({ superheatK: 7, subcoolingK: 10.5 }, { target }).pointers).toEqual([]);
  });

  test('a fixed orifice has its target from the air: 67 °F wet, 95 °F outdoors is 13 °F', () => {
    const value = machine({ superheatK: 13 / 1.8, subcoolingK: 6 }, { metering: 'fixed', indoorWetBulb: q(67, 'F'), outdoor: q(95, 'F') });
    expect((value.targetSuperheatK ?? 0) * 1.8).toBeCloseTo(13, 6);
    expect(value.pointers).toEqual([]);
  });

  /** A fixed orifice that wants 13 °F of superheat, as above. */
  const orifice = (superheatF: number, subcoolingK: number, rest: Partial<ReadingsRequest> = {}) =>
    machine({ superheatK: superheatF / 1.8, subcoolingK }, { metering: 'fixed', indoorWetBulb: q(67, 'F'), outdoor: q(95, 'F'), ...rest })
      .pointers;

  test.each([
    ['overcharged', 3, 15, ['too-much']],
    ['not seated, or too large', 3, 1, ['overfeed']],
    ['short of charge', 30, 1, ['short']],
    ['restricted', 30, 15, ['restriction']],
    ['as it should be, whatever the subcooling: its superheat tells', 13, 1, []],
  ] as const)('a fixed orifice, %s', (_what, superheatF, subcoolingK, pointers) =>
    expect(orifice(superheatF, subcoolingK)).toEqual(pointers),
  );

  test('condensing far above the outdoor air: a head that is too high', () => {
    expect(machine({ condensingC: 58, superheatK: 7, subcoolingK: 6 }, { outdoor: q(35, 'C') }).pointers).toEqual(['high-head']);
    expect(machine({ condensingC: 50, superheatK: 7, subcoolingK: 6 }, { outdoor: q(35, 'C') }).pointers).toEqual([]);
  });

  test('a target under 5 °F is weighed, not trimmed; a capillary that is off is a critical charge', () => {
    expect(
      machine({ superheatK: 7, subcoolingK: 6 }, { metering: 'fixed', indoorWetBulb: q(60, 'F'), outdoor: q(105, 'F') }).pointers,
    ).toContain('weigh');
    expect(machine({ superheatK: 7, subcoolingK: 1 }, { metering: 'capillary' }).pointers).toEqual(['critical-charge']);
  });

  test('far under the room with normal superheat: little air', () => {
    expect(machine({ evaporatingC: -8, superheatK: 7, subcoolingK: 6 }, { room: q(24, 'C') }).pointers).toEqual(['little-air']);
  });

  test('suction high and head low: the compressor does not pump', () => {
    const value = machine({ evaporatingC: 21, condensingC: 33, superheatK: 7, subcoolingK: 6 }, { room: q(24, 'C'), outdoor: q(30, 'C') });
    expect(value.pointers).toEqual(['weak-compressor']);
  });

  test('what cannot last, and mild weather, is not settled', () => {
    expect(machine({ superheatK: -4, subcoolingK: 6 }).pointers).toContain('settling');
    expect(machine({ condensingC: 25, superheatK: 18, subcoolingK: 1 }, { outdoor: q(8, 'C') }).pointers).toEqual(['short', 'mild']);
  });

  test('one side alone gives its number and no pointer', () => {
    const result = readings({ refrigerant: 'R-32', metering: 'valve', suction: { pressure: q(8, 'bar'), line: q(10, 'C') } });
    expect(result).toMatchObject({ ok: true, value: { subcoolingK: null, pointers: [] } });
  });

  test('nothing read is refused', () => {
    expect(readings({ refrigerant: 'R-32', metering: 'valve' })).toMatchObject({ ok: false, errors: [{ field: 'suction' }] });
  });
});

describe('where the saturation curves end', () => {
  const fluid = Saturation.of('R-407C')!; // in the table
  const { min, max } = fluid.rangeC;

  test('a pressure beyond either end has no temperature', () => {
    expect(fluid.bubbleC(fluid.bubblePa(min) * 0.99)).toBeNull();
    expect(fluid.bubbleC(fluid.bubblePa(max) * 1.01)).toBeNull();
    expect(fluid.dewC(fluid.dewPa(min) * 0.99)).toBeNull();
    expect(fluid.dewC(fluid.dewPa(max) * 1.01)).toBeNull();
  });

  test('a pressure at the very end has the temperature of that end', () => {
    for (const end of [min, max]) {
      expect(fluid.bubbleC(fluid.bubblePa(end))).toBeCloseTo(end, 6);
      expect(fluid.dewC(fluid.dewPa(end))).toBeCloseTo(end, 6);
    }
  });

  test('the glide goes on to the end of the range, shrinking towards the critical point', () => {
    const glide = (celsius: number) => {
      const answer = saturation({ refrigerant: 'R-407C', temperature: q(celsius, 'C') });
      return answer.ok ? answer.value.glideK : Number.NaN;
    };
    expect(glide(max)).toBeGreaterThan(0);
    expect(glide(max)).toBeLessThan(glide(0));
    expect(glide(max - 0.01)).toBeCloseTo(glide(max), 1);
  });

  test('a temperature and a pressure at once are refused, and neither is', () => {
    const both = { refrigerant: 'R-32', temperature: q(0, 'C'), pressure: q(8, 'bar') };
    expect(saturation(both)).toEqual({ ok: false, errors: [{ kind: 'excludes', field: 'pressure', other: 'temperature' }] });
    expect(saturation({ refrigerant: 'R-32' })).toMatchObject({ ok: false, errors: [{ kind: 'missing', field: 'temperature' }] });
    expect(saturation({ refrigerant: 'R-999', pressure: q(8, 'bar') })).toMatchObject({ errors: [{ field: 'refrigerant' }] });
  });
});
