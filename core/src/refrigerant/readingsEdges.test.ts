import type { Quantity } from '../unit/units';
import { fixedOrificeSuperheatK, readings, usualReadings, type ReadingsRequest } from './readings';
import { Saturation } from './saturation';

const q = (value: number, unit: string): Quantity => ({ value, unit });
const fluid = Saturation.of('R-410A')!; // in the table
const K = (value: number) => q(value, 'K');
const C = (value: number) => q(value, 'C');

interface Machine {
  readonly evaporatingC?: number;
  readonly condensingC?: number;
  readonly superheatK?: number;
  readonly subcoolingK?: number;
}
const request = ({ evaporatingC = 5, condensingC = 42, superheatK = 7, subcoolingK = 6 }: Machine, rest: Partial<ReadingsRequest> = {}) =>
  ({
    ...{ refrigerant: 'R-410A', metering: 'valve' },
    suction: { pressure: q(fluid.dewPa(evaporatingC), 'Pa'), line: C(evaporatingC + superheatK) },
    liquid: { pressure: q(fluid.bubblePa(condensingC), 'Pa'), line: C(condensingC - subcoolingK) },
    ...rest,
    ...((rest.suction as unknown) === 'compressor'
      ? { suction: { pressure: q(fluid.dewPa(evaporatingC), 'Pa'), line: C(evaporatingC + superheatK), at: 'compressor' } }
      : {}),
  }) as ReadingsRequest; // cast: some are sent wrong on purpose
const pointers = (machine: Machine, rest: Partial<ReadingsRequest> = {}) => {
  const result = readings(request(machine, rest));
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value.pointers;
};

describe('what cannot be read is refused at its field', () => {
  const good = request({});
  test.each([
    ['suction.pressure', { suction: { ...good.suction, pressure: q(90, 'bara') } }],
    ['suction.line', { suction: { ...good.suction, line: C(-81) } }],
    ['suction.line', { suction: { ...good.suction, line: C(121) } }],
    ['liquid.pressure', { liquid: { ...good.liquid, pressure: q(90, 'bara') } }],
    ['liquid.line', { liquid: { ...good.liquid, line: C(121) } }],
    ['room', { room: C(61) }],
    ['room', { room: C(-61) }],
    ['indoorWetBulb', { indoorWetBulb: C(41) }],
    ['indoorWetBulb', { indoorWetBulb: C(-11) }],
    ['outdoor', { outdoor: C(61) }],
    ['outdoor', { outdoor: C(-51) }],
    ['target.superheat', { target: { superheat: K(61) } }],
    ['target.subcooling', { target: { subcooling: K(-1) } }],
    ['target.window', { target: { window: K(61) } }],
  ])('%s', (field, rest) =>
    expect(readings({ ...good, ...rest } as ReadingsRequest)).toMatchObject({ ok: false, errors: [expect.objectContaining({ field })] }),
  );

  test('a metering device nobody knows, naming those there are', () =>
    expect(readings({ ...good, metering: 'magic' as 'valve' })).toMatchObject({
      errors: [{ kind: 'unknown-word', field: 'metering', word: 'magic', allowed: ['valve', 'fixed', 'capillary'] }],
    }));

  test('gauges swapped: a suction that does not lie below the liquid', () => {
    const swapped = { kind: 'refused', field: 'suction.pressure', reason: 'suction-not-below-liquid' };
    expect(readings(request({ evaporatingC: 42, condensingC: 5 }))).toMatchObject({ ok: false, errors: [swapped] });
    expect(readings({ ...good, liquid: { pressure: good.suction!.pressure, line: C(5) } })).toMatchObject({ errors: [swapped] }); // given above
  });

  test('an unknown refrigerant is said, whatever else is wrong; no reading at all is said as that', () => {
    expect(readings({ ...good, refrigerant: 'R-999' })).toMatchObject({
      ok: false,
      errors: [{ kind: 'unknown-word', field: 'refrigerant' }],
    });
    expect(readings({ refrigerant: 'R-410A', metering: 'valve' })).toMatchObject({
      errors: [{ kind: 'missing', field: 'suction', needed: 'a-reading' }],
    });
  });
});

test('each side alone says what it can', () => {
  const { suction: _suction, ...liquid } = request({});
  const { liquid: _liquid, ...suction } = request({});
  const near = (value: number) => expect.closeTo(value, 6);
  expect(readings(liquid)).toMatchObject({ value: { superheatK: null, evaporatingC: null, subcoolingK: near(6), condensingC: near(42) } });
  expect(readings(suction)).toMatchObject({ value: { superheatK: near(7), evaporatingC: near(5), subcoolingK: null, condensingC: null } });
});

describe('where a window ends', () => {
  test.each([
    [{ superheatK: 4.05 }, {}, []],
    [{ superheatK: 3.95 }, {}, ['overfeed']],
    [{ superheatK: 11.95 }, {}, []],
    [{ superheatK: 12.05 }, {}, ['short-or-restriction']],
    [{ subcoolingK: 3.05 }, {}, []],
    [{ subcoolingK: 2.95 }, {}, ['short']],
    [{ subcoolingK: 9.95 }, {}, []],
    [{ subcoolingK: 10.05 }, {}, ['too-much']],
    // The plate's subcooling, with the usual window of 3 °F, and with its own.
    [{ subcoolingK: 13.6 }, { target: { subcooling: K(12) } }, []],
    [{ subcoolingK: 13.8 }, { target: { subcooling: K(12) } }, ['too-much']],
    [{ subcoolingK: 13.8 }, { target: { subcooling: K(12), window: K(2) } }, []],
    // The plate's superheat, with the usual window of 5 °F, and with its own.
    [{ superheatK: 17.7 }, { target: { superheat: K(15) } }, []],
    [{ superheatK: 17.9 }, { target: { superheat: K(15) } }, ['short-or-restriction']],
    [{ superheatK: 17.9 }, { target: { superheat: K(15), window: K(3) } }, []],
    // Evaporating and condensing against the air.
    [{ evaporatingC: -3 }, { room: C(23.9) }, []],
    [{ evaporatingC: -3 }, { room: C(24.1) }, ['little-air']],
    [{ condensingC: 54.9 }, { outdoor: C(35) }, []],
    [{ condensingC: 55.1 }, { outdoor: C(35) }, ['high-head']],
    [{ evaporatingC: 19.1, condensingC: 34.9 }, { room: C(24), outdoor: C(30) }, ['weak-compressor']],
    [{ evaporatingC: 18.9, condensingC: 34.9 }, { room: C(24), outdoor: C(30) }, []],
    [{ evaporatingC: 19.1, condensingC: 35.1 }, { room: C(24), outdoor: C(30) }, []],
    [{ evaporatingC: 19.1, condensingC: 34.9 }, { room: C(24) }, []],
    [{ evaporatingC: 19.1, condensingC: 34.9 }, { outdoor: C(30) }, []],
    // Mild weather, and what cannot last.
    [{ subcoolingK: 1, condensingC: 30 }, { outdoor: C(17.9) }, ['short', 'mild']],
    [{ subcoolingK: 1, condensingC: 30 }, { outdoor: C(18.1) }, ['short']],
    [{ condensingC: 30 }, { outdoor: C(12.9) }, []],
    [{ subcoolingK: 1, condensingC: 60 }, { outdoor: C(46.1) }, ['short', 'weigh']],
    [{ superheatK: -0.9 }, {}, ['floodback', 'overfeed']],
    [{ superheatK: -1.1 }, {}, ['floodback', 'overfeed', 'settling']],
    // Read at the compressor the gas has warmed on its way.
    [{ superheatK: 3.1 }, { suction: 'compressor' }, ['overfeed']],
    [{ superheatK: 2.9 }, { suction: 'compressor' }, ['floodback', 'overfeed']],
    [{ superheatK: 19.9 }, { suction: 'compressor' }, []],
    [{ superheatK: 20.1 }, { suction: 'compressor' }, ['short-or-restriction']],
    // Behind a receiver the subcooling alone says nothing of the charge.
    [{ subcoolingK: 1 }, { receiver: true }, []],
    [{ subcoolingK: 1, superheatK: 20 }, { receiver: true }, ['short']],
    // Head and subcooling both high: charge or air, both are said.
    [{ condensingC: 57, subcoolingK: 14 }, { outdoor: C(35) }, ['too-much', 'high-head', 'non-condensables']],
    [{}, { discharge: { line: C(107.1) } }, ['hot-discharge']],
    [{}, { discharge: { line: C(106.9) } }, []],
    // A healthy heat pump that heats: 2 °C outdoors, 21 °C in the room.
    [{ evaporatingC: -6, condensingC: 45 }, { mode: 'heating', outdoor: C(2), room: C(21) }, []],
    [{ evaporatingC: -6, condensingC: 52 }, { mode: 'heating', outdoor: C(2), room: C(21) }, ['high-head']],
    [{ evaporatingC: -6, condensingC: 45, subcoolingK: 14 }, { mode: 'heating', outdoor: C(2), room: C(21) }, ['weigh']],
    [{ evaporatingC: -23 }, { mode: 'heating', outdoor: C(2), room: C(21) }, ['little-air']],
    // A cold room, a freezer: nearer to what they cool.
    [{ evaporatingC: -12 }, { application: 'cold-room', room: C(3) }, ['little-air']],
    [{ evaporatingC: -10 }, { application: 'cold-room', room: C(3) }, []],
    [{ evaporatingC: -31, condensingC: 35 }, { application: 'freezer', room: C(-18) }, ['little-air']],
    // Water: only against the person's own usual difference, and over leaving water.
    [{ evaporatingC: -20 }, { application: 'chiller', source: C(7) }, []],
    [{ evaporatingC: -4 }, { application: 'chiller', source: C(7), usualDifference: K(5) }, ['little-air']],
    [{ condensingC: 44 }, { application: 'water-source', sink: C(35) }, ['high-head']],
    // Weighed, not read.
    [{ subcoolingK: 1 }, { charge: q(0.9, 'kg') }, ['critical-charge']],
    [{ subcoolingK: 1 }, { charge: q(1.1, 'kg') }, ['short']],
    [{ subcoolingK: -1.1 }, {}, ['short', 'settling']],
  ] as const)('%j with %j points to %j', (machine, rest, expected) =>
    expect(pointers(machine, rest as Partial<ReadingsRequest>)).toEqual(expected),
  ); // cast: where the suction was read stands short

  test.each([
    ['a valve that feeds too much is not short of air', { evaporatingC: -8, superheatK: 1 }, { room: C(24) }, ['overfeed']],
    [
      'an orifice with too much charge and far under the room is short of air as well',
      { evaporatingC: -8, superheatK: 1, subcoolingK: 15 },
      { metering: 'fixed', room: C(24), indoorWetBulb: q(67, 'F'), outdoor: q(95, 'F') },
      ['too-much', 'little-air'],
    ],
    ['a capillary that is as it should be is not weighed', {}, { metering: 'capillary' }, []],
    ['a capillary has no superheat of its own to judge by', { superheatK: 30 }, { metering: 'capillary' }, []],
    [
      'an orifice whose plate names the superheat is not weighed for a small target',
      { superheatK: 7 },
      { metering: 'fixed', indoorWetBulb: q(60, 'F'), outdoor: q(105, 'F'), target: { superheat: K(7) } },
      [],
    ],
  ] as const)('%s', (_what, machine, rest, expected) => expect(pointers(machine, rest)).toEqual(expected));
});

describe('what is usual stands beside what was read', () => {
  const usual = (rest: Partial<ReadingsRequest>) => {
    const found = usualReadings(request({}, rest));
    return found.ok ? found.value : null;
  };
  test('evaporating from what is cooled, condensing from what is heated; nothing where neither was said', () => {
    expect(usual({ room: q(24, 'C'), outdoor: q(30, 'C') })).toMatchObject({
      ...{ evaporatingC: { min: -3, max: 19 }, condensingC: { min: 35, max: 50 }, evaporatingTargetC: null },
      ...{ superheatK: { min: 4, max: 12 }, subcoolingK: { min: 3, max: 10 } },
    });
    expect(usual({})).toMatchObject({ evaporatingC: null, condensingC: null });
  });
  test('a machine that heats cools the outdoors; a person’s own difference names a target', () => {
    expect(usual({ mode: 'heating', room: q(20, 'C'), outdoor: q(0, 'C') })).toMatchObject({ condensingC: { min: 25, max: 50 } });
    expect(usual({ room: q(24, 'C'), usualDifference: q(15, 'K') })?.evaporatingTargetC).toBe(9);
  });
});

test('the rule of the fixed orifice needs both temperatures; under 5 °F it names no target', () => {
  expect([fixedOrificeSuperheatK(null, 35), fixedOrificeSuperheatK(19, null)]).toEqual([null, null]);
  // (3 x 67 - 80 - 95) / 2 = 13 °F.
  expect((fixedOrificeSuperheatK((67 - 32) / 1.8, (95 - 32) / 1.8) ?? 0) * 1.8).toBeCloseTo(13, 9);
  const target = (outdoorF: number) => {
    const result = readings(request({}, { metering: 'fixed', indoorWetBulb: q(63, 'F'), outdoor: q(outdoorF, 'F') }));
    return result.ok ? result.value.targetSuperheatK : undefined;
  };
  // (189 - 80 - 98.8) / 2 = 5.1 °F; at 99.2 °F outdoors 4.9 °F.
  expect((target(98.8) ?? 0) * 1.8).toBeCloseTo(5.1, 6);
  expect(target(99.2)).toBeNull();
  const said = (wetBulbF: number, outdoorF: number) => {
    const result = readings(request({}, { metering: 'fixed', indoorWetBulb: q(wetBulbF, 'F'), outdoor: q(outdoorF, 'F') }));
    return result.ok ? [result.value.targetSuperheatK, result.value.pointers.filter((code) => code !== 'high-head')] : undefined;
  };
  // Outside 50..76 °F wet bulb or 55..115 °F outdoors it was never meant; (3 x 76 - 80 - 80) / 2 = 34 °F asks for air and load first.
  expect(said(77, 115)).toEqual([null, ['weigh']]);
  expect(said(49, 60)).toEqual([null, ['weigh', 'mild']]);
  expect(said(70, 54)).toEqual([null, ['weigh', 'mild']]);
  expect(said(70, 116)).toEqual([null, ['weigh']]);
  expect(said(76, 80)).toEqual([null, ['airflow-first']]);
});

test('above the critical point there is no saturation, and it says so', () => {
  const refused = { errors: [{ kind: 'refused', field: 'liquid.pressure', reason: 'above-critical-point' }] };
  const gas = { pressure: q(90, 'bara'), line: C(35) };
  expect(readings({ refrigerant: 'R-744', metering: 'valve', liquid: gas })).toMatchObject(refused);
});

test('what endangers the machine is a stop', () => {
  const found = readings(request({ superheatK: 0.5 }, { discharge: { line: C(120) } }));
  expect(found.ok && found.value.cautions.map(({ code, severity }) => [code, severity])).toEqual([
    ['floodback', 'stop'],
    ['hot-discharge', 'stop'],
  ]);
  // Of carbon dioxide only its maker's limit is known.
  const hot = readings({
    refrigerant: 'R-744',
    metering: 'valve',
    suction: { pressure: q(30, 'bara'), line: C(5) },
    discharge: { line: C(120) },
  });
  expect(hot.ok && hot.value.pointers).not.toContain('hot-discharge');
});

describe('what is not known points nowhere', () => {
  const one = (side: 'suction' | 'liquid', machine: Machine, rest: Partial<ReadingsRequest>) => {
    const { suction, liquid, ...both } = request(machine, rest);
    const result = readings({ ...both, ...(side === 'suction' ? { suction } : { liquid }) } as ReadingsRequest); // cast: one of them is there
    if (!result.ok) throw new Error(JSON.stringify(result.errors));
    return result.value.pointers;
  };
  test('a cold room and no suction read: the compressor is not blamed', () =>
    expect(one('liquid', { condensingC: 42 }, { room: C(4), outdoor: C(40) })).toEqual([]));
  test('a warm suction and no liquid read: nor is it then', () =>
    expect(one('suction', { evaporatingC: 20 }, { room: C(24), outdoor: C(30) })).toEqual([]));
  test('a valve has no target from the air', () => {
    const result = readings(request({}, { indoorWetBulb: C(19.4), outdoor: C(35) }));
    expect(result).toMatchObject({ ok: true, value: { targetSuperheatK: null } });
  });
  test('five degrees wet bulb are read', () =>
    expect(readings(request({}, { metering: 'fixed', indoorWetBulb: C(5), outdoor: C(35) })).ok).toBe(true));
});

describe('a capillary or an orifice that is off', () => {
  test.each([
    [
      'overfed through an orifice and far under the room',
      { evaporatingC: -8, superheatK: 1, subcoolingK: 6 },
      { metering: 'fixed', target: { superheat: K(12) }, room: C(24) },
      ['overfeed'],
    ],
    [
      'too much through a capillary, far under the room',
      { evaporatingC: -8, superheatK: 5, subcoolingK: 12 },
      { metering: 'capillary', target: { superheat: K(15) }, room: C(24) },
      ['critical-charge'],
    ],
    [
      'little air over a capillary whose readings are normal',
      { evaporatingC: -8, superheatK: 7, subcoolingK: 6 },
      { metering: 'capillary', target: { superheat: K(7) }, room: C(24) },
      ['little-air'],
    ],
    ['much subcooling behind a capillary without a target', { subcoolingK: 12 }, { metering: 'capillary' }, ['critical-charge']],
    ['little subcooling behind a capillary without a target', { subcoolingK: 1 }, { metering: 'capillary' }, ['critical-charge']],
    ['all as it should be', {}, { metering: 'capillary' }, []],
  ] as const)('%s', (_what, machine, rest, expected) => expect(pointers(machine, rest)).toEqual(expected));
});
