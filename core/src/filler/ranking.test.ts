import fc from 'fast-check';
import { METAL_NAMES, METALS, holdsIronOrNickel } from '../metal/metals';
import { planJoint } from '../plan/planJoint';
import { CADMIUM, PHOSPHORUS, planned, q, requestFor } from '../testing/plans';
import { FILLERS } from './fillers';
import type { FillerVerdict } from './rules';

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
        const ownFlux = (f: FillerVerdict) => f.filler.family === 'aluminium-silicon' || f.filler.family === 'zinc-aluminium';
        return planOf(r).fillers.every(
          (f) => ownFlux(f) || f.filler.liquidusC < solidus - 50 || f.verdict === 'forbidden' || f.verdict === 'avoid',
        );
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

  test.each(['bag-36', 'BAG 36', 'Ag 145', 'ag145'])('%s is BAg-36, and is answered by that name', (designation) => {
    expect(planned(requestFor({}, { stock: [{ designation }] })).fillers[0]?.filler.designation).toBe('BAg-36');
  });

  test('what is not in the stock is said to be that, and one filler in two rods needs to be told apart', () => {
    const stock = [
      { designation: 'BAg-36', rod: 'round-1/16' },
      { designation: 'BAg-36', rod: 'round-1/8' },
    ] as const;
    expect(planJoint(requestFor({}, { stock: [{ designation: 'BCuP-5' }], choose: 'BAg-36' }))).toMatchObject({
      ok: false,
      errors: [{ kind: 'not-in-stock', field: 'choose', allowed: ['BCuP-5'] }],
    });
    expect(planJoint(requestFor({}, { stock }))).toMatchObject({
      ok: false,
      errors: [{ field: 'stock[1].designation', reason: 'stands-twice' }],
    });
    const chosen = planned(requestFor({}, { stock, choose: { designation: 'BAg-36', rod: 'round-1/8' } }));
    expect(chosen.rod?.rod).toBe('round-1/8');
  });

  test('where the van has nothing better than to be avoided, what is better is named', () => {
    const steel = planned(requestFor({ metal: 'carbon-steel' }, { stock: [{ designation: 'BAg-20' }] }));
    expect(steel.chosen?.verdict).toBe('avoid');
    expect(steel.fetch?.designation).toBe('BAg-7');
    expect(planned(requestFor({ metal: 'carbon-steel' }, { stock: [{ designation: 'BAg-36' }] })).fetch).toBeNull();
  });

  test('an unknown filler is named, with what is known', () => {
    const result = planJoint(requestFor({}, { stock: [{ designation: 'BCuP-99' }] }));
    expect(result).toMatchObject({ ok: false, errors: [{ kind: 'unknown-word', field: 'stock[0].designation', word: 'BCuP-99' }] });
  });

  test('the shop’s house rod comes first among equals', () => {
    const first = (houseRod: 'silver-15' | 'silver-5' | 'silver-free') =>
      planned(requestFor({}, { schools: { houseRod } })).fillers[0]?.filler.silverPercent ?? -1;
    expect(first('silver-15')).toBe(15);
    expect(first('silver-5')).toBeGreaterThanOrEqual(5);
    expect(first('silver-5')).toBeLessThanOrEqual(6);
    expect(first('silver-free')).toBeLessThan(5);
  });
});

test('every filler row is whole: solidus, liquidus and brazing range in order, gap per side, source', () => {
  for (const f of FILLERS) {
    expect(f.solidusC).toBeLessThanOrEqual(f.liquidusC);
    expect(f.brazingLowC).toBeLessThan(f.brazingHighC);
    expect(f.gapLeastMm).toBeLessThan(f.gapMostMm);
    expect(f.densityKgPerM3).toBeGreaterThan(2000);
    expect(f.source).not.toBe('');
  }
});
