import { canonicalHash, INCH_PREFERENCES, type PlanRequest } from '@kesto/core';
import fc from 'fast-check';
import { around, BRASS_STUB, draftOf, planOf, VAN } from '@/testing/joints';
import { draftFromPlan } from './draftFromPlan';
import type { Draft, KeptPlan } from './drafts';
import { planDraft, type Surroundings } from './toRequest';

const problems = (draft: ReturnType<typeof draftOf>, units = around.units) => planDraft(draft, { ...around, units }).problems;

test('a new joint answers at once: 7/8 in copper in a fitting cup needs no flux', () => {
  const { plan } = planOf(draftOf());
  expect(plan.flux.required).toBe(false);
  expect(plan.chosen?.filler.family).toBe('copper-phosphorus');
});

test('a brass stub needs flux', () => {
  expect(planOf(draftOf({ female: BRASS_STUB })).plan.flux).toMatchObject({ required: true, class: 'FB3-A' });
});

test.each([
  ['letters', { male: { od: 'seven' } }, 'joint.male.od'],
  ['nothing at all', { male: { od: '' } }, 'joint.male.od'],
  ['a negative wall', { male: { wall: '-1 mm' } }, 'joint.male.wall'],
  ['a bore smaller than the tube', { female: { ...BRASS_STUB, bore: '20 mm' } }, 'joint.female.bore'],
  [
    'letters for a distance',
    { rest: { near: [{ kind: 'valve', along: 'male', distance: 'far', protection: 'none' }] } },
    'near[0].distance',
  ],
  ['minutes that are none', { rest: { minutes: 'a while' } }, 'purge.minutes'],
  ['nothing open for the gas', { rest: { outlet: 'none' } }, 'purge.outlet.kind'],
] as const)('%s: the field is named, and the draft is as it was typed', (_what, part, field) => {
  const draft = draftOf(part as never); // cast: the table mixes parts of a draft
  const before = JSON.stringify(draft);
  expect(Object.keys(problems(draft))).toContain(field);
  expect(JSON.stringify(draft)).toBe(before);
});

test('a bare number is read in the person’s own unit', () => {
  expect(planOf(draftOf({ male: { od: '22.22' } })).plan.joint.male.outsideM).toBeCloseTo(0.02222, 9);
  const inch = planDraft(draftOf({ male: { od: '0.875' } }), { ...around, units: INCH_PREFERENCES });
  expect(inch.plan?.joint.male.outsideM).toBeCloseTo(0.022225, 9);
});

test('the side decides the pressure and the temperatures from the data plate', () => {
  const service = (side: 'suction' | 'discharge') => planOf(draftOf({ rest: { side } })).request.service;
  expect(service('suction')).toMatchObject({ designPressure: { value: 19, unit: 'barg' }, minTemp: { value: -25, unit: 'C' } });
  expect(service('discharge')).toMatchObject({ designPressure: { value: 28, unit: 'barg' }, maxTemp: { value: 66, unit: 'C' } });
});

test('a chosen filler that a change of metal forbids is let go, not held against the person', () => {
  const draft = draftOf({ female: { ...BRASS_STUB, metal: 'copper-plated-steel' }, rest: { choose: 'BCuP-5' } });
  const { plan } = planOf(draft);
  expect(plan.chosen?.filler.designation).toBe('BAg-36');
  expect(plan.fillers.find((f) => f.filler.designation === 'BCuP-5')?.verdict).toBe('forbidden');
});

describe('a stored plan, opened again', () => {
  const stored = (request: PlanRequest, chosen: string): KeptPlan => {
    const { choose: _choose, ...asked } = request;
    return { request: asked, chosen, reason: null };
  };
  const opened = (kept: KeptPlan, part: Partial<Draft> = {}, here: Surroundings = around) =>
    planDraft({ ...draftFromPlan(kept, here), ...part }, here).request as PlanRequest; // cast: a request that was kept is read again

  test('opens as the draft it was, and plans the same', () => {
    const draft = draftOf({
      female: BRASS_STUB,
      rest: { side: 'liquid', near: [{ kind: 'valve', along: 'female', distance: '52 mm', protection: 'putty' }] },
    });
    const { plan, request } = planOf(draft);
    const kept = stored(request, plan.chosen?.filler.designation ?? '');
    expect(planOf(draftFromPlan(kept, around)).plan).toEqual(plan);
  });

  const quantity = (unit: string, min: number, max: number) => fc.record({ value: fc.integer({ min, max }), unit: fc.constant(unit) });
  const some = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined });
  /** Requests as the API takes them, with much that no screen can say. */
  const asked = fc
    .record({
      altitude: some(quantity('ft', 0, 9000)),
      ambient: some(quantity('F', 20, 110)),
      rodFactor: some(fc.double({ min: 0.8, max: 1.5, noNaN: true })),
      holdSeconds: some(fc.integer({ min: 5, max: 30 })),
      service: some(
        fc.record({
          refrigerant: fc.constantFrom('R-449A', 'R-32'),
          side: some(fc.constantFrom('low', 'high', 'suction', 'liquid')),
          maxTemp: some(quantity('C', 40, 90)),
          rating: some(quantity('psig', 300, 900)),
        }),
      ),
      torch: some(
        fc.record({
          fuel: fc.constantFrom('air-acetylene', 'oxy-propane'),
          tips: some(fc.constant([2, 4])),
          efficiency: some(fc.constant(0.28)),
        }),
      ),
      near: some(
        fc.array(
          fc.record({
            kind: fc.constantFrom('valve', 'drier'),
            distance: quantity('mm', 40, 300),
            limit: some(quantity('C', 90, 150)),
            mass: some(quantity('oz', 3, 40)),
          }),
          { maxLength: 2 },
        ),
      ),
      purge: some(
        fc.record({
          sections: fc.constant([{ volume: { value: 3, unit: 'L' } }]),
          outlet: fc.constant({ kind: 'open-tube' }),
          targetO2Percent: some(fc.constant(0.5)),
          ventMinutes: some(fc.integer({ min: 1, max: 9 })),
        }),
      ),
      schools: some(fc.record({ houseRod: fc.constantFrom('silver-15', 'silver-free'), cooling: some(fc.constant('still-air')) })),
    })
    .map(
      (rest) =>
        JSON.parse(
          JSON.stringify({
            ...rest,
            joint: {
              male: { metal: 'copper', od: { value: 22, unit: 'mm' } },
              female: { metal: 'brass', bore: { value: 22.2, unit: 'mm' } },
            },
          }),
        ) as PlanRequest,
    ); // cast: built key by key above

  test('untouched it is the same request, to the letter, whatever van, plate and schools have become', () => {
    const later: Surroundings = { ...around, schools: { houseRod: 'silver-5' }, van: { ...VAN, fillers: VAN.fillers.slice(1) } };
    fc.assert(
      fc.property(asked, (request) => {
        for (const here of [around, later]) {
          const { choose, ...again } = opened(stored(request, 'BAg-36'), {}, here);
          expect(choose).toBe('BAg-36');
          expect(canonicalHash(again)).toBe(canonicalHash(request));
        }
      }),
    );
  });

  test('what is changed in it is changed, and nothing else', () => {
    const request = { ...planOf(draftOf({ female: BRASS_STUB })).request, rodFactor: 1.2, altitude: { value: 900, unit: 'm' } };
    const again = opened(stored(request, 'BAg-36'), { side: 'discharge', minutes: '14' });
    expect(again).toMatchObject({
      rodFactor: 1.2,
      altitude: { value: 900 },
      service: { side: 'discharge', designPressure: { value: 28 } },
    });
    expect(again.purge).toMatchObject({ minutes: 14, flood: { value: 15, unit: 'L/min' } });
    expect(again.joint).toEqual(request.joint);
  });

  test('only what differs from the job or the shop is the joint’s own school', () => {
    const { request } = planOf(draftOf({ rest: { schools: { cooling: 'wet-cloth' } } }));
    const shop = { ...around, schools: { houseRod: 'silver-5' as const } };
    const draft = draftFromPlan(stored({ ...request, schools: { ...request.schools, houseRod: 'silver-5' } }, 'BCuP-5'), shop);
    expect(draft.schools).toEqual({ cooling: 'wet-cloth' });
  });
});
