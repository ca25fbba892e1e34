import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import type { LiveSample } from '../stage/holds';
import { holdsOf, type StageFact } from '../stage';
import { judgeKept, planOfHold, workOutHoldBegan, type Told, type WorkedHoldFor } from '.';

const SPLIT = TEMPLATE_CIRCUITS.split;
const CLOSING = { ...SPLIT, parts: SPLIT.parts.map((part) => (part.kind === 'valve' ? { ...part, closes: true } : part)) };
const q = (value: number, unit: string) => ({ value, unit });
const HELD: WorkedHoldFor = {
  graph: CLOSING,
  refrigerant: 'R-32',
  altitudeM: 0,
  facts: [],
  plate: { lowPa: 2.5e6, highPa: 4.1e6 },
  chargeKg: 2,
};
const TOLD: Told<'hold-began'> = {
  ...{ parts: ['drier', 'expansion', 'evaporator'], at: 'drier', rig: false, volume: q(2, 'L'), pressure: q(20, 'barg'), gas: 'nitrogen' },
  ...{ gauge: { name: 'G-3', resolution: q(1, 'kPa') }, temperatureUncertaintyK: 0.3, ambient: q(18, 'C'), practice: 'data-plate' },
};
const began = (told: Partial<Told<'hold-began'>> = {}, held: Partial<WorkedHoldFor> = {}) =>
  workOutHoldBegan({ ...TOLD, ...told }, { ...HELD, ...held });
const refused = (...given: Parameters<typeof began>) => {
  const result = began(...given);
  return result.ok ? null : result.errors.map((error) => ('field' in error ? error.field : ''));
};

test('steps end at the pressure that it goes to, and the energy is that one’s', () => {
  const answer = began({ pressure: q(10, 'barg') });
  expect(answer).toMatchObject({ ok: true, value: { capKpag: 2500, cappedBy: 'plate-low', stepsKpag: [345, 1000], distanceM: null } });
  // 11.013 bar x 2 L / 0.4 x (1 - (1.013 / 11.013)^0.286) = 2.74 kJ.
  expect(answer.ok && answer.value.energyKj).toBeCloseTo(2.74, 1);
});

test('nobody goes above the lowest limit; up to it everybody may', () => {
  expect(refused({ pressure: q(25.1, 'barg') })).toEqual(['pressure']);
  expect(refused({ pressure: q(25, 'barg') })).toBeNull();
});

test('what is looked for is a third of the loss, else a tenth of the charge a year', () => {
  const loss = { id: 'l', kind: 'loss', stage: 'find', values: { lostKg: 0.41, days: 61 } } as unknown as StageFact; // cast: no more is read
  const wanted = (...given: Parameters<typeof began>) => {
    const answer = began(...given);
    return answer.ok ? (answer.value.wantedLeakPaM3S ?? 0) : Number.NaN;
  };
  // 410 g in 61 days are 2455 g a year, a third of it 818 g; a tenth of 2 kg are 200 g.
  expect(wanted({}, { facts: [loss] }) / wanted()).toBeCloseTo(818 / 200, 1);
  expect(began({}, { chargeKg: 0 })).toMatchObject({ value: { wantedLeakPaM3S: null, minutesNeeded: null } });
});

test('our rig alone is capped by gauge and hose, whatever the machine is', () => {
  const rig = { rig: true, parts: [], volume: q(0.3, 'L') };
  const gauge = { ...TOLD.gauge, range: q(40, 'bar') };
  expect(began({ ...rig, gauge })).toMatchObject({ ok: true, value: { cappedBy: 'gauge', capKpag: 3000, distanceM: null } });
  expect(began({ ...rig })).toMatchObject({ ok: true, value: { cappedBy: 'hose' } });
  expect(refused({ ...rig, gauge, pressure: q(31, 'barg') })).toEqual(['pressure']);
});

test('a strength test goes up past the hold and down to it, and the energy is the strength test’s', () => {
  const parts = CLOSING.parts.map((part) => (['drier', 'expansion', 'evaporator'].includes(part.id) ? { ...part, limits: { test: q(40, 'barg') } } : part)); // prettier-ignore
  const held = { graph: { ...CLOSING, parts } };
  // The plate's low side is 25 bar: 1.1 of it is 27.5.
  const answer = began({ strength: q(27.5, 'barg') }, held);
  expect(answer).toMatchObject({ ok: true, value: { strengthKpag: 2750, capKpag: 2500 } });
  expect(answer.ok && answer.value.stepsKpag.slice(-2)).toEqual([2750, 2000]);
  expect(answer.ok && answer.value.energyKj).toBeGreaterThan(7);
  expect(refused({ strength: q(27.6, 'barg') }, held)).toEqual(['strength']);
  expect(refused({ strength: q(19, 'barg') }, held)).toEqual(['strength']);
  expect(refused({ strength: q(27, 'barg') })).toEqual(['strength']);
});

test('what was taken off and plugged caps nothing any more', () => {
  const graph = {
    parts: [...CLOSING.parts, { id: 'switch', kind: 'switch' as const }],
    links: [...CLOSING.links, { from: 'drier', to: 'switch' }],
  };
  const unknown = (takenOff: readonly string[]) => {
    const plan = planOfHold({ ...TOLD, takenOff }, { ...HELD, graph });
    return plan.ok ? plan.value.unknown : null;
  };
  expect(unknown([])).toContain('switch');
  expect(unknown(['switch'])).not.toContain('switch');
});

describe('judged from what an instrument sent', () => {
  const at = (minutes: number) => new Date(Date.parse('2026-11-24T10:00:00.000Z') + minutes * 60_000).toISOString();
  const fact = (kind: string, minutes: number, values: object, id = kind) =>
    ({ id, kind, stage: 'hold', values, at: at(minutes), takenAt: at(minutes), by: '', aheadMs: 0, photos: [] }) as unknown as StageFact; // cast: as above
  const instrument = { kind: 'pressure-temperature', name: 'P-7', columns: [{ quantity: 'gauge-pressure', step: 0.1 }, { quantity: 'pipe-temperature', step: 0.1 }], calibratedUntil: '2026-01-01', range: q(18, 'bar') }; // prettier-ignore
  const facts = [
    fact('hold-began', 0, { ...TOLD, ...{ stepsKpag: [345, 2000], wantedLeakPaM3S: 0.05, side: 'low' } }, 'h'),
    fact('series-began', 1, { hold: 'h', series: 's', instrument }),
    fact('supply-shut', 10, { hold: 'h' }),
    // Noted by hand as well, and wrong: the instrument counts.
    fact('hold-read', 40, { hold: 'h', pressure: q(20, 'barg'), temperature: q(18, 'C') }, 'r1'),
    fact('hold-read', 60, { hold: 'h', pressure: q(12, 'barg'), temperature: q(18, 'C') }, 'r2'),
  ];
  const live: readonly LiveSample[] = Array.from({ length: 86_400 }, (_, i) => ({
    ms: Date.parse(at(0)) + 1000 * i,
    gaugePa: i < 1500 ? 2.1e6 - 50 * i : 2e6,
    celsius: 18,
  }));

  test('a day of it in a blink; nothing before it had settled, its own calibration and range are flagged', () => {
    const [kept] = holdsOf(facts);
    const judged = () => {
      const begins = Date.now();
      return { answer: kept && judgeKept(kept, HELD, { by: 's', samples: live }), took: Date.now() - begins };
    };
    // The quickest of some: what else the machine does meanwhile is not the judging's work.
    const all = Array.from({ length: 8 }, judged);
    expect(Math.min(...all.map(({ took }) => took))).toBeLessThan(500);
    expect(all[0]?.answer).toMatchObject({
      ok: true,
      value: { verdict: 'tight', leakPaM3S: expect.closeTo(0, 6), reasons: ['calibration-over', 'beyond-range'], readings: 86_400 - 1500 },
    });
  });
});
