import type { CircuitGraph } from '../circuit/graph';
import { ring } from '../testing/rings';
import { planHold, type HoldPlan, type HoldPlanRequest } from '.';

const q = (value: number, unit: string) => ({ value, unit });
const shut = { closes: true, open: false } as const;

/** Compressor, condenser, liquid valve, drier, expansion valve, evaporator, suction valve, with a port on the liquid line. */
const split = (parts: Parameters<typeof ring>[1] = {}): CircuitGraph =>
  ring('comp cond king drier exp evap suction', { more: ['drier>port'], ...parts });

const asked = (plan: Partial<HoldPlanRequest['plan']>, rest: Partial<HoldPlanRequest> = {}): HoldPlanRequest => ({
  plan: {
    ...{ circuit: split(), section: ['drier', 'port', 'exp', 'evap'], at: 'port', refrigerant: 'R-410A', ambient: q(20, 'C') },
    ...{ gauge: { resolution: q(1, 'kPa'), range: q(100, 'bar') }, plate: { lowSide: q(20, 'barg'), highSide: q(31, 'barg') }, ...plan },
  },
  ...rest,
});
const planned = (...given: Parameters<typeof asked>): HoldPlan => {
  const result = planHold(asked(...given));
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};
const kpag = (pa: number) => Math.round(pa / 100) / 10;

describe('what caps it', () => {
  test('low-side parts behind an expansion valve: the plate’s low side, and the valves to shut', () => {
    const found = planned({});
    expect(found.cappedBy).toEqual({ kind: 'plate-low', gaugePa: 2e6 });
    expect(kpag(found.testGaugePa)).toBe(2000);
    expect([...found.reach.shut].sort()).toEqual(['king', 'suction']);
    expect(found.reach.reached).not.toContain('comp');
  });

  test('between valves that close, with no low side reached: the plate’s high side, and it says so', () => {
    const circuit = ring('comp cond king drier valve exp evap suction', { more: ['drier>port'], parts: { valve: { closes: true } } });
    const found = planned({ circuit, section: ['drier', 'port'] });
    expect(found.cappedBy).toEqual({ kind: 'plate-high', gaugePa: 3.1e6 });
    expect(found.cautions.map(({ code }) => code)).toContain('high-side-alone');
  });

  test.each(['solenoid', 'check-valve', 'expansion-valve'] as const)('a %s that stands shut and closes parts nothing', (kind) => {
    const circuit = ring('comp cond king drier valve exp evap suction', { more: ['drier>port'], parts: { valve: { ...shut, kind } } });
    const found = planned({ circuit, section: ['drier', 'port'] });
    expect(found.cappedBy.kind).toBe('plate-low');
    expect(found.reach.reached).toContain('evap');
  });

  test('a hand valve that was not seen to close parts nothing', () =>
    expect(planned({ circuit: split({ parts: { king: { closes: false } } }) }).reach.reached).toContain('comp'));

  test('a compressor’s shell counts as low, but a rotary one that its maker gave a limit', () => {
    const circuit = (limits = {}) => ring('comp cond king exp evap suction', { more: ['cond>port'], parts: { comp: limits } });
    const section = ['comp', 'cond', 'port'];
    expect(planned({ circuit: circuit(), section, compressorKind: 'scroll' }).cappedBy.kind).toBe('plate-low');
    const typed = circuit({ limits: { pressure: q(40, 'barg') } });
    expect(planned({ circuit: typed, section, compressorKind: 'scroll' }).cappedBy.kind).toBe('plate-low');
    expect(planned({ circuit: typed, section, compressorKind: 'rotary' }).cappedBy).toEqual({ kind: 'plate-high', gaugePa: 3.1e6 });
  });

  test('on a reversible machine only what lies between reversing valve and compressor is low', () => {
    const circuit = ring('comp rev cond king exp evap suction rev acc', { more: ['cond>port'] });
    expect(planned({ circuit, section: ['cond', 'king', 'exp', 'evap', 'port'] }).reach.isLowReached).toBe(true); // through the open coil side
    const cut = ring('comp rev valve cond king exp evap suction rev acc', { more: ['cond>port'], parts: { valve: { closes: true } } });
    expect(planned({ circuit: cut, section: ['cond', 'king', 'exp', 'evap', 'port'] }).cappedBy.kind).toBe('plate-high');
  });

  test('a relief valve at nine tenths of its setting, better off and plugged', () => {
    const circuit = split({ more: ['drier>port', 'drier>relief'], parts: { relief: { limits: { relief: q(15, 'barg') } } } });
    const found = planned({ circuit, section: ['drier', 'port', 'exp', 'evap', 'relief'] });
    expect(found.cappedBy).toMatchObject({ part: 'relief', kind: 'relief' });
    expect(kpag(found.cappedBy.gaugePa)).toBe(1350);
    expect(found.takeOff).toEqual(['relief']);
  });

  test('a switch nobody typed a limit for is named, and counts as the plate’s low side', () => {
    const circuit = split({ more: ['drier>port', 'drier>dual'] });
    const found = planned({ circuit });
    expect(found.unknown).toEqual(['dual']);
    expect(found.limits).toContainEqual({ part: 'dual', kind: 'plate-low', gaugePa: 2e6 });
    expect(found.cautions).toContainEqual(expect.objectContaining({ code: 'limit-unknown', values: { parts: 'dual' } }));
  });

  test('three quarters of the gauge’s range', () =>
    expect(planned({ gauge: { resolution: q(1, 'kPa'), range: q(20, 'bar') } }).cappedBy).toEqual({ kind: 'gauge', gaugePa: 1.5e6 }));

  test('a wide thin tube, by ASME B31.5 at ambient', () => {
    // 2 x 41.37 MPa x (1.778 - 0.178) mm / (54.1 - 0.8 x 1.6) mm = 2.5 MPa or a little less.
    const base = split();
    const links = base.links.map((l) => (l.from === 'exp' ? { ...l, tube: { od: q(2.125, 'in'), wall: q(0.07, 'in') } } : l));
    const found = planned({ circuit: { ...base, links }, plate: { lowSide: q(40, 'barg'), highSide: q(40, 'barg') } });
    expect(found.cappedBy).toMatchObject({ part: 'exp>evap', kind: 'tube' });
    expect(found.cappedBy.gaugePa / 1e6).toBeCloseTo(2.5, 0);
  });

  test('nothing left to hold with: it is split', () =>
    expect(planned({ plate: { lowSide: q(3, 'barg'), highSide: q(3, 'barg') } }).cautions[0]).toMatchObject({
      code: 'hold-too-low',
      severity: 'stop',
    }));
});

describe('a strength test', () => {
  const piping = (parts: object = {}) =>
    ring('comp cond king drier valve exp evap suction', { more: ['drier>port'], parts: { valve: { closes: true }, ...parts } });
  const strength = (parts?: object, plan: object = {}) => planned({ circuit: piping(parts), section: ['drier', 'port'], ...plan }).strength;

  test('not where a part was made elsewhere and its maker’s test pressure is not typed', () =>
    expect(strength()).toEqual({ may: false, parts: ['drier'] }));

  // 1.1 x 31 barg are 34.1 barg.
  test('1.1 of design on gas, and never above what a maker tested', () => {
    expect(strength({ drier: { limits: { test: q(46, 'barg') } } })).toMatchObject({ may: true, gaugePa: expect.closeTo(34.1e5, 0) });
    expect(strength({ drier: { limits: { test: q(33, 'barg') } } })).toMatchObject({
      may: true,
      gaugePa: 33e5,
      cappedBy: { part: 'drier' },
    });
  });

  test('nor above what the rig bears: a gauge at three quarters of its range leaves none', () =>
    expect(strength({ drier: { limits: { test: q(46, 'barg') } } }, { gauge: { resolution: q(1, 'kPa'), range: q(40, 'bar') } })).toEqual({
      may: false,
      parts: [],
    }));

  test('a relief valve that is still on bars it', () => {
    const circuit = ring('comp cond king valve exp evap suction', {
      more: ['king>port', 'valve>relief', 'king>relief'],
      parts: { valve: { closes: true } },
    });
    expect(planned({ circuit, section: ['port', 'relief'], at: 'relief' }).strength).toMatchObject({ may: false, parts: ['relief'] });
  });
});

describe('the pressure', () => {
  test('what comes to the cap at the warmest hour: 31 barg at 45 °C are 26.7 barg at 5 °C', () => {
    const circuit = ring('comp cond king drier valve exp evap suction', { more: ['drier>port'], parts: { valve: { closes: true } } });
    const found = planned({ circuit, section: ['drier', 'port'], ambient: q(5, 'C'), hottest: q(45, 'C') });
    expect(found.fillGaugePa / 1e5).toBeCloseTo(26.7, 1);
  });

  // REFERENCE: R-410A 18.9 bar g at 32 °C, rounded down.
  test('without a plate: the refrigerant’s usual design pressures, rounded down to half a bar', () => {
    const { plate: _, ...plan } = asked({}).plan;
    const result = planHold({ plan });
    expect(result).toMatchObject({ ok: true, value: { cappedBy: { kind: 'plate-low', gaugePa: 18.5e5 } } });
  });

  test('low and long: never above 10 barg', () => expect(planned({ practice: 'low-and-long' }).testGaugePa).toBe(1e6));

  test('steps: 345, 1 035, then by no more than a quarter', () => {
    const steps = planned({ hottest: q(20, 'C') }).stepsGaugePa.map(kpag);
    expect(steps.slice(0, 2)).toEqual([345, 1035]);
    expect(steps.at(-1)).toBe(2000);
    steps.slice(2).forEach((kpa, i) => expect(kpa - (steps[i + 1] ?? 0)).toBeLessThanOrEqual(500.1));
    expect(planned({ practice: 'low-and-long', hottest: q(20, 'C') }).stepsGaugePa.map(kpag)).toEqual([345, 1000]);
  });

  // REFERENCE 11.4: 20 L at 31 bar g store 100.4 kJ: 7.2 m.
  test('what it stores, and how far to stand off', () => {
    const found = planned({ plate: { lowSide: q(31, 'barg'), highSide: q(31, 'barg') }, hottest: q(20, 'C'), volume: q(20, 'L') });
    expect((found.storedEnergyJ ?? 0) / 1000).toBeCloseTo(100.4, 0);
    expect(found.distanceM).toBeCloseTo(7.2, 1);
    expect(planned({ volume: q(0.5, 'L') }).distanceM).toBeNull();
  });

  test('gas to let in, and a cylinder that ends under the hold’s pressure', () => {
    // 20 L to 20 barg: 20 x 20 bar over 1.013 bar, and 0.4 % for Z.
    const given = { volume: q(20, 'L'), hottest: q(20, 'C') };
    expect((planned(given).nitrogenM3 ?? 0) * 1000).toBeCloseTo(396, -1);
    const small = planned({ ...given, cylinder: { waterVolume: q(5, 'L'), pressure: q(60, 'barg') } });
    expect(small.cautions.map(({ code }) => code)).toContain('cylinder-short');
  });
});

describe('where it gets', () => {
  test('behind a solenoid that stands shut nothing is tested: it is opened first', () => {
    const circuit = ring('comp cond king drier sol exp evap suction', { more: ['drier>port'], parts: { sol: { open: false } } });
    const found = planned({ circuit, section: ['drier', 'port', 'sol', 'exp', 'evap'] });
    expect(found.reach.untested).toEqual(expect.arrayContaining(['exp', 'evap']));
    expect(found.reach.openFirst).toEqual(['sol']);
  });

  test('filled on its discharge alone, a compressor would be turned backwards', () => {
    const circuit = ring('comp cond king exp evap suction', { more: ['cond>port'] });
    const found = planned({ circuit, section: ['comp', 'cond', 'port'] });
    expect(found.reach.equalise).toEqual([['suction', 'cond']]);
  });
});

test.each([
  ['an unknown part', { section: ['nothing'] }, {}, 'plan.section[0]'],
  ['an inlet that is none', { at: 'nothing' }, {}, 'plan.at'],
  ['a bare pressure on the plate', { plate: { lowSide: q(20, 'bar'), highSide: q(31, 'barg') } }, {}, 'plan.plate.lowSide'],
  ['a low side above the high one', { plate: { lowSide: q(32, 'barg'), highSide: q(31, 'barg') } }, {}, 'plan.plate.lowSide'],
  ['cooler at its warmest', { hottest: q(10, 'C') }, {}, 'plan.hottest'],
  ['a hold above 16 MPa', { plate: { lowSide: q(170, 'barg'), highSide: q(170, 'barg') } }, {}, 'plan.plate.lowSide'],
  ['oxygen', {}, { gas: 'oxygen' }, 'gas'],
])('%s is refused by its field', (_what, plan, rest, field) => {
  const result = planHold(asked(plan, rest));
  expect(result.ok ? [] : result.errors.map((e) => ('field' in e ? e.field : ''))).toContain(field);
});

test('carbon dioxide’s high side rises by its own steps', () => {
  const circuit = ring('comp cond king drier valve exp evap suction', { more: ['drier>port'], parts: { valve: { closes: true } } });
  const plate = { lowSide: q(60, 'barg'), highSide: q(120, 'barg') };
  const found = planned({
    circuit,
    section: ['drier', 'port'],
    refrigerant: 'R-744',
    plate,
    hottest: q(20, 'C'),
    gauge: { resolution: q(10, 'kPa') },
  });
  expect(found.stepsGaugePa.map(kpag)).toEqual([345, 1035, 2500, 5000, 7500, 12_000]);
});
