import type { FemaleRequest, MaleRequest, PlanRequest } from './request';
import { codes, planned, q, requestFor, stops } from '../testing/plans';

const torch = { fuel: 'air-acetylene', powerKw: 4 } as const;
const said = (female: Partial<FemaleRequest> = {}, rest: Partial<PlanRequest> = {}, male: Partial<MaleRequest> = {}) =>
  planned(requestFor(female, rest, male));
const values = (plan: ReturnType<typeof said>, code: string) => plan.cautions.find((c) => c.code === code)?.values;

describe('before the torch', () => {
  const before = (state: NonNullable<PlanRequest['circuit']>['state'], refrigerant = 'R-290', oil?: boolean) =>
    codes(said({}, { service: { refrigerant }, circuit: { ...(state ? { state } : {}), ...(oil === undefined ? {} : { oil }) } }));

  test('a circuit that is new holds nothing that burns, poisons or stands under pressure', () => {
    const found = before('new');
    for (const code of ['flammable', 'mechanical-first', 'process-tube', 'zero-and-open', 'acid-gas', 'oil-burns'])
      expect(found).not.toContain(code);
    expect(found).toContain('hot-work');
    expect(before('new', 'R-290', true)).toContain('oil-burns');
  });

  test('a charged one with what burns easily is cut, not melted, at its process tube', () => {
    expect(before('charged')).toEqual(expect.arrayContaining(['flammable', 'mechanical-first', 'process-tube']));
    expect(before('evacuated')).not.toContain('process-tube');
    expect(before('charged', 'R-410A')).not.toContain('process-tube');
    expect(stops(said({}, { circuit: { state: 'charged' } }))).toContain('zero-and-open');
    expect(stops(said({}, { circuit: { state: 'evacuated' } }))).not.toContain('zero-and-open');
    expect(before('evacuated', 'R-290', false)).not.toContain('oil-burns');
  });

  test('what the flame makes of it depends on chlorine; what burns says its name and class', () => {
    const acid = (refrigerant: string) => values(said({}, { service: { refrigerant }, circuit: { state: 'evacuated' } }), 'acid-gas');
    expect([acid('R-22'), acid('R-410A')]).toEqual([{ chlorine: 'yes' }, { chlorine: 'no' }]);
    expect(values(said({}, { service: { refrigerant: 'r290' }, circuit: { state: 'evacuated' } }), 'flammable')).toEqual({
      refrigerant: 'R-290',
      class: 'A3',
    });
    expect(values(said({}, { service: { safetyClass: 'A3' }, circuit: { state: 'evacuated' } }), 'flammable')).toEqual({
      refrigerant: '',
      class: 'A3',
    });
  });

  test('acid comes of halogens alone: not of ammonia, carbon dioxide, a hydrocarbon, nor an unlisted one of class A3', () => {
    const acid = (service: NonNullable<PlanRequest['service']>) => codes(said({}, { service })).includes('acid-gas');
    expect(['R-410A', 'R-22', 'R-32'].map((refrigerant) => acid({ refrigerant }))).toEqual([true, true, true]);
    expect(['R-744', 'R-290', 'R-600a'].map((refrigerant) => acid({ refrigerant }))).toEqual([false, false, false]);
    expect(acid({})).toBe(true);
    expect(acid({ refrigerant: 'R-1270', safetyClass: 'A3' })).toBe(false);
    expect(acid({ refrigerant: 'R-999', safetyClass: 'A1' })).toBe(true);
  });

  test('carbon dioxide suffocates without a smell and hides behind dry ice; a new circuit holds none', () => {
    const carbon = (state: 'recovered' | 'new') => codes(said({}, { service: { refrigerant: 'R-744' }, circuit: { state } }));
    expect(carbon('recovered')).toEqual(expect.arrayContaining(['asphyxiant', 'dry-ice']));
    expect(carbon('new')).not.toContain('asphyxiant');
    expect(before('recovered', 'R-410A')).not.toContain('asphyxiant');
  });

  test('oxygen, gas that is heavier than air, fume in a room', () => {
    const torch = (fuel: NonNullable<PlanRequest['torch']>['fuel'], rest: Partial<PlanRequest> = {}) =>
      codes(said({}, { torch: { fuel }, ...rest }));
    expect(torch('oxy-acetylene')).toContain('oxygen-oil');
    expect(torch('air-acetylene')).not.toContain('oxygen-oil');
    const below = { site: { belowGround: true } };
    expect(torch('air-propane', below)).toContain('heavy-gas');
    expect(torch('oxy-propylene', below)).toContain('heavy-gas');
    expect(torch('air-propane')).not.toContain('heavy-gas');
    expect(torch('air-acetylene', below)).not.toContain('heavy-gas');
    const brass = { metal: 'brass' } as const;
    const purge = { sections: [{ volume: q(1, 'L') }], outlet: { kind: 'open-tube' }, room: { volume: q(20, 'm3') } } as const;
    expect(codes(said(brass, { purge }))).toContain('flux-fume');
    expect(codes(said(brass))).not.toContain('flux-fume');
    expect(codes(said({}, { purge }))).not.toContain('flux-fume');
  });

  test('weather: frost under 5 °C, a screen in wind', () => {
    const at = (celsius: number) => codes(said({}, { ambient: q(celsius, 'C') })).includes('frost');
    expect([at(4.9), at(5)]).toEqual([true, false]);
    const wind = (wind: 'calm' | 'breezy' | 'windy') => said({}, { wind }).cautions.find(({ code }) => code === 'wind')?.severity;
    expect([wind('calm'), wind('breezy'), wind('windy')]).toEqual([undefined, 'note', 'warn']);
  });

  test('thin air weakens a flame that draws it in: at 0.8 of the pressure and 20 °C it gives 0.8; oxygen comes from its own cylinder', () => {
    const net = (fuel: 'air-acetylene' | 'oxy-acetylene', rest: Partial<PlanRequest>) =>
      said({}, { torch: { fuel, powerKw: 4 }, ...rest }).heat?.netPowerW ?? NaN;
    const thin = { atmosphere: q(81.06, 'kPa') };
    expect(net('air-acetylene', thin) / net('air-acetylene', {})).toBeCloseTo(0.8, 4);
    expect(net('oxy-acetylene', thin)).toBe(net('oxy-acetylene', {}));
    // Hot air is thinner too, 293 / 313; cold air is not counted on.
    expect(net('air-acetylene', { ambient: q(40, 'C') }) / net('air-acetylene', {})).toBeCloseTo(293.15 / 313.15, 4);
    expect(net('air-acetylene', { ambient: q(-20, 'C') })).toBe(net('air-acetylene', {}));
  });

  test('by position, and how parts near by have to stand', () => {
    const lying = (position: NonNullable<PlanRequest['joint']['position']>) => {
      const asked = requestFor({});
      return codes(planned({ ...asked, joint: { ...asked.joint, position } }));
    };
    expect(lying('up')).toContain('cup-down');
    expect(lying('down')).toContain('cup-up');
    expect(lying('horizontal').filter((code) => code.startsWith('cup-'))).toEqual([]);
    const near = (kind: 'solenoid' | 'drier', removed = false) =>
      values(said({}, { near: [{ kind, distance: q(60, 'mm'), ...(removed ? { protection: 'removed' as const } : {}) }] }), 'part-stands');
    expect(near('solenoid')).toMatchObject({ kind: 'solenoid' });
    expect(near('drier')).toBeUndefined();
  });

  test('the watch after the flame is an hour', () => expect(values(said(), 'hot-work')).toEqual({ minutes: 60 }));
});

describe('what stands in the way of every filler', () => {
  test('has one stop of its own name, and no second one that says no more', () => {
    expect(stops(said({ history: 'soft-soldered' }))).toEqual(['soft-solder']);
    expect(stops(said({ metal: 'galvanised-steel' }))).toEqual(['galvanised']);
    expect(stops(said({ metal: 'aluminium-bronze' }, { stock: [{ designation: 'BCuP-5' }] }))).toEqual(['no-filler']);
    const ammonia = said({ metal: 'carbon-steel' }, { service: { refrigerant: 'R-717' } }, { metal: 'carbon-steel' });
    expect(stops(ammonia)).toEqual(['weld-instead']);
  });

  test('phosphorus on steel stops it as it is, and is warned of once it is ground', () => {
    const steel = (removed?: 'ground-off') =>
      said({ metal: 'carbon-steel', history: { state: 'brazed', filler: 'BCuP-5', ...(removed ? { removed } : {}) } });
    expect(stops(steel())).toEqual(['phosphorus-residue']);
    expect(steel('ground-off').cautions.find((c) => c.code === 'phosphorus-residue')?.severity).toBe('warn');
  });

  test('aluminium on copper is named with any filler, and told apart from aluminium on steel', () => {
    expect(codes(said({}, { stock: [{ designation: 'Zn-2Al' }] }, { metal: 'aluminium' }))).toContain('al-cu-eutectic');
    expect(codes(said({ metal: 'carbon-steel' }, {}, { metal: 'aluminium' }))).not.toContain('al-cu-eutectic');
    const both = codes(said({}, { stock: [{ designation: 'BAlSi-4' }] }, { metal: 'aluminium' }));
    expect(both.filter((code) => code === 'al-cu-eutectic')).toHaveLength(1);
  });

  test('an old filler nobody knows is said on copper that still carries it', () => {
    expect(codes(said({}, {}, { history: 'brazed' }))).toContain('old-unknown');
    // Grinding leaves it in the pores, and is how it is breathed.
    expect(codes(said({}, {}, { history: { state: 'brazed', removed: 'ground-off' } }))).toContain('old-unknown');
    expect(codes(said({}, {}, { history: { state: 'brazed', removed: 'cut-off' } }))).not.toContain('old-unknown');
    expect(codes(said({}, {}, { history: { state: 'brazed', filler: 'BAg-7' } }))).not.toContain('old-unknown');
  });
});

describe('the fit', () => {
  test('a shallow cup says how deep it is and how deep it should be', () => {
    expect(values(said({ cupDepth: q(2, 'mm') }), 'shallow-cup')).toMatchObject({
      depthM: expect.closeTo(0.002, 9) as number,
      leastM: expect.any(Number) as number,
    });
    // A swaged end goes in its own diameter, ten millimetres at most.
    const swage = (od: number, depth: number) =>
      values(
        said(
          { form: 'swaged-socket', bore: q(od + 0.1, 'mm'), cupDepth: q(depth, 'mm'), wall: q(0.8, 'mm') },
          {},
          { od: q(od, 'mm'), wall: q(0.8, 'mm') },
        ),
        'shallow-swage',
      );
    expect(swage(22, 9)).toEqual({ depthM: expect.closeTo(0.009, 9) as number, leastM: 0.01 });
    expect(swage(22, 10.1)).toBeUndefined();
    expect(swage(6, 5)).toEqual({ depthM: expect.closeTo(0.005, 9) as number, leastM: expect.closeTo(0.006, 9) as number });
    expect(swage(6, 6.5)).toBeUndefined();
  });

  test('a cup over three diameters deep is asked about', () => {
    expect(values(said({ cupDepth: q(70, 'mm') }), 'check-depth')).toEqual({ depthM: expect.closeTo(0.07, 9) as number });
    expect(codes(said({ cupDepth: q(60, 'mm') }))).not.toContain('check-depth');
  });

  test('tight for flux is said of a good gap with flux alone', () => {
    // Good is 0.025 mm a side and more; under 0.05 mm flux gets out of the way of no filler easily.
    const tight = (gapMm: number, choose: string) =>
      codes(said({ bore: q(22.225 + 2 * gapMm, 'mm') }, { choose })).includes('tight-for-flux');
    expect([tight(0.02, 'BAg-36'), tight(0.04, 'BAg-36'), tight(0.06, 'BAg-36'), tight(0.04, 'BCuP-5')]).toEqual([
      false,
      true,
      false,
      false,
    ]);
  });
});

describe('strength', () => {
  test('copper-iron needs its maker’s rating, and that is said instead of “not known”; so it does where nothing else is known', () => {
    for (const plan of [said({}, {}, { metal: 'copper-iron' }), said({ metal: 'copper-iron' }, {}, { metal: 'brass' })]) {
      expect(codes(plan)).toContain('rating-needed');
      expect(codes(plan)).not.toContain('strength-unknown');
    }
  });

  test('carbon dioxide without a rating is a stop of its own', () => {
    const plan = said({}, { service: { refrigerant: 'R-744', maxTemp: q(66, 'C') } });
    expect(stops(plan)).toContain('carbon-dioxide');
    expect(codes(plan)).not.toContain('strength-unknown');
  });

  test('a test above what the joint bears says both figures', () => {
    const purge = {
      sections: [{ bore: q(20, 'mm'), length: q(5, 'm') }],
      outlet: { kind: 'port-core-out' },
      testPressure: q(80, 'barg'),
    } as const;
    expect(values(said({}, { purge }), 'test-too-high')).toMatchObject({
      testPa: 8e6,
      basis: 'asme',
      allowablePa: expect.any(Number) as number,
    });
  });
});

describe('torch and flux', () => {
  test('a tip that draws too much of its cylinder says how much it may', () => {
    // 6 kW of acetylene at 53.5 MJ/m3 is 0.404 m3/h; a tenth of 1 m3 is 0.1.
    const draw = values(said({}, { torch: { fuel: 'air-acetylene', powerKw: 6, cylinder: q(1, 'm3') } }), 'acetylene-draw');
    expect(draw).toEqual({ m3PerH: expect.closeTo(0.404, 3) as number, mostM3PerH: expect.closeTo(0.1, 9) as number });
    expect(codes(said({}, { torch: { fuel: 'oxy-propane', powerKw: 6, cylinder: q(1, 'm3') } }))).not.toContain('acetylene-draw');
    expect(codes(said({}, { torch: { fuel: 'air-acetylene', cylinder: q(0.1, 'm3') } }))).not.toContain('acetylene-draw');
  });

  test('a wrap in the way is named as what keeps the heat', () => {
    const near = [{ kind: 'valve', distance: q(14, 'mm'), protection: { kind: 'wet-cloth', from: q(12, 'mm') } }] as const;
    const plan = said({}, { torch: { fuel: 'air-acetylene', powerKw: 2.4 }, near });
    expect(values(plan, 'cannot-reach')).toMatchObject({ fuel: 'air-acetylene', wrap: 'yes' });
    expect(values(said({}, { torch: { fuel: 'air-propane', powerKw: 0.4 } }), 'cannot-reach')).toMatchObject({
      fuel: 'air-propane',
      wrap: 'no',
    });
  });

  test('place and access are said where there is something to braze', () => {
    const joint = (female: Partial<FemaleRequest>) => {
      const request = requestFor(female, { torch });
      return codes(planned({ ...request, joint: { ...request.joint, access: 'tight', position: 'overhead' } }));
    };
    expect(joint({})).toEqual(expect.arrayContaining(['small-flame', 'overhead']));
    const none = joint({ history: 'soft-soldered' });
    expect(none.includes('small-flame') || none.includes('overhead')).toBe(false);
  });

  test('flux inside washes off but for aluminium’s own; silver and brass smoke zinc', () => {
    expect(values(said({ metal: 'brass' }), 'flux-inside')).toEqual({ washes: 'yes', backM: 0.003 });
    const aluminium = said({ metal: 'aluminium' }, { stock: [{ designation: 'BAlSi-4' }] }, { metal: 'aluminium' });
    expect(values(aluminium, 'flux-inside')).toEqual({ washes: 'no', backM: 0.003 });
    expect(codes(said({ metal: 'brass' }, { choose: 'BCuP-5' }))).toContain('zinc-fume');
    expect(codes(said({}, { choose: 'BCuP-5' }))).not.toContain('zinc-fume');
    expect(codes(said({ metal: 'brass', history: 'soft-soldered' }))).not.toContain('zinc-fume');
  });
});

describe('parts near by', () => {
  const near = (rest: NonNullable<PlanRequest['near']>[number]) => said({}, { torch, near: [rest] });

  test('a detector is a head like a sprinkler; other things that are shielded are none', () => {
    expect(stops(near({ kind: 'detector', distance: q(1, 'm') }))).toContain('sprinkler-near');
    expect(codes(near({ kind: 'wood', distance: q(0.3, 'm') }))).not.toContain('sprinkler-near');
  });

  test('what is taken off can no longer burn', () => {
    expect(codes(near({ kind: 'insulation', distance: q(0.3, 'm') }))).toContain('combustible-near');
    expect(codes(near({ kind: 'insulation', distance: q(0.3, 'm'), protection: 'removed' }))).not.toContain('combustible-near');
    expect(codes(near({ kind: 'valve', distance: q(0.3, 'm') }))).not.toContain('combustible-near');
  });

  test('a placed wrap that covers its part misses nothing, at its edges neither', () => {
    const misses = (from: number, to: number) =>
      codes(near({ kind: 'valve', distance: q(60, 'mm'), protection: { kind: 'putty', from: q(from, 'mm'), to: q(to, 'mm') } })).includes(
        'wrap-misses',
      );
    expect([misses(60, 90), misses(40, 60), misses(61, 90), misses(40, 59)]).toEqual([false, false, true, true]);
  });

  test('water is spoken of where it keeps the part cool', () => {
    const cool = near({ kind: 'valve', distance: q(140, 'mm'), protection: 'wet-cloth' });
    expect(cool.protection[0]?.verdict).toBe('ok');
    expect(values(cool, 'part-water')).toMatchObject({ kind: 'valve', limitC: 120, untilS: expect.any(Number) as number });
    const hot = near({ kind: 'valve', distance: q(20, 'mm'), protection: 'putty' });
    expect(hot.protection[0]?.verdict).toBe('too-hot');
    expect(codes(hot)).not.toContain('part-water');
    expect(codes(near({ kind: 'valve', distance: q(900, 'mm') }))).not.toContain('part-water');
  });
});
