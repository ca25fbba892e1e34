import type { PlanRequest } from './request';
import { planJoint } from './planJoint';
import { planned, q, requestFor } from '../testing/plans';

const errors = (request: PlanRequest) => {
  const result = planJoint(request);
  return result.ok ? [] : result.errors;
};
const torch = { fuel: 'air-acetylene' } as const;
const old = (history: object) => history as NonNullable<PlanRequest['joint']['male']['history']>; // cast: what a file may hold

describe('what cannot be planned is refused by its full field', () => {
  test.each<[string, PlanRequest, string, object]>([
    ['a tube of a toy', requestFor({}, {}, { od: q(0.5, 'mm') }), 'joint.male.od', { kind: 'out-of-range' }],
    ['a wall of foil', requestFor({}, {}, { wall: q(0.05, 'mm') }), 'joint.male.wall', { kind: 'out-of-range' }],
    [
      'a wall that leaves no bore',
      requestFor({ bore: q(6.2, 'mm') }, {}, { od: q(6, 'mm'), wall: q(3, 'mm') }),
      'joint.male.wall',
      { reason: 'wall-too-thick' },
    ],
    ['a wall of the cup that is foil', requestFor({ wall: q(0.05, 'mm') }), 'joint.female.wall', { kind: 'out-of-range' }],
    ['a run of a toy', requestFor({ run: { od: q(0.5, 'mm'), wall: q(1, 'mm') } }), 'joint.female.run.od', { kind: 'out-of-range' }],
    ['a run of foil', requestFor({ run: { od: q(28, 'mm'), wall: q(0.01, 'mm') } }), 'joint.female.run.wall', { kind: 'out-of-range' }],
    ['a metal nobody knows', requestFor({ metal: 'tin' as never }), 'joint.female.metal', { kind: 'unknown-word', word: 'tin' }], // cast: what a file may hold
    [
      'an old filler nobody knows',
      requestFor({}, {}, { history: old({ state: 'brazed', filler: 'B-99' }) }),
      'joint.male.history.filler',
      { kind: 'unknown-word', word: 'B-99' },
    ],
    [
      'a new part with an old filler',
      requestFor({ history: old({ state: 'new', filler: 'BAg-7' }) }),
      'joint.female.history.filler',
      { reason: 'new-with-old-filler' },
    ],
    [
      'a new part with something taken off',
      requestFor({ history: old({ state: 'new', removed: 'cut-off' }) }),
      'joint.female.history.removed',
      { reason: 'nothing-to-remove' },
    ],
    [
      'a coldest above the hottest',
      requestFor({}, { service: { minTemp: q(50, 'C'), maxTemp: q(40, 'C') } }),
      'service.minTemp',
      { reason: 'coldest-above-hottest' },
    ],
    ['a coldest below all cold', requestFor({}, { service: { minTemp: q(-300, 'C') } }), 'service.minTemp', { kind: 'out-of-range' }],
    ['a hottest of a furnace', requestFor({}, { service: { maxTemp: q(500, 'C') } }), 'service.maxTemp', { kind: 'out-of-range' }],
    [
      'a refrigerant without its class',
      requestFor({}, { service: { refrigerant: 'R-999' } }),
      'service.safetyClass',
      { reason: 'safety-class-needed', value: 'R-999' },
    ],
    [
      'ammonia on a copper cup',
      requestFor({}, { service: { refrigerant: 'R-717' } }, { metal: 'carbon-steel' }),
      'joint.female.metal',
      { reason: 'ammonia-with-copper' },
    ],
    ['a stock of nothing', requestFor({}, { stock: [] }), 'stock', { kind: 'missing', needed: 'filler-or-no-stock' }],
    [
      'a rod that is not in the stock',
      requestFor({}, { stock: [{ designation: 'BAg-36', rod: 'round-1/16' }], choose: { designation: 'BAg-36', rod: 'round-1/8' } }),
      'choose.rod',
      { kind: 'not-in-stock', allowed: ['"round-1/16"'] },
    ],
    [
      'a filler that is not in the stock',
      requestFor({}, { stock: [{ designation: 'BAg-36' }], choose: { designation: 'BAg-7', rod: 'round-1/8' } }),
      'choose.designation',
      { kind: 'not-in-stock', word: 'BAg-7', allowed: ['BAg-36'] },
    ],
    [
      'a forbidden filler, with its rod',
      requestFor(
        { metal: 'carbon-steel' },
        { stock: [{ designation: 'BCuP-5', rod: 'round-1/16' }], choose: { designation: 'BCuP-5', rod: 'round-1/16' } },
      ),
      'choose.designation',
      { reason: 'forbidden-filler', value: 'BCuP-5' },
    ],
    ['a torch of a lighter', requestFor({}, { torch: { ...torch, powerKw: 0.01 } }), 'torch.powerKw', { kind: 'out-of-range', unit: 'kW' }],
    ['no tips at all', requestFor({}, { torch: { ...torch, tips: [] } }), 'torch.tips', { kind: 'missing', needed: 'a-figure' }],
    ['a tip of a lighter', requestFor({}, { torch: { ...torch, tips: [4, 0.01] } }), 'torch.tips[1]', { kind: 'out-of-range' }],
    [
      'a flame that gives all it has',
      requestFor({}, { torch: { ...torch, efficiency: 0.9 } }),
      'torch.efficiency',
      { kind: 'out-of-range' },
    ],
    ['a cylinder of a lighter', requestFor({}, { torch: { ...torch, cylinder: q(1, 'L') } }), 'torch.cylinder', { kind: 'out-of-range' }],
    ['ten times the rod', requestFor({}, { rodFactor: 10 }), 'rodFactor', { kind: 'out-of-range' }],
    ['a hold of an hour', requestFor({}, { holdSeconds: 3600 }), 'holdSeconds', { kind: 'out-of-range', unit: 's' }],
    ['a room on another planet', requestFor({}, { ambient: q(90, 'C') }), 'ambient', { kind: 'out-of-range' }],
  ])('%s', (_what, request, field, why) => expect(errors(request)).toContainEqual(expect.objectContaining({ field, ...why })));

  test.each<[string, PlanRequest, string, string]>([
    [
      'a wall',
      { joint: { male: { metal: 'copper', od: q(23.7, 'mm') }, female: { metal: 'copper', bore: q(23.9, 'mm'), cupDepth: q(15, 'mm') } } },
      'joint.male.wall',
      'wall-not-in-tables',
    ],
    [
      'a bore',
      { joint: { male: { metal: 'copper', od: q(23.7, 'mm'), wall: q(1, 'mm') }, female: { metal: 'copper', cupDepth: q(15, 'mm') } } },
      'joint.female.bore',
      'cup-not-in-tables',
    ],
    [
      'a depth',
      { joint: { male: { metal: 'copper', od: q(23.7, 'mm'), wall: q(1, 'mm') }, female: { metal: 'copper', bore: q(23.9, 'mm') } } },
      'joint.female.cupDepth',
      'cup-not-in-tables',
    ],
  ])('%s that no table has is asked for', (_what, request, field, needed) =>
    expect(errors(request)).toEqual([{ kind: 'missing', field, needed }]),
  );

  test('an outside that cannot be read asks for no wall on top of it', () => {
    const request: PlanRequest = {
      joint: { male: { metal: 'copper', od: q(0.1, 'mm') }, female: { metal: 'copper', bore: q(10, 'mm'), cupDepth: q(9, 'mm') } },
    };
    expect(errors(request).map((error) => error.field)).toEqual(['joint.male.od']);
  });
});

describe('what is left out is taken as usual', () => {
  test('one filler twice in the same rod is one row; a rod that is not said is the filler’s usual', () => {
    expect(errors(requestFor({}, { stock: [{ designation: 'BAg-36' }, { designation: 'Ag 145' }] }))).toEqual([]);
    expect(planned(requestFor({}, { stock: [{ designation: 'BCuP-5' }] })).rod?.rod).toBe('flat-0.050x1/8');
  });

  test('equal temperatures are no contradiction, nor is one of the two alone', () => {
    expect(errors(requestFor({}, { service: { minTemp: q(40, 'C'), maxTemp: q(40, 'C') } }))).toEqual([]);
    expect(errors(requestFor({}, { service: { minTemp: q(100, 'C') } }))).toEqual([]);
    expect(errors(requestFor({}, { service: { maxTemp: q(-100, 'C') } }))).toEqual([]);
  });

  test('a refrigerant’s class comes from the table; of one nobody knows from the person', () => {
    const flammable = (service: NonNullable<PlanRequest['service']>) =>
      planned(requestFor({}, { service, circuit: { state: 'evacuated' } })).cautions.some((c) => c.code === 'flammable');
    expect(flammable({ refrigerant: 'r290' })).toBe(true);
    expect(flammable({ refrigerant: 'R-999', safetyClass: 'A3' })).toBe(true);
    expect(flammable({ refrigerant: 'R-999', safetyClass: 'A1' })).toBe(false);
    expect(flammable({ safetyClass: 'A3' })).toBe(true);
    expect(flammable({})).toBe(false);
  });

  test('a capillary in a plain stub wants a crimp, and a fine tube that hangs loose in one as well', () => {
    const wants = (od: number, bore: number, form?: 'capillary') =>
      planned(
        requestFor(
          { form: 'component-stub', bore: q(bore, 'mm'), cupDepth: q(10, 'mm'), wall: q(1, 'mm') },
          {},
          { od: q(od, 'mm'), wall: q(0.5, 'mm'), ...(form ? { form } : {}) },
        ),
      ).joint.wantsCrimp;
    expect(wants(6, 6.2, 'capillary')).toBe(true);
    expect(wants(3, 6)).toBe(true);
    expect(wants(3, 3.2)).toBe(false);
    expect(wants(4, 8)).toBe(false);
    expect(wants(6, 9)).toBe(false);
  });

  test('a part with a limit within 300 mm lets heat decide between fillers, unless it is taken off', () => {
    const first = (near: PlanRequest['near']) =>
      planned(requestFor({}, { near: near ?? [], schools: { houseRod: 'silver-5' } })).fillers[0]?.filler.designation;
    const valve = (mm: number, rest: object = {}) => [{ kind: 'switch' as const, distance: q(mm, 'mm'), ...rest }];
    const usual = first([]);
    expect(first(valve(300))).not.toBe(usual);
    expect(first(valve(301))).toBe(usual);
    expect(first(valve(100, { protection: 'removed' }))).toBe(usual);
    expect(first([{ kind: 'tube', distance: q(100, 'mm') }])).toBe(usual);
  });

  test('the metal’s temperature follows the side: a hot side is held for hotter', () => {
    const metal = (side?: 'liquid' | 'suction') =>
      planned({ ...requestFor({}, {}), service: side ? { side } : {} }).pressure.allowablePa ?? 0;
    expect(metal('liquid')).toBeLessThan(metal('suction'));
    expect(metal()).toBe(metal('suction'));
  });
});

describe('what is better than the van', () => {
  test('is named where all it has is to be avoided, with what speaks for it', () => {
    const fetch = (female: PlanRequest['joint']['female']['metal'], stock: string, rest: Partial<PlanRequest> = {}) =>
      planned(requestFor({ metal: female }, { ...rest, stock: [{ designation: stock }] })).fetch;
    expect(fetch('stainless-steel', 'BAg-20')).toMatchObject({ designation: 'BAg-24', why: { code: 'wets-steel' } });
    expect(fetch('brass', 'BCuP-2')).toMatchObject({ designation: 'BAg-7', why: { code: 'zinc-loss' } });
    expect(fetch('copper', 'BCuP-2', { service: { vibration: true } })).toMatchObject({ designation: 'BCuP-5', why: { code: 'ductile' } });
    expect(fetch('copper', 'BCuP-5')).toBeNull();
  });

  test('for a repair flows no hotter than the filler that is round it', () => {
    // BAg-7 of the old joint is liquid at 652 °C: of the copper-phosphorus rods that suit copper none is as cool.
    const repair = (old: string) =>
      planned(
        requestFor({ history: { state: 'brazed', filler: old } }, { stock: [{ designation: 'BCuP-2' }], service: { vibration: true } }),
      ).fetch;
    expect(repair('BAg-7')?.designation).not.toBe('BCuP-5');
    expect(repair('BCuP-5')?.designation).toBe('BCuP-5');
  });

  test('is nothing where nothing is good, and is not asked without a van', () => {
    expect(planned(requestFor({ history: 'soft-soldered' }, { stock: [{ designation: 'BCuP-5' }] })).fetch).toBeNull();
    expect(planned(requestFor({ metal: 'carbon-steel' })).fetch).toBeNull();
  });
});
