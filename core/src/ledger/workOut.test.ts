import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import { isolate } from '../isolate/isolate';
import type { StageFact } from '../stage/entry';
import { holdRequestOf, withCompressors, workOut, type HeldFor, type Told } from '.';

const SPLIT = TEMPLATE_CIRCUITS.split;
const CLOSING = { ...SPLIT, parts: SPLIT.parts.map((part) => (part.kind === 'valve' ? { ...part, closes: true } : part)) };
const held: HeldFor = {
  graph: CLOSING,
  refrigerant: 'R-449A',
  safetyClass: 'A1',
  altitudeM: 0,
  facts: [],
  earlierFinds: 2,
  engineVersion: '9.9.9',
};
const at18 = (bar: number) => ({ pressure: { value: bar, unit: 'barg' }, temperature: { value: 18, unit: 'C' } });
const HOLD: Told<'section-hold'> = {
  ...{ parts: ['drier'], volume: { value: 1, unit: 'L' }, minutes: 60, start: at18(25), end: at18(20) },
  ...{ gauge: { resolution: { value: 1, unit: 'kPa' } }, temperatureUncertaintyK: 0.3 },
};
const fact = (kind: string, values: object) => ({ kind, values, stage: 'find', id: kind, by: '', photos: [] }) as unknown as StageFact; // cast: no more is read
const LOSS = fact('loss', { lostKg: 0.41, days: 61 });
const EXPLAINED = fact('checked-place', { place: 'a', method: 'soap', result: 'leak', gramsPerYear: 1000 });

describe('a hold', () => {
  test('is two readings an hour apart: 1 L that loses 5 bar leaks 0.14 Pa m3/s', () => {
    const request = holdRequestOf(HOLD, held);
    expect(request.samples).toEqual([
      { seconds: 0, ...at18(25) },
      { seconds: 3600, ...at18(20) },
    ]);
    expect(request).toMatchObject({
      refrigerant: 'R-449A',
      altitude: { value: 0, unit: 'm' },
      volume: HOLD.volume,
      temperatureUncertaintyK: 0.3,
    });
    const answer = workOut('section-hold', HOLD, held);
    // V dp / t = 1e-3 m3 x 5e5 Pa / 3600 s, a little less by the real gas.
    expect(answer).toMatchObject({ ok: true, value: { verdict: 'leaking' } });
    expect(answer.ok && answer.value.leakPaM3S).toBeGreaterThan(0.12);
    expect(answer.ok && answer.value.leakPaM3S).toBeLessThan(0.15);
    expect(answer.ok && answer.value.gramsPerYear).toBeGreaterThan(0);
  });

  test('looks for what of the loss nothing explains yet', () => {
    const wanted = (facts: readonly StageFact[]) => holdRequestOf(HOLD, { ...held, facts }).wantedLeakPaM3S;
    expect(wanted([])).toBeUndefined();
    // 410 g in 61 days are 2455 g a year; 1000 of them are found: 1455 are left.
    expect((wanted([LOSS, EXPLAINED]) ?? 0) / (wanted([LOSS]) ?? 1)).toBeCloseTo(1455 / 2455, 2);
  });

  test('is refused by the reading that cannot be, as it was told', () => {
    const refusedAt = (told: Partial<Told<'section-hold'>>) => {
      const answer = workOut('section-hold', { ...HOLD, ...told }, held);
      return answer.ok ? null : answer.errors.map((error) => ('field' in error ? error.field : ''));
    };
    const hot = { ...at18(20), temperature: { value: 9000, unit: 'C' } };
    expect(refusedAt({ end: hot })).toEqual(['end.temperature']);
    expect(refusedAt({ start: hot })).toEqual(['start.temperature']);
    expect(refusedAt({ volume: { value: -1, unit: 'L' } })).toEqual(['volume']);
  });

  test('of a refrigerant on no list a hold still tells the leak, without its grams', () => {
    const answer = workOut('section-hold', { ...HOLD, supplyShut: true }, { ...held, refrigerant: 'R-1270', safetyClass: 'A3' });
    expect(answer).toMatchObject({ ok: true, value: { verdict: 'leaking', gramsPerYear: null } });
  });
});

describe('an isolation', () => {
  const told: Told<'isolation'> = {
    ...{ work: ['drier'], method: 'recover-all', runs: true, lowSideLeak: false, airInside: false, jointOpen: false },
    chargeKg: 1.9,
  };
  const asked = { circuit: withCompressors(CLOSING, true), work: ['drier'], refrigerant: 'R-449A', charge: { value: 1.9, unit: 'kg' } };
  const plain = { lowSideLeak: false, airInside: false, jointOpen: false };
  const engine = isolate({ ...asked, state: plain });
  if (!engine.ok) throw new Error('the split is isolated');

  test('takes the engine’s valves with the way it advises, and none with another', () => {
    const advised = workOut('isolation', { ...told, method: engine.value.method }, held);
    const { method, open, close, closeAfter, staysFull } = engine.value;
    expect(advised).toEqual({ ok: true, value: { advised: method, open, close, closeAfter, staysFull, engineVersion: '9.9.9' } });
    expect(close.length + closeAfter.length).toBeGreaterThan(0);
    const other = engine.value.method === 'recover-all' ? 'pump-down' : 'recover-all';
    const own = workOut('isolation', { ...told, method: other }, held);
    expect(own).toMatchObject({ ok: true, value: { advised: method, close: [], closeAfter: [], staysFull: [] } });
  });

  test('asks with everything that was told: a leaking low side is another answer', () => {
    const leaking = isolate({ ...asked, state: { ...plain, lowSideLeak: true, lowSidePressure: { value: 2, unit: 'barg' } } });
    const answer = workOut('isolation', { ...told, lowSideLeak: true, lowSidePressure: { value: 2, unit: 'barg' } }, held);
    expect(answer.ok && answer.value.advised).toBe(leaking.ok && leaking.value.method);
    expect(workOut('isolation', { ...told, work: ['no-such-part'] }, held).ok).toBe(false);
  });

  test('the plate’s class counts where the refrigerant is on no list', () => {
    const { lowSideLeak: _unknown, ...nobodyLooked } = told;
    const advised = (safetyClass: HeldFor['safetyClass']) => {
      const answer = workOut('isolation', nobodyLooked, { ...held, refrigerant: 'R-1270', safetyClass });
      return answer.ok && answer.value.advised;
    };
    expect([advised('A1'), advised('A3') === 'pump-down']).toEqual(['pump-down', false]);
  });

  test('compressors run or stand, everything else is as it is drawn', () => {
    for (const runs of [true, false]) {
      const parts = withCompressors(SPLIT, runs).parts;
      expect(parts.filter(({ kind }) => kind === 'compressor').map((part) => part.runs)).toEqual([runs]);
      expect(parts.filter(({ kind }) => kind !== 'compressor')).toEqual(SPLIT.parts.filter(({ kind }) => kind !== 'compressor'));
    }
  });
});

test('what is worth repairing counts what leaked on this machine before', () => {
  const told: Told<'worth'> = { ageYears: 0, inWarranty: false, repair: 400, replacement: 1000, decided: 'repair' };
  // Half of a new one at first, a third less for each find before: 500, then 333.
  expect(workOut('worth', told, { earlierFinds: 0 })).toEqual({ ok: true, value: { earlierFinds: 0, advice: 'repair' } });
  expect(workOut('worth', told, { earlierFinds: 1 })).toEqual({ ok: true, value: { earlierFinds: 1, advice: 'replace' } });
});

test('at a flame stands what was held', () => {
  const flame = { torch: 'locked', approval: null } as const;
  expect(workOut('brazed', {} as never, flame)).toEqual({ ok: true, value: flame }); // cast: nothing of it is asked
  expect(workOut('reworked', {} as never, flame)).toEqual({ ok: true, value: flame }); // cast: as above
});

describe('a heat check', () => {
  const C = (value: number) => ({ value, unit: 'C' });
  const lpm = (value: number) => ({ value, unit: 'L/min' });
  const TABLE = [
    { drop: { value: 10, unit: 'kPa' }, flow: lpm(20) },
    { drop: { value: 40, unit: 'kPa' }, flow: lpm(40) },
  ];

  test('42 L/min of water cooled by 5 K is 14.7 kW', () => {
    const told: Told<'heat-check'> = { side: 'water', flow: lpm(42), in: C(12), out: C(7) };
    // 0.7 L/s x 4.19 kJ/(L K) x 5 K
    expect(workOut('heat-check', told, { altitudeM: 0 })).toMatchObject({ ok: true, value: { heatW: expect.closeTo(-14_665, 0) } });
  });

  test('the flow by the maker’s table stands, whatever was typed beside it; glycol carries less', () => {
    const told: Told<'heat-check'> = {
      ...{ side: 'water', flow: lpm(99), drop: { value: 40, unit: 'kPa' }, table: TABLE },
      ...{ in: C(12), out: C(7), glycolPercent: 20 },
    };
    // 40 L/min x 4.19 x 0.96 x 5 K
    const value = { flowM3PerS: expect.closeTo(0.04 / 60, 9), heatW: expect.closeTo(-13_408, 0) };
    expect(workOut('heat-check', told, { altitudeM: 0 })).toMatchObject({ ok: true, value });
  });

  test('air without a wet bulb, and water without a flow, are refused by name', () => {
    const air: Told<'heat-check'> = { side: 'air', flow: { value: 1800, unit: 'm3/h' }, in: C(25), out: C(12), wetIn: C(18) };
    expect(workOut('heat-check', air, { altitudeM: 0 })).toMatchObject({ errors: [{ field: 'wetOut', reason: 'no-wet-bulb' }] });
    const none: Told<'heat-check'> = { side: 'water', in: C(12), out: C(7), drop: { value: 18, unit: 'kPa' } };
    expect(workOut('heat-check', none, { altitudeM: 0 })).toMatchObject({ errors: [{ field: 'flow', reason: 'no-flow' }] });
  });
});
