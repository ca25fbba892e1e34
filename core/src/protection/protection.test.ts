import type { NearRequest } from './request';
import fc from 'fast-check';
import { planJoint } from '../plan/planJoint';

import { codes, planned, q, requestFor, stops } from '../testing/plans';
import { FieldReader } from '../unit/fieldReader';
import { heatAlongTube } from '../plan/heatAlong';
import { runToPeaks } from '../reach/heatReach';
import type { TubeModel } from '../reach/tubeModel';
import { heatedEdgeM, readNear } from './nearPart';
import { planProtection, protectionModel } from './planProtection';

const torch = { fuel: 'air-acetylene', powerKw: 4 } as const;
const planNear = (near: readonly NearRequest[], female: Parameters<typeof requestFor>[0] = {}) =>
  planned(requestFor(female, { torch, near }));
const part = (rest: Partial<NearRequest> = {}): NearRequest => ({ kind: 'expansion-valve', distance: q(60, 'mm'), ...rest });

test('an expansion valve 60 mm away is too hot bare: stop, with what to do', () => {
  const plan = planNear([part()]);
  expect(plan.protection[0]).toMatchObject({ verdict: 'too-hot' });
  expect(plan.protection[0]?.measures).not.toContain('none');
  expect(stops(plan)[0]).toBe('part-too-hot');
});

test('a soft-soldered coupling 100 mm away is warned of', () => {
  expect(stops(planNear([part({ kind: 'soft-solder-joint', distance: q(100, 'mm') })]))).toContain('part-too-hot');
});

test.each([
  [0.4, undefined, true],
  [1.1, undefined, true],
  [2, 4, true],
  [2.1, undefined, false],
  [1, 4.5, false],
])('a sprinkler head %d m sideways, %s m above: a stop is %s', (metres, height, stopped) => {
  const head = part({ kind: 'sprinkler', distance: q(metres, 'm'), ...(height ? { height: q(height, 'm') } : {}) });
  expect(stops(planNear([head])).includes('sprinkler-near')).toBe(stopped);
});

test.each([
  ['core', 40, ['take-out']],
  ['coil', 60, ['take-off', 'putty']],
  ['insulation', 100, ['pull-back', 'wet-cloth']],
  ['compressor', 80, ['wet-cloth']],
  ['circuit-board', 300, ['shield', 'wet-cloth']],
  ['wood', 500, ['shield']],
  ['wood', 900, ['none']],
  ['valve', 149, ['putty']],
  ['reversing-valve', 149, ['putty']],
] as const)('a %s at %d mm: %j, whatever the sum says', (kind, mm, measures) => {
  expect(planNear([part({ kind, distance: q(mm, 'mm') })]).protection[0]?.measures).toEqual(measures);
});

test('what can burn is named within 11 m', () => {
  expect(codes(planNear([part({ kind: 'wood', distance: q(10, 'm') })]))).toContain('combustible-near');
  expect(codes(planNear([part({ kind: 'wood', distance: q(12, 'm') })]))).not.toContain('combustible-near');
});

test('a finished joint stays 50 K under the solidus of its filler', () => {
  const plan = planNear([part({ kind: 'brazed-joint', filler: 'BCuP-5', distance: q(40, 'mm') })]);
  expect(plan.protection[0]?.part.limitC).toBe(593);
});

test('what stays on the line cannot be removed; a limit under the air round it is a slip of the pen', () => {
  expect(planJoint(requestFor({}, { near: [part({ kind: 'valve', protection: 'removed' })] }))).toMatchObject({
    ok: false,
    errors: [{ field: 'near[0].protection', reason: 'not-removable' }],
  });
  expect(planJoint(requestFor({}, { near: [part({ limit: q(10, 'C') })] }))).toMatchObject({
    ok: false,
    errors: [{ field: 'near[0].limit', reason: 'limit-under-ambient' }],
  });
});

test('a wrap that lies on the joint, or misses its part, is said', () => {
  const wrapped = (from: number, to: number) =>
    codes(planNear([part({ distance: q(60, 'mm'), protection: { kind: 'putty', from: q(from, 'mm'), to: q(to, 'mm') } })]));
  expect(wrapped(15, 80)).toContain('wrap-on-joint');
  expect(wrapped(80, 120)).toContain('wrap-misses');
  expect(wrapped(35, 90)).not.toEqual(expect.arrayContaining(['wrap-on-joint']));
  expect(codes(planNear([part({ distance: q(30, 'mm'), protection: 'putty' })]))).not.toContain('wrap-on-joint');
});

test('the person’s own limit wins over the table', () => {
  expect(planNear([part({ limit: q(500, 'C') })]).protection[0]?.verdict).toBe('ok');
});

test('taken off, a part stays at the room’s temperature', () => {
  expect(planNear([part({ kind: 'coil', protection: 'removed' })]).protection[0]).toMatchObject({ peakC: 20, verdict: 'ok' });
});

test('what the measure says keeps the part under its limit, it keeps', () => {
  const measure = planNear([part({ distance: q(120, 'mm') })]).protection[0]?.measures[0];
  expect(['putty', 'wet-cloth']).toContain(measure);
  if (measure !== 'putty' && measure !== 'wet-cloth') return;
  expect(planNear([part({ distance: q(120, 'mm'), protection: measure })]).protection[0]?.verdict).toBe('ok');
});

test('past the cup the heat starts at the end of the lap: hotter than as far along a like tube', () => {
  const along = (way: 'male' | 'female') => planNear([part({ along: way, distance: q(80, 'mm') })]).protection[0]?.unprotectedPeakC ?? 0;
  expect(along('female')).toBeGreaterThan(along('male'));
});

test('a heavy part peaks lower than the tube at its root, and the root is answered too', () => {
  const valve = planNear([part({ distance: q(35, 'mm'), mass: q(0.2, 'kg') })]).protection[0];
  expect(valve?.peakC ?? NaN).toBeLessThan(valve?.rootC ?? NaN);
  expect(valve?.measures).not.toContain('none');
  const peak = (mass?: NearRequest['mass']) =>
    planNear([part({ distance: q(80, 'mm'), ...(mass ? { mass } : {}) })]).protection[0]?.peakC ?? 0;
  expect(peak(q(0.5, 'kg'))).toBeLessThan(peak());
});

test('for the same heat, more water never raises a part’s peak', () => {
  const { joint, heat, ambientC } = planned(requestFor({}, { torch }));
  if (!heat) throw new Error('a torch of 4 kW heats this joint');
  // The heat is held as it is: in a whole plan a wrap at the flame's edge also makes the torch stay longer, which is another matter.
  const peak = (mm: number, water: number | null) => {
    const wrap = { kind: 'wet-cloth', from: q(Math.max(0, mm - 25), 'mm'), to: q(mm + 75, 'mm'), water: q(water ?? 0, 'g') } as const;
    const near = readNear([part({ distance: q(mm, 'mm'), ...(water === null ? {} : { protection: wrap }) })], joint, {
      ambientC,
      read: new FieldReader(),
    });
    return planProtection(near, { joint, heat, ambientC, holdS: 10 })[0]?.peakC ?? NaN;
  };
  fc.assert(
    fc.property(
      fc.integer({ min: 40, max: 400 }),
      fc.integer({ min: 2, max: 200 }),
      fc.integer({ min: 0, max: 300 }),
      (mm, grams, more) => {
        expect(peak(mm, grams + more)).toBeLessThanOrEqual(peak(mm, grams) + 0.5);
        expect(peak(mm, grams)).toBeLessThanOrEqual(peak(mm, null) + 0.5);
        return true;
      },
    ),
    { numRuns: 40 },
  );
});

test('a wrap replaces the run-off of its side and is never added to it; too near, it keeps the torch from getting there, and that is said', () => {
  const at = (fromMm: number) =>
    planned(
      requestFor(
        {},
        {
          torch,
          near: [part({ distance: q(60, 'mm'), protection: { kind: 'wet-cloth', from: q(fromMm, 'mm'), to: q(160, 'mm') } })],
        },
      ),
    );
  const bare = planned(requestFor({}, { torch, near: [part({ distance: q(60, 'mm') })] })).heat?.seconds ?? 0;
  expect(at(55).heat?.seconds ?? 0).toBeLessThan(bare * 1.5);
  expect(at(25).heat?.seconds ?? Infinity).toBeGreaterThan(bare);
  expect(stops(at(13))).toContain('cannot-reach');
  expect(at(13).heat?.wrapIsTooNear).toBe(true);
});

test('farther away is never hotter, with the same filler', () => {
  // What lies within 300 mm has a say in the filler: the same one is taken on both sides of that.
  const peak = (mm: number) =>
    planned(requestFor({}, { torch, near: [part({ distance: q(mm, 'mm') })], choose: 'BCuP-5' })).protection[0]?.peakC ?? 0;
  fc.assert(
    fc.property(fc.integer({ min: 15, max: 500 }), fc.integer({ min: 1, max: 300 }), (mm, more) => {
      return peak(mm + more) <= peak(mm) + 1e-6;
    }),
    { numRuns: 15 },
  );
});

test('a wrap that holds says until when it must stay wet', () => {
  const plan = planNear([part({ distance: q(150, 'mm'), protection: 'wet-cloth' })]);
  const water = plan.cautions.find((c) => c.code === 'part-water');
  expect(Number(water?.values?.['untilS'])).toBeGreaterThan(plan.heat?.seconds ?? 0);
});

test('a small tube’s wrap stays wet a quarter of a minute after the flame, though its part peaks as the flame goes', () => {
  const plan = planNear([
    part({ distance: q(30, 'mm'), along: 'female', protection: 'wet-cloth', mass: q(0.01, 'kg'), limit: q(600, 'C') }),
  ]);
  const water = plan.cautions.find((c) => c.code === 'part-water');
  const flameOffS = (plan.heat?.seconds ?? NaN) + 10; // held 10 s unless said
  expect(plan.protection[0]?.verdict).toBe('ok');
  expect(Number(water?.values?.['untilS'])).toBeGreaterThanOrEqual(flameOffS + 15);
});

test.each([
  ['a negative distance', part({ distance: q(-1, 'mm') }), 'near[0].distance'],
  ['a limit in the wrong unit', part({ limit: q(100, 'mm') }), 'near[0].limit'],
])('%s is refused, naming the field', (_what, near, field) => {
  expect(() => planNear([near])).toThrow(field);
});

test('the shop’s school decides what is tried first', () => {
  const measure = (heatProtection?: 'wet-cloth' | 'putty' | 'paste' | 'dismantle') =>
    planned(requestFor({}, { torch, near: [part({ distance: q(150, 'mm') })], ...(heatProtection ? { schools: { heatProtection } } : {}) }))
      .protection[0]?.measures[0];
  expect(measure()).toBe('putty');
  expect(measure('wet-cloth')).toBe('wet-cloth');
  expect(measure('paste')).toBe('paste');
  expect(measure('dismantle')).toBe('putty');
});

describe('the curve along the tube', () => {
  const wrapped = () => {
    const plan = planNear([part({ kind: 'port', distance: q(60, 'mm'), protection: 'putty' })], { metal: 'brass' });
    return { plan, male: heatAlongTube(plan, { along: 'male', lengthM: 0.2 }) };
  };

  test('is the joint’s temperature over the heated zone and falls outwards', () => {
    const { plan, male } = wrapped();
    const curve = male?.bare.hottestC ?? [];
    expect(curve[0]).toBeCloseTo(plan.heat?.middleC ?? 0, 0);
    for (let i = 1; i < curve.length; i++) expect(curve[i] ?? 0).toBeLessThanOrEqual((curve[i - 1] ?? 0) + 1e-6);
  });

  test('agrees with the peak the plan judges the part by', () => {
    const { plan, male } = wrapped();
    const [before, after] = [14, 15].map((i) => ({ d: male?.distancesM[i] ?? 0, c: male?.bare.hottestC[i] ?? 0 }));
    const at60 = before && after ? before.c + ((after.c - before.c) * (0.06 - before.d)) / (after.d - before.d) : NaN;
    expect(Math.abs(at60 - (plan.protection[0]?.unprotectedPeakC ?? 0))).toBeLessThan(5);
  });

  test('with its wrap is never hotter than bare, and the other side has no wrap', () => {
    const { plan, male } = wrapped();
    male?.wrapped?.hottestC.forEach((c, i) => expect(c).toBeLessThanOrEqual((male?.bare.hottestC[i] ?? 0) + 1e-6));
    expect(heatAlongTube(plan, { along: 'female', lengthM: 0.1 })?.wrapped).toBeNull();
  });

  test('frames begin cold and the flame is off before the last', () => {
    const { male } = wrapped();
    expect(male?.bare.frames[0]?.temperaturesC.every((c) => c === 20)).toBe(true);
    expect(male?.bare.frames.at(-1)?.seconds ?? 0).toBeGreaterThan(male?.flameOffS ?? Infinity);
  });

  test('without a filler there is nothing to heat for', () => {
    const none = planned(requestFor({ history: 'soft-soldered' }));
    expect(heatAlongTube(none, { along: 'male', lengthM: 0.2 })).toBeNull();
    expect(codes(none)).toContain('soft-solder');
  });
});

test('a wrap that ends before it begins is refused by name, with the least it may be', () => {
  const answer = planJoint(requestFor({}, { torch, near: [part({ protection: { kind: 'putty', from: q(50, 'mm'), to: q(20, 'mm') } })] }));
  expect(answer).toMatchObject({
    ok: false,
    errors: [{ kind: 'out-of-range', field: 'near[0].protection.to', min: expect.closeTo(52, 6), unit: 'mm' }],
  });
});

describe('the sum behind a part', () => {
  const situations = [
    { od: 0.375, metal: 'brass', kind: 'valve', mm: 40, along: 'female', protection: 'none' },
    { od: 0.875, metal: 'copper', kind: 'valve', mm: 60, along: 'male', protection: 'none' },
    { od: 1.625, metal: 'copper', kind: 'sight-glass', mm: 120, along: 'male', protection: 'wet-cloth' },
    { od: 0.625, metal: 'copper-plated-steel', kind: 'drier', mm: 60, along: 'female', protection: 'none' },
  ] as const;

  test.each(situations)('$od in, $kind at $mm mm: half the grid and half the step move the peak by under 1 %', (c) => {
    const near = [{ kind: c.kind, distance: q(c.mm, 'mm'), along: c.along, protection: c.protection }];
    const male = { metal: 'copper', od: q(c.od, 'in') } as const;
    const female = { metal: c.metal, form: 'component-stub', wall: q(1.4, 'mm') } as const;
    const plan = planned({ joint: { male, female }, torch: { fuel: 'air-acetylene' }, near });
    const [part] = plan.protection;
    if (!part || !plan.heat) throw new Error('nothing planned');
    const s = { joint: plan.joint, heat: plan.heat, ambientC: 20, holdS: 10 };
    const model = protectionModel(s, part.part, part.part.protection.wet);
    const atM = Math.max(0, part.part.distanceM - heatedEdgeM(plan.joint, part.part.along));
    const peak = (m: TubeModel) => {
      const { points, bodies } = runToPeaks(m, [atM], (plan.heat?.seconds ?? NaN) + 10);
      return (bodies[0] ?? points[0])?.peakC ?? NaN;
    };
    const fine = peak({ ...model, gridM: model.gridM / 2, stepS: model.stepS / 2 });
    expect(Math.abs(peak(model) - fine) / (fine - 20)).toBeLessThan(0.01);
  });

  test('what the heat has not reached yet has not passed its peak: brass 220 mm away warms minutes later', () => {
    const plan = planned({
      ...requestFor({ metal: 'brass', form: 'component-stub', wall: q(1.4, 'mm') }, { torch: { fuel: 'air-acetylene' } }),
      near: [{ kind: 'brazed-joint', filler: 'BCuP-5', distance: q(220, 'mm'), along: 'female' }],
    });
    expect(plan.protection[0]?.unprotectedAtS).toBeGreaterThan(120);
    expect(plan.protection[0]?.unprotectedPeakC).toBeGreaterThan(25);
  });
});
