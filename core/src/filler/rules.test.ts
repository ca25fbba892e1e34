import fc from 'fast-check';
import { METAL_NAMES, METALS, holdsIronOrNickel } from '../metal/metals';
import { planJoint } from '../plan/planJoint';
import type { PlanRequest } from '../plan/request';
import { CADMIUM, PHOSPHORUS, planned, q, requestFor, stops, verdicts } from '../testing/plans';
import { FILLERS, isFluid, isWide } from './fillers';

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

  test('a tube end that carried phosphorus filler is cut off before it enters steel', () => {
    const plan = planned(requestFor({ metal: 'carbon-steel' }, {}, { history: { state: 'brazed', filler: 'BCuP-5' } }));
    expect(stops(plan)).toContain('cut-off-phosphorus');
  });

  test('phosphorus filler found on plated steel makes the joint suspect', () => {
    const plan = planned(requestFor({ metal: 'copper-plated-steel', history: { state: 'brazed', filler: 'BCuP-2' } }));
    expect(stops(plan)).toContain('phosphorus-residue');
  });

  test('re-flowing needs at least the old liquidus', () => {
    const fresh = planned(requestFor({}, { choose: 'BAg-36' })).heat;
    const again = planned(requestFor({ history: { state: 'brazed', filler: 'BCuP-5' } }, { choose: 'BAg-36' })).heat;
    expect(fresh?.targetLowC).toBe(677);
    expect(again?.targetLowC).toBe(802);
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

  test('a refrigerant that burns stops before the torch is lit', () => {
    expect(stops(planned(requestFor({}, { service: { refrigerant: 'R-32' } })))).toContain('flammable-refrigerant');
  });
});

describe('gap', () => {
  const loose = requestFor({ bore: q(22.225 + 0.2, 'mm') });

  test('a fluid filler runs through a loose gap, a wide one bridges it', () => {
    expect(reasonsOf(loose, 'BCuP-4')).toContain('runs-through');
    expect(reasonsOf(loose, 'BCuP-5')).toContain('bridges-gap');
    expect(isWide(FILLERS.find((f) => f.designation === 'BCuP-5') ?? FILLERS[0]!)).toBe(true);
  });

  test('a wider gap never ranks a thinner-flowing filler higher', () => {
    const place = (boreMm: number) => {
      const order = planned(requestFor({ bore: q(boreMm, 'mm') })).fillers.map((f) => f.filler);
      return order.filter(isFluid).map((f) => order.indexOf(f));
    };
    fc.assert(
      fc.property(fc.double({ min: 22.26, max: 22.6, noNaN: true }), fc.double({ min: 0, max: 0.3, noNaN: true }), (bore, more) => {
        const sum = (places: readonly number[]) => places.reduce((a, b) => a + b, 0);
        return sum(place(bore + more)) >= sum(place(bore));
      }),
      { numRuns: 40 },
    );
  });
});

describe('what must always hold', () => {
  const metal = fc.constantFrom(...METAL_NAMES);
  const request = fc.record({
    male: metal,
    female: metal,
    vibration: fc.boolean(),
    cold: fc.boolean(),
    boreMm: fc.double({ min: 22.3, max: 22.7, noNaN: true }),
  });
  const planOf = (r: {
    male: (typeof METAL_NAMES)[number];
    female: (typeof METAL_NAMES)[number];
    vibration: boolean;
    cold: boolean;
    boreMm: number;
  }) =>
    planned(
      requestFor(
        { metal: r.female, bore: q(r.boreMm, 'mm') },
        { service: { vibration: r.vibration, ...(r.cold ? { minTemp: q(-30, 'C') } : {}) } },
        { metal: r.male },
      ),
    );

  test('phosphorus never on iron or nickel; cadmium never; some reason for every verdict', () => {
    fc.assert(
      fc.property(request, (r) => {
        const onIron = holdsIronOrNickel(r.male) || holdsIronOrNickel(r.female);
        return planOf(r).fillers.every((f) => {
          if (f.reasons.length === 0) return false;
          if (CADMIUM.includes(f.filler.designation)) return f.verdict === 'forbidden';
          return !(onIron && PHOSPHORUS.includes(f.filler.designation)) || f.verdict === 'forbidden';
        });
      }),
      { numRuns: 150 },
    );
  });

  test('no filler that flows above what a member melts at is ever best or allowed', () => {
    fc.assert(
      fc.property(request, (r) => {
        const solidus = Math.min(METALS[r.male].solidusC, METALS[r.female].solidusC);
        return planOf(r).fillers.every((f) => f.filler.liquidusC < solidus || f.verdict === 'forbidden' || f.verdict === 'avoid');
      }),
      { numRuns: 100 },
    );
  });

  test('the ranking does not depend on the order of the stock', () => {
    const names = FILLERS.map((f) => f.designation);
    fc.assert(
      fc.property(fc.shuffledSubarray(names, { minLength: 3 }), (some) => {
        const order = (list: readonly string[]) =>
          planned(requestFor({ metal: 'brass' }, { stock: list.map((designation) => ({ designation })) })).fillers.map(
            (f) => f.filler.designation,
          );
        expect(order(some)).toEqual(order([...some].sort()));
      }),
      { numRuns: 60 },
    );
  });

  test('verdicts come best first', () => {
    const rank = ['best', 'allowed', 'avoid', 'forbidden'];
    const found = planned(requestFor({ metal: 'brass' })).fillers.map((f) => rank.indexOf(f.verdict));
    expect(found).toEqual([...found].sort((a, b) => a - b));
  });
});

describe('choosing', () => {
  test('a forbidden filler cannot be chosen', () => {
    const result = planJoint(requestFor({ metal: 'copper-plated-steel' }, { choose: 'BCuP-5' }));
    expect(result).toMatchObject({ ok: false, errors: [{ field: 'choose', reason: 'forbidden-filler' }] });
  });

  test('an unknown filler is named, with what is known', () => {
    const result = planJoint(requestFor({}, { stock: [{ designation: 'BCuP-99' }] }));
    expect(result).toMatchObject({ ok: false, errors: [{ kind: 'unknown-word', field: 'stock[0].designation', word: 'BCuP-99' }] });
  });

  test('the shop’s house rod comes first among equals', () => {
    const first = (houseRod: '15 % Ag' | '5-6 % Ag' | 'silver-free') =>
      planned(requestFor({}, { schools: { houseRod } })).fillers[0]?.filler.silverPercent ?? -1;
    expect(first('15 % Ag')).toBe(15);
    expect(first('5-6 % Ag')).toBeGreaterThanOrEqual(5);
    expect(first('5-6 % Ag')).toBeLessThanOrEqual(6);
    expect(first('silver-free')).toBeLessThan(5);
  });
});

test('every filler row is whole: solidus, liquidus and brazing range in order, gap per side, source', () => {
  for (const f of FILLERS) {
    expect(f.solidusC).toBeLessThanOrEqual(f.liquidusC);
    expect(f.brazingLowC).toBeLessThan(f.brazingHighC);
    expect(f.gapMinMm).toBeLessThan(f.gapMaxMm);
    expect(f.densityKgPerM3).toBeGreaterThan(2000);
    expect(f.source).not.toBe('');
  }
});
