import type { History } from '../vocabulary/joint';
import fc from 'fast-check';
import type { MetalName } from '../metal/metals';
import { planJoint, type JointPlan } from '../plan/planJoint';
import type { PlanRequest } from '../plan/request';
import { codes, PHOSPHORUS, planned, q, requestFor, stops, verdicts } from '../testing/plans';
import { findFiller, isWide } from './fillers';

const reasonsOf = (request: PlanRequest, designation: string) =>
  planned(request)
    .fillers.find((f) => f.filler.designation === designation)
    ?.reasons.map((r) => r.code);

describe('pairings', () => {
  test.each([
    ['copper', 'copper', 'BCuP-5', 'best'],
    ['copper', 'copper', 'BCuP-2', 'best'],
    ['copper', 'copper', 'BAg-36', 'allowed'],
    ['copper', 'brass', 'BAg-36', 'best'],
    ['copper', 'brass', 'BCuP-5', 'allowed'],
    ['copper', 'brass', 'BCuP-3', 'allowed'],
    ['copper', 'brass', 'BCuP-2', 'avoid'],
    ['copper', 'brass', 'BCuP-6', 'avoid'],
    ['copper', 'carbon-steel', 'BAg-36', 'best'],
    ['copper', 'carbon-steel', 'BAg-20', 'avoid'],
    ['copper', 'carbon-steel', 'BCuP-5', 'forbidden'],
    ['copper', 'copper-plated-steel', 'BCuP-5', 'forbidden'],
    ['copper', 'copper-plated-steel', 'BAg-24', 'best'],
    ['copper', 'stainless-steel', 'BAg-24', 'best'],
    ['copper', 'stainless-steel', 'BAg-36', 'allowed'],
    ['copper', 'stainless-steel', 'BCuP-8', 'forbidden'],
    ['copper', 'nickel-alloy', 'BCuP-5', 'forbidden'],
    ['copper', 'copper-nickel', 'BCuP-5', 'forbidden'],
    ['copper', 'aluminium-bronze', 'BCuP-5', 'forbidden'],
    ['copper', 'aluminium', 'BAg-36', 'forbidden'],
    ['aluminium', 'aluminium', 'BAg-36', 'forbidden'],
    ['aluminium', 'aluminium', 'BCuP-2', 'forbidden'],
    ['copper', 'galvanised-steel', 'BAg-36', 'forbidden'],
  ] as const)('%s into %s: %s is %s', (male, female, filler, verdict) => expect(verdicts(male, female)[filler]).toBe(verdict));

  test('the order of the members does not change a verdict', () => {
    expect(verdicts('copper', 'brass')).toEqual(verdicts('brass', 'copper'));
  });

  test('aluminium on the bench allows what the unit does not', () => {
    const onUnit = planned(requestFor({ metal: 'aluminium' }, {}, { metal: 'aluminium' }));
    const alsi = onUnit.fillers.filter((f) => f.filler.family === 'aluminium-silicon');
    expect(alsi.every((f) => f.verdict === 'avoid')).toBe(true);
    const request = requestFor({ metal: 'aluminium' }, {}, { metal: 'aluminium' });
    const bench = planned({ ...request, joint: { ...request.joint, access: 'bench' } });
    expect(bench.fillers.filter((f) => f.filler.family === 'aluminium-silicon').every((f) => f.verdict === 'allowed')).toBe(true);
  });

  test('a silver filler of under 34 % on steel says it needs more heat', () => {
    expect(reasonsOf(requestFor({ metal: 'carbon-steel' }), 'BAg-20')).toContain('needs-more-heat');
  });
});

describe('history', () => {
  test('soft solder on either member forbids everything and stops', () => {
    for (const part of ['male', 'female'] as const) {
      const base = requestFor({});
      const plan = planned({ ...base, joint: { ...base.joint, [part]: { ...base.joint[part], history: 'soft-soldered' } } });
      expect(plan.fillers.every((f) => f.verdict === 'forbidden')).toBe(true);
      expect(plan.chosen).toBeNull();
      expect(plan.heat).toBeNull();
      expect(plan.flux.class).toBeNull();
      expect(stops(plan)).toContain('soft-solder');
    }
  });

  const male = (history: History, female: Parameters<typeof requestFor>[0] = {}) => planned(requestFor(female, {}, { history }));
  const allForbidden = (plan: JointPlan) => plan.fillers.every((f) => f.verdict === 'forbidden');

  test.each([
    ['phosphorus', { state: 'brazed', filler: 'BCuP-5' }],
    ['an unknown filler', 'brazed'],
  ] as const)('a tube end that carried %s is cut off before it enters steel; nothing else lifts that', (_what, history) => {
    const plan = male(history, { metal: 'carbon-steel' });
    expect(allForbidden(plan)).toBe(true);
    expect(stops(plan)).toContain('cut-back');
    const state = typeof history === 'string' ? { state: history } : history;
    expect(allForbidden(male({ ...state, removed: 'ground-off' }, { metal: 'carbon-steel' }))).toBe(true);
    expect(male({ ...state, removed: 'cut-off' }, { metal: 'carbon-steel' }).chosen?.verdict).toBe('best');
  });

  test('phosphorus found on steel forbids as it is, is to be avoided when ground to bright steel, and is gone when cut off', () => {
    const steel = (removed?: 'ground-off' | 'cut-off') =>
      planned(
        requestFor({ metal: 'copper-plated-steel', history: { state: 'brazed', filler: 'BCuP-2', ...(removed ? { removed } : {}) } }),
      );
    expect(allForbidden(steel())).toBe(true);
    expect(stops(steel())).toContain('phosphorus-residue');
    expect(steel('ground-off').chosen?.verdict).toBe('avoid');
    expect(steel('cut-off').chosen?.verdict).toBe('best');
  });

  test('a joint once made with cadmium is not heated again; grinding does not lift it', () => {
    const made = (removed?: 'ground-off' | 'cut-off') => male({ state: 'brazed', filler: 'BAg-1', ...(removed ? { removed } : {}) });
    for (const plan of [made(), made('ground-off')]) {
      expect(allForbidden(plan)).toBe(true);
      expect(stops(plan)[0]).toBe('old-cadmium');
      expect(plan.rod).toBeNull();
    }
    expect(made('cut-off').chosen?.verdict).toBe('best');
  });

  test('old zinc-aluminium is solder, but for its own repair of aluminium', () => {
    expect(stops(male({ state: 'brazed', filler: 'Zn-15Al' }))).toContain('soft-solder');
    const aluminium = planned(
      requestFor({ metal: 'aluminium', history: { state: 'brazed', filler: 'Zn-2Al' } }, {}, { metal: 'aluminium' }),
    );
    expect(aluminium.chosen).toMatchObject({ filler: { designation: 'Zn-2Al' }, verdict: 'allowed' });
  });

  test('an unknown old filler on copper is said to be possibly cadmium or zinc', () => {
    expect(codes(male('brazed'))).toContain('old-unknown');
    expect(codes(male({ state: 'brazed', filler: 'BCuP-5' }))).not.toContain('old-unknown');
  });

  test('over old silver filler: silver with flux best, phosphorus to be avoided, flux whichever', () => {
    const plan = male({ state: 'brazed', filler: 'BAg-36' });
    expect(plan.chosen?.filler.family).toBe('silver');
    const chosen = planned(requestFor({}, { choose: 'BCuP-5' }, { history: { state: 'brazed', filler: 'BAg-36' } }));
    expect(chosen.chosen?.verdict).toBe('avoid');
    expect(chosen.flux.required).toBe(true);
  });

  test('re-flowing needs at least the old liquidus, and says that very figure; what is ground off is not re-flowed', () => {
    const fresh = planned(requestFor({}, { choose: 'BAg-36' })).heat;
    const again = (removed?: 'ground-off') =>
      planned(requestFor({ history: { state: 'brazed', filler: 'BCuP-5', ...(removed ? { removed } : {}) } }, { choose: 'BAg-36' }));
    expect(fresh?.targetLowC).toBe(677);
    expect(again().heat?.targetLowC).toBe(802);
    expect(again().cautions.find((c) => c.code === 'reflow')?.values).toEqual({ lowC: 802 });
    expect(again('ground-off').heat?.targetLowC).toBe(677);
    expect(codes(again('ground-off'))).not.toContain('reflow');
  });

  test('an old filler that wants more than brass bears cannot be re-flowed: to be avoided, cut the joint off', () => {
    const plan = planned(requestFor({ metal: 'brass' }, { choose: 'BAg-7' }, { history: { state: 'brazed', filler: 'BCuP-3' } }));
    expect(plan.chosen?.reasons[0]).toMatchObject({ code: 'cannot-reflow', verdict: 'avoid' });
  });

  test.each([
    ['a filler on a new part', { state: 'new', filler: 'BCuP-5' }, 'joint.male.history.filler'],
    ['a removal from a new part', { state: 'new', removed: 'cut-off' }, 'joint.male.history.removed'],
  ] as const)('%s is refused, naming the field', (_what, history, field) => {
    const result = planJoint(requestFor({}, {}, { history }));
    expect(result).toMatchObject({ ok: false, errors: [{ kind: 'refused', field }] });
  });
});

describe('heat decides where it can hurt', () => {
  const first = (metal: MetalName, rest: Partial<PlanRequest> = {}) => planned(requestFor({ metal }, rest)).fillers.map((f) => f.filler);

  test('on brass, bronze and steel the lowest liquidus comes first, not the cheapest rod', () => {
    for (const metal of ['brass', 'bronze', 'carbon-steel'] as const) expect(first(metal)[0]?.designation).toBe('BAg-7');
  });

  test('on stainless one with nickel comes first', () => expect(first('stainless-steel')[0]?.nickelPercent).toBeGreaterThanOrEqual(2));

  test('with a part that has a limit within 300 mm the lowest liquidus comes first on copper too; farther away the house rod', () => {
    const near = (mm: number): Partial<PlanRequest> => ({ near: [{ kind: 'valve', distance: q(mm, 'mm') }] });
    expect(first('copper', near(250))[0]?.designation).toBe('BCuP-8');
    expect(first('copper', near(400))[0]?.silverPercent).toBe(5);
  });

  test('overhead a wide filler comes before a fluid one', () => {
    const request = requestFor({});
    const overhead = planned({ ...request, joint: { ...request.joint, position: 'overhead' } }).fillers.filter((f) => f.verdict === 'best');
    const firstFluid = overhead.findIndex((f) => !isWide(f.filler));
    expect(overhead.slice(firstFluid).some((f) => isWide(f.filler) && f.filler.gapLeastMm <= 0.03)).toBe(false);
  });

  test.each([
    ['bronze', 854],
    ['brass', 885],
  ] as const)('nothing is planned hotter than %s bears, and the sentence names that metal', (metal, solidusC) => {
    for (const row of planned(requestFor({ metal })).fillers) {
      if (row.verdict === 'forbidden') continue;
      const heat = planned(requestFor({ metal }, { choose: row.filler.designation })).heat;
      expect(heat?.targetHighC).toBeLessThanOrEqual(Math.max(solidusC - 50, row.filler.liquidusC));
    }
    const hot = planned(requestFor({ metal })).fillers.find((f) => f.reasons.some((r) => r.code === 'near-melting'));
    if (hot) expect(hot.reasons.find((r) => r.code === 'near-melting')?.values).toMatchObject({ metal, solidusC });
    expect(hot !== undefined).toBe(metal === 'bronze');
  });
});

describe('aluminium', () => {
  const aluminium = (metal: MetalName, access: 'open' | 'bench' = 'open') => {
    const request = requestFor({ metal }, {}, { metal: 'aluminium' });
    return planned({ ...request, joint: { ...request.joint, access } });
  };

  test('to copper: a stop at the top, nothing above 548 °C, the colder zinc rod first', () => {
    const plan = aluminium('copper');
    expect(plan.cautions[0]?.code).toBe('al-cu-eutectic');
    expect(plan.fillers.filter((f) => f.filler.liquidusC > 548).every((f) => f.verdict === 'forbidden')).toBe(true);
    expect(plan.fillers.slice(0, 2).map((f) => f.filler.designation)).toEqual(['Zn-2Al', 'Zn-15Al']);
    expect(plan.chosen?.verdict).toBe('avoid');
  });

  test.each(['carbon-steel', 'stainless-steel', 'brass', 'bronze', 'nickel-alloy'] as const)('to %s nothing is allowed', (metal) =>
    expect(aluminium(metal).chosen).toBeNull(),
  );

  test('to itself: BAlSi-4 first on the bench, Zn-2Al elsewhere, with a flux that does not corrode', () => {
    expect(aluminium('aluminium', 'bench').fillers[0]?.filler.designation).toBe('BAlSi-4');
    expect(aluminium('aluminium', 'bench').flux.class).toBe('FL20');
    expect(aluminium('aluminium').fillers[0]?.filler.designation).toBe('Zn-2Al');
  });
});

describe('service', () => {
  const service = (extra: PlanRequest['service']) => verdicts('copper', 'copper', { service: { ...extra } });

  test.each([
    ['vibration', { vibration: true }],
    ['a discharge line', { side: 'discharge' }],
    ['colder than -20 °C', { minTemp: q(-25, 'C') }],
  ] as const)('%s makes silver-free filler one to avoid', (_what, extra) => {
    const found = service(extra);
    expect(found['BCuP-2']).toBe('avoid');
    expect(found['BCuP-3']).toBe('allowed');
    expect(found['BCuP-5']).toBe('best');
  });

  test('exactly -20 °C is not colder than -20 °C', () => expect(service({ minTemp: q(-20, 'C') })['BCuP-2']).toBe('best'));

  test('sulphur speaks against every phosphorus filler', () => {
    const found = service({ sulphur: true });
    expect(PHOSPHORUS.every((name) => found[name] === 'avoid' || found[name] === 'forbidden')).toBe(true);
  });

  test('ammonia with copper is refused, naming the member', () => {
    const result = planJoint(requestFor({ metal: 'carbon-steel' }, { service: { refrigerant: 'R-717' } }));
    expect(result).toMatchObject({ ok: false, errors: [{ kind: 'refused', field: 'joint.male.metal', reason: 'ammonia-with-copper' }] });
    const steel = planJoint(requestFor({ metal: 'carbon-steel' }, { service: { refrigerant: 'R-717' } }, { metal: 'carbon-steel' }));
    expect(steel.ok).toBe(true);
  });

  test('carbon dioxide is answered with a stop', () => {
    expect(stops(planned(requestFor({}, { service: { refrigerant: 'R-744' } })))).toContain('carbon-dioxide');
  });

  test('with the maker’s rating carbon dioxide is judged like any other', () => {
    const service = { refrigerant: 'R-744', designPressure: q(90, 'barg') };
    const rated = (bar: number) =>
      planned(requestFor({ metal: 'copper-iron' }, { service: { ...service, rating: q(bar, 'barg') } }, { metal: 'copper-iron' }));
    expect(rated(130).pressure).toMatchObject({ ok: true, basis: 'maker', allowablePa: 13e6 });
    expect(stops(rated(130))).not.toContain('carbon-dioxide');
    expect(stops(rated(80))).toContain('strength-short');
  });

  test('ammonia: no zinc either; with every filler forbidden the plan says weld', () => {
    const plan = planned(requestFor({ metal: 'carbon-steel' }, { service: { refrigerant: 'R-717' } }, { metal: 'carbon-steel' }));
    expect(plan.fillers.every((f) => f.verdict === 'forbidden')).toBe(true);
    expect(stops(plan)).toContain('weld-instead');
    expect(codes(plan)).toEqual(expect.arrayContaining(['poisonous', 'flammable']));
  });

  test('metal hotter than 149 °C in service speaks against phosphorus, hotter than 204 °C against silver too', () => {
    expect(service({ maxTemp: q(150, 'C') })['BCuP-5']).toBe('avoid');
    expect(service({ maxTemp: q(150, 'C') })['BAg-36']).toBe('allowed');
    expect(service({ maxTemp: q(205, 'C') })['BAg-36']).toBe('avoid');
    expect(service({ maxTemp: q(149, 'C') })['BCuP-5']).toBe('best');
  });

  test('much phosphorus is brittle under vibration whatever the silver', () => {
    expect(service({ vibration: true })['BCuP-8']).toBe('avoid');
  });
});

describe('gap', () => {
  const loose = requestFor({ bore: q(22.225 + 0.4, 'mm') });

  test('a fluid filler runs through a loose gap, a wide one bridges it', () => {
    expect(reasonsOf(loose, 'BCuP-4')).toContain('runs-through');
    expect(reasonsOf(requestFor({ bore: q(22.225 + 0.56, 'mm') }), 'BCuP-5')).not.toContain('bridges-gap');
    expect(reasonsOf(loose, 'BCuP-5')).toContain('bridges-gap');
    expect(isWide(findFiller('BCuP-5')!)).toBe(true);
  });

  test('through a gap too wide for the thin-flowing, a wide one stands first', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.32, max: 0.48, noNaN: true }), (overMm) => {
        const first = planned(requestFor({ bore: q(22.225 + overMm, 'mm') })).fillers[0]?.filler;
        return first !== undefined && first.gapMostMm > 0.08;
      }),
      { numRuns: 40 },
    );
  });
});
