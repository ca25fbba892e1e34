import { planJoint } from '../plan/planJoint';
import { planned, q, requestFor } from '../testing/plans';
import { PART_LIMITS } from './limits';
import { measuresFor, type Wrap } from './measures';
import { heatedEdgeM, usualWet, type NearPart } from './nearPart';
import { bodiesWithin, planProtection, protectionModel, wrapEdges } from './planProtection';
import type { NearRequest } from './request';

const torch = { fuel: 'air-acetylene', powerKw: 4 } as const;
const part = (rest: Partial<NearRequest> = {}): NearRequest => ({ kind: 'valve', distance: q(60, 'mm'), ...rest });
const plan = (near: readonly NearRequest[], female: Parameters<typeof requestFor>[0] = {}) => planned(requestFor(female, { torch, near }));
const read = (rest: Partial<NearRequest>): NearPart | undefined => plan([part(rest)]).protection[0]?.part;
const refused = (rest: Partial<NearRequest>) => {
  const result = planJoint(requestFor({}, { torch, near: [part(rest)] }));
  return result.ok ? [] : result.errors.map(({ field, kind }) => [field, kind]);
};
/** A branch of 7/8 in on a run of 1-1/8 in. */
const SADDLE = { form: 'saddle', cupDepth: q(5, 'mm'), run: { od: q(28.575, 'mm'), wall: q(1.27, 'mm') } } as const;

describe('where the heat begins', () => {
  test('half a diameter beyond the mouth, of the run half of its own', () => {
    const { joint } = plan([], SADDLE);
    expect(heatedEdgeM(joint, 'male') * 1000).toBeCloseTo(22.225 / 2, 6);
    expect(heatedEdgeM(joint, 'run') * 1000).toBeCloseTo(28.575 / 2, 6);
    expect(heatedEdgeM(plan([]).joint, 'run') * 1000).toBeCloseTo(22.225 / 2, 6);
  });

  test('along the run it is the run’s own tube that carries it', () => {
    const { joint, heat, ambientC } = plan([], SADDLE);
    if (!heat) throw new Error('this joint is heated');
    const area = (along: NearPart['along']) =>
      protectionModel({ joint, heat, ambientC, holdS: 10 }, { along, distanceM: 0.06, massKg: null }, null).areaM2 * 1e6;
    // pi (D - t) t, in mm2: the branch 22.225 x 1.143, the run 28.575 x 1.27.
    expect(area('male')).toBeCloseTo(75.7, 1);
    expect(area('run')).toBeCloseTo(108.9, 1);
  });

  test('bodies nearer than that are heated with the joint, others are not', () => {
    const { joint } = plan([]);
    const near = (mm: number, rest: Partial<NearRequest> = {}) =>
      plan([part({ distance: q(mm, 'mm'), ...rest })]).protection.map((p) => p.part);
    expect(bodiesWithin(near(5), joint)).toBeCloseTo(0.2, 9); // a valve's usual body
    expect(bodiesWithin(near(5, { mass: q(0.7, 'kg') }), joint)).toBeCloseTo(0.7, 9);
    expect(bodiesWithin(near(12), joint)).toBe(0);
    expect(bodiesWithin(near(5, { kind: 'port' }), joint)).toBe(0);
  });

  test('a body in the flame takes heat: 0.38 kJ a kilogram and kelvin', () => {
    const energy = (near: readonly NearRequest[]) => planned(requestFor({}, { torch, near, choose: 'BCuP-5' })).heat;
    const [bare, held] = [energy([]), energy([part({ distance: q(5, 'mm'), mass: q(0.1, 'kg') })])];
    // What it stores itself, at 0.25 of 4 kW; what runs off meanwhile comes on top.
    const stored = 0.1 * 380 * ((bare?.middleC ?? 0) - 20);
    expect((held?.energyJ ?? 0) - (bare?.energyJ ?? 0)).toBeGreaterThan(stored);
    expect((held?.energyJ ?? 0) - (bare?.energyJ ?? 0)).toBeLessThan(1.6 * stored);
  });
});

describe('a wrap', () => {
  test('lies as it usually does: round its part, clear of what is heated', () => {
    const mm = ({ fromM, toM, waterKg }: ReturnType<typeof usualWet>) =>
      [fromM * 1000, toM * 1000, waterKg].map((x) => Number(x.toFixed(3)));
    expect(mm(usualWet('wet-cloth', 0.1, 0.011))).toEqual([75, 175, 0.2]);
    expect(mm(usualWet('putty', 0.1, 0.011))).toEqual([75, 135, 0.07]);
    expect(mm(usualWet('paste', 0.1, 0.011))).toEqual([75, 135, 0.07]);
    expect(mm(usualWet('wet-cloth', 0.03, 0.011))).toEqual([36, 136, 0.2]);
    expect(usualWet('putty', 0.1, 0.011).store).toBe('cells');
  });

  test('whose one edge is said is placed, the other edge as usual', () => {
    const wrap = (rest: object) => read({ protection: { kind: 'putty', ...rest } })?.protection;
    expect(wrap({})).toMatchObject({ placed: false });
    expect(wrap({ from: q(40, 'mm') })).toMatchObject({ placed: true, wet: { fromM: 0.04, toM: expect.closeTo(0.0961, 3) as number } });
    expect(wrap({ to: q(120, 'mm') })).toMatchObject({ placed: true, wet: { fromM: expect.closeTo(0.0361, 3) as number, toM: 0.12 } });
    expect(wrap({ water: q(90, 'g') })).toMatchObject({ placed: false, wet: { waterKg: 0.09, store: 'cells' } });
  });

  test('of none, or of what is taken off, holds no water', () => {
    expect(read({})?.protection).toEqual({ kind: 'none', wet: null, placed: false });
    expect(read({ kind: 'coil', protection: 'removed' })?.protection).toEqual({ kind: 'removed', wet: null, placed: false });
  });

  test.each<[string, Partial<NearRequest>, string]>([
    ['before the joint', { protection: { kind: 'putty', from: q(-5, 'mm') } }, 'near[0].protection.from'],
    ['that ends where it begins', { protection: { kind: 'putty', from: q(40, 'mm'), to: q(41, 'mm') } }, 'near[0].protection.to'],
    ['with a bath of water', { protection: { kind: 'putty', water: q(21, 'kg') } }, 'near[0].protection.water'],
  ])('%s is refused by its field', (_what, rest, field) => expect(refused(rest)).toEqual([[field, 'out-of-range']]));

  test('edges are counted from the heat, the nearest of a side, nought where it lies in the heat', () => {
    const wrapped = (mm: number, along: NearRequest['along'] = 'male') =>
      part({ along, protection: { kind: 'putty', from: q(mm, 'mm'), to: q(150, 'mm') } });
    const edges = (near: readonly NearRequest[]) => {
      const found = plan(near);
      return wrapEdges(
        found.protection.map((p) => p.part),
        found.joint,
      );
    };
    expect(edges([])).toEqual({ male: null, female: null, run: null });
    expect(edges([wrapped(60), wrapped(41.1125)])).toMatchObject({ male: expect.closeTo(0.03, 6) as number, female: null });
    expect(edges([wrapped(61.1125, 'female')])).toMatchObject({ male: null, female: expect.closeTo(0.05, 6) as number });
    expect(edges([wrapped(5)])).toMatchObject({ male: 0 });
  });
});

describe('a part as it is read', () => {
  test('takes limit and mass from the table where nobody says them, and says so', () => {
    expect(read({})).toMatchObject({ limitC: 120, limitAssumed: true, massKg: 0.2, massAssumed: true, heightM: 2, along: 'male' });
    expect(read({ limit: q(90, 'C'), mass: q(1, 'kg'), height: q(1, 'm') })).toMatchObject({
      limitC: 90,
      limitAssumed: false,
      massKg: 1,
      massAssumed: false,
      heightM: 1,
    });
    expect(read({ kind: 'port' })).toMatchObject({ massKg: null, massAssumed: false });
    expect(read({ limit: q(20, 'C') })?.limitC).toBe(20);
  });

  test.each<[Partial<NearRequest>, string]>([
    [{ height: q(16, 'm') }, 'near[0].height'],
    [{ mass: q(200, 'kg') }, 'near[0].mass'],
    [{ distance: q(16, 'm') }, 'near[0].distance'],
    [{ limit: q(700, 'C') }, 'near[0].limit'],
  ])('%j is out of range', (rest, field) => expect(refused(rest)).toEqual([[field, 'out-of-range']]));

  test('wiring and grommets are beside the tube: tied away, and no stop that nobody can clear', () => {
    const { protection, cautions } = plan([
      part({ kind: 'wiring', distance: q(50, 'mm') }),
      part({ kind: 'grommet', distance: q(50, 'mm') }),
    ]);
    expect(protection.map(({ verdict, peakC, measures }) => [verdict, peakC, measures])).toEqual([
      ['off-tube', null, ['tie-away']],
      ['off-tube', null, ['tie-away', 'shield']],
    ]);
    expect(cautions.map(({ code }) => code)).not.toContain('part-too-hot');
  });

  test('a joint within 40 mm is made in one heat, never wrapped beyond itself', () => {
    const near = (mm: number) => plan([part({ kind: 'brazed-joint', filler: 'BCuP-2', distance: q(mm, 'mm') })]).protection[0]?.measures;
    expect(near(40)).toEqual(['one-heat']);
    expect(near(41)).not.toContain('one-heat');
  });

  test('insulation that is pulled back is judged where its edge is then', () => {
    const at = (protection: 'none' | 'removed') => plan([part({ kind: 'insulation', distance: q(60, 'mm'), protection })]).protection[0];
    // Beyond 300 mm heat no longer chooses the filler, as where it is pulled back.
    const far = plan([part({ kind: 'insulation', distance: q(301, 'mm') })]).protection[0];
    expect(at('none')?.verdict).toBe('too-hot');
    expect(Math.abs((at('removed')?.peakC ?? NaN) - (far?.peakC ?? NaN))).toBeLessThan(1);
  });

  test('a usual wrap that would begin beyond its part says so', () => {
    const codesAt = (mm: number) =>
      plan([part({ kind: 'valve', distance: q(mm, 'mm'), protection: 'putty' })]).cautions.map(({ code }) => code);
    expect(codesAt(10)).toContain('wrap-misses');
    expect(codesAt(80)).not.toContain('wrap-misses');
  });

  test('without a limit nothing is judged; off the tube nothing is worked out', () => {
    expect(plan([part({ kind: 'tube' })]).protection[0]).toMatchObject({ verdict: 'no-limit', measures: ['none'] });
    expect(plan([part({ kind: 'wood' })]).protection[0]).toMatchObject({ verdict: 'off-tube', peakC: null, wetUntilS: 0 });
  });
});

describe('what is done about a part', () => {
  const done = (
    kind: NearPart['kind'],
    distanceM: number,
    { school = 'putty', fits = [], hot = true }: { school?: Parameters<typeof measuresFor>[1]; fits?: readonly Wrap[]; hot?: boolean } = {},
  ) => {
    const near: NearPart = {
      kind,
      distanceM,
      along: 'male',
      heightM: 2,
      limitC: PART_LIMITS[kind].limitC,
      limitAssumed: true,
      massKg: null,
      massAssumed: false,
      protection: { kind: 'none', wet: null, placed: false },
    };
    return measuresFor(near, school, { fits: (wrap) => fits.includes(wrap), hot });
  };

  test('a valve within 150 mm is wrapped by the first that is enough, the shop’s own first', () => {
    expect(done('valve', 0.15, { fits: ['putty', 'wet-cloth'] })).toEqual(['putty']);
    expect(done('valve', 0.15, { fits: ['wet-cloth'] })).toEqual(['wet-cloth']);
    expect(done('valve', 0.15, { school: 'wet-cloth', fits: ['putty'] })).toEqual(['putty']);
    expect(done('valve', 0.15, { school: 'paste', fits: ['paste', 'putty'] })).toEqual(['paste']);
    expect(done('valve', 0.15, { school: 'paste', fits: ['wet-cloth'] })).toEqual(['wet-cloth']);
  });

  test('where none is enough the shop’s own is put on, and the flame kept away', () => {
    expect(done('valve', 0.1, { school: 'paste' })).toEqual(['paste', 'distance']);
    expect(done('valve', 0.1, { school: 'wet-cloth' })).toEqual(['wet-cloth', 'distance']);
    expect(done('valve', 0.1, { hot: false })).toEqual(['putty']);
  });

  test('further off it is wrapped where it gets too hot alone', () => {
    expect(done('valve', 0.151, { hot: false, fits: ['wet-cloth'] })).toEqual(['none']);
    expect(done('valve', 0.151, { fits: ['wet-cloth'] })).toEqual(['wet-cloth']);
    expect(done('capillary', 0.05)).toEqual(['wet-cloth', 'distance']);
  });

  test('what comes off needs no distance; what cannot does', () => {
    expect(done('sensor', 0.05)).toEqual(['take-off', 'putty']);
    expect(done('core', 0.05)).toEqual(['take-out']);
    expect(done('insulation', 0.05)).toEqual(['pull-back', 'wet-cloth', 'distance']);
    expect(done('insulation', 0.05, { fits: ['wet-cloth'] })).toEqual(['pull-back', 'wet-cloth']);
    expect(done('wiring', 0.05)).toEqual(['tie-away']);
  });

  test('a plan asks for the shop’s own way', () => {
    const { joint, heat, ambientC, protection } = plan([part({ distance: q(140, 'mm') })]);
    const situation = heat && { joint, heat, ambientC, holdS: 10 };
    const parts = protection.map((p) => p.part);
    expect(planProtection(parts, situation, 'wet-cloth')[0]?.measures).toEqual(['wet-cloth']);
    expect(planProtection(parts, situation)[0]?.measures).toEqual(['putty']);
    expect(planProtection(parts, null, 'paste')[0]).toMatchObject({ verdict: 'no-limit', measures: ['paste'] });
  });
});
