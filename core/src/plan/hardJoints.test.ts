import type { NearRequest } from '../protection/request';
import { codes, planned, q, refusals, requestFor, stops } from '../testing/plans';
import type { JointPlan } from './planJoint';
import type { FemaleRequest, MaleRequest, PlanRequest } from './request';

/** What an experienced brazer says of the joints that are not everyday ones; what is said here is theirs, not the engine's. */
const joint = (male: MaleRequest, female: FemaleRequest, rest: Partial<PlanRequest> = {}) => planned({ joint: { male, female }, ...rest });
const copper = (od: number): MaleRequest => ({ metal: 'copper', od: q(od, 'in') });
const first = (plan: JointPlan) => plan.fillers[0]?.filler;
const everyFillerIsForbidden = (plan: JointPlan) => plan.chosen === null && plan.fillers.every((f) => f.verdict === 'forbidden');

const VALVE_STUB = { form: 'component-stub', wall: q(2, 'mm') } as const;

test('1-1/8 in into a bronze valve: a silver rod with flux, nothing hotter than 50 K under the bronze, the valve stopped until it is safe', () => {
  const near: NearRequest[] = [{ kind: 'valve', distance: q(30, 'mm'), along: 'female', protection: 'putty' }];
  const plan = joint(copper(1.125), { metal: 'bronze', ...VALVE_STUB, bore: q(1.13, 'in'), cupDepth: q(0.91, 'in') }, { near });
  expect(first(plan)?.family).toBe('silver');
  expect(plan.flux.required).toBe(true);
  expect(plan.heat?.targetHighC).toBeLessThanOrEqual(854 - 50);
  expect(stops(plan)).toEqual(['part-too-hot']);
});

test('1-5/8 in into brass, 0.11 mm hot: a good fit, made with a silver rod', () => {
  const plan = joint(copper(1.625), { metal: 'brass', bore: q(41.42, 'mm'), cupDepth: q(1.09, 'in'), wall: q(2, 'mm') });
  expect(plan.fit.verdict).toBe('good');
  expect((plan.fit.radialGapHotM ?? 0) * 1000).toBeCloseTo(0.11, 2);
  expect(first(plan)?.family).toBe('silver');
});

describe('an end that was brazed before', () => {
  const stub: FemaleRequest = { metal: 'copper-plated-steel', form: 'component-stub', bore: q(19.2, 'mm'), cupDepth: q(15, 'mm') };

  test('with an unknown rod goes into no steel', () => {
    const plan = joint({ ...copper(0.75), history: 'brazed' }, stub);
    expect(everyFillerIsForbidden(plan)).toBe(true);
    expect(stops(plan)).toEqual(['cut-back']);
  });

  test('cut off, it is a new end', () => {
    const plan = joint({ ...copper(0.75), history: { state: 'brazed', removed: 'cut-off' } }, stub);
    expect(stops(plan)).toEqual([]);
    expect(first(plan)?.family).toBe('silver');
  });

  test('with cadmium is not heated at all', () => {
    const plan = joint(copper(0.5), { metal: 'copper', history: { state: 'brazed', filler: 'BAg-1' } });
    expect(everyFillerIsForbidden(plan)).toBe(true);
    expect(stops(plan)).toEqual(['old-cadmium']);
  });
});

test('copper to an aluminium coil is stopped, whatever zinc rod lies on the van', () => {
  const plan = joint(copper(0.375), { metal: 'aluminium', bore: q(9.7, 'mm'), cupDepth: q(8, 'mm') });
  expect(stops(plan)).toEqual(['al-cu-eutectic']);
  expect(plan.fillers.every((f) => f.verdict === 'avoid' || f.verdict === 'forbidden')).toBe(true);
});

test('a seat 20 mm past a 3/8 in brass cup does not stand it bare, and the small torch is said to be small', () => {
  const female: FemaleRequest = { metal: 'brass', form: 'component-stub', bore: q(9.6, 'mm'), cupDepth: q(8, 'mm'), wall: q(1.5, 'mm') };
  const near: NearRequest[] = [{ kind: 'valve', distance: q(20, 'mm'), along: 'female', mass: q(0.2, 'kg') }];
  const plan = joint(copper(0.375), female, { near, torch: { fuel: 'air-acetylene', powerKw: 1.5 } });
  expect(stops(plan)).toContain('part-too-hot');
  expect(codes(plan)).toContain('under-torched');
});

test('a capillary in a stub is crimped, not bridged over 1.4 mm; crimped, it is a good joint', () => {
  const capillary: MaleRequest = { metal: 'copper', form: 'capillary', od: q(2, 'mm'), wall: q(0.6, 'mm') };
  const into = (form: 'component-stub' | 'crimped-stub') =>
    joint(capillary, { metal: 'copper', form, bore: q(4.8, 'mm'), cupDepth: q(12, 'mm') });
  expect(into('component-stub').fit.verdict).toBe('reject');
  expect(stops(into('component-stub'))).toEqual(['crimp']);
  expect(into('crimped-stub').fit.verdict).toBe('good');
});

test('a branch takes longer than the same tube in a coupling: heat leaves three ways', () => {
  const run = { od: q(1.125, 'in'), wall: q(0.05, 'in') };
  const torch = { fuel: 'air-acetylene', powerKw: 6 } as const;
  const branch = joint(copper(0.875), { metal: 'copper', form: 'saddle', bore: q(22.33, 'mm'), cupDepth: q(5, 'mm'), run }, { torch });
  const coupling = joint(copper(0.875), { metal: 'copper', bore: q(22.33, 'mm'), cupDepth: q(5, 'mm') }, { torch });
  expect(branch.heat?.seconds ?? 0).toBeGreaterThan(coupling.heat?.seconds ?? Infinity);
});

test('3-5/8 in asks for two torches', () => {
  expect(codes(joint(copper(3.625), { metal: 'copper' }, { torch: { fuel: 'oxy-acetylene' } }))).toContain('two-torches');
});

test('R-744 at 90 bar: the maker’s rating carries it; without one it is stopped', () => {
  const tube: MaleRequest = { metal: 'copper-iron', od: q(0.5, 'in'), wall: q(1.6, 'mm') };
  const cup: FemaleRequest = { metal: 'copper-iron', bore: q(12.8, 'mm'), cupDepth: q(10, 'mm') };
  const service = { refrigerant: 'R-744', designPressure: q(90, 'barg') };
  const rated = joint(tube, cup, { service: { ...service, rating: q(130, 'barg') } });
  expect(rated.pressure).toMatchObject({ ok: true, basis: 'maker' });
  // A plain cup of 1 mm beside it bears 2 x 41.37 x 0.9 / (12.8 + 2 - 0.72) = 5.29 MPa, by hand.
  const plain = joint(
    tube,
    { ...cup, metal: 'copper', wall: q(1, 'mm') },
    { service: { ...service, maxTemp: q(35, 'C'), rating: q(130, 'barg') } },
  );
  expect(plain.pressure.ok).toBe(false);
  expect((plain.pressure.allowablePa ?? 0) / 1e6).toBeCloseTo(5.29, 2);
  expect(codes(rated)).toContain('makers-filler-list');
  expect(stops(joint(tube, cup, { service }))).toContain('carbon-dioxide');
});

describe('what is done about a part', () => {
  const measures = (kind: NearRequest['kind'], mm: number) =>
    planned(requestFor({}, { near: [{ kind, distance: q(mm, 'mm') }] })).protection[0]?.measures;

  test('a core is taken out, insulation drawn back, a compressor never taken off', () => {
    expect(measures('core', 40)?.[0]).toBe('take-out');
    expect(measures('insulation', 100)?.[0]).toBe('pull-back');
    expect(measures('compressor', 80)).not.toContain('take-off');
  });

  test('a sprinkler 1.1 m away stops the work until it is shielded', () => {
    expect(stops(planned(requestFor({}, { near: [{ kind: 'sprinkler', distance: q(1.1, 'm') }] })))).toContain('sprinkler-near');
  });

  test('what cannot come off is not said to be off', () => {
    expect(refusals(requestFor({}, { near: [{ kind: 'compressor', distance: q(80, 'mm'), protection: 'removed' }] }))[0]?.field).toBe(
      'near[0].protection',
    );
  });
});

test('at the acetylene regulator a bare 1.5 bar is asked about, 1.5 barg is stopped', () => {
  const at = (unit: string) => requestFor({}, { torch: { fuel: 'air-acetylene', regulator: q(1.5, unit) } });
  expect(refusals(at('bar'))[0]?.field).toBe('torch.regulator');
  expect(stops(planned(at('barg')))).toContain('acetylene-pressure');
});

test('propane gets the words for what burns easily, R-32 those for what burns', () => {
  const about = (refrigerant: string) => codes(planned(requestFor({}, { service: { refrigerant } })));
  expect(about('R-290')).toEqual(expect.arrayContaining(['flammable', 'mechanical-first']));
  expect(about('R-32')).toContain('flammable');
  expect(about('R-32')).not.toContain('mechanical-first');
});
