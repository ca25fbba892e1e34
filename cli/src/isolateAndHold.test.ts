import { answer, ask, q, refusal } from './testing/ask';

const ring = (ids: readonly string[]) => ids.map((id, i) => ({ from: id, to: ids[(i + 1) % ids.length] ?? id }));
const split = {
  parts: [
    { id: 'comp', kind: 'compressor', runs: true },
    { id: 'cond', kind: 'condenser' },
    { id: 'King valve', kind: 'valve', closes: true },
    { id: 'drier', kind: 'drier' },
    { id: 'exp', kind: 'expansion-valve' },
    { id: 'evap', kind: 'evaporator' },
    { id: 'suction', kind: 'valve', closes: true },
  ],
  links: ring(['comp', 'cond', 'King valve', 'drier', 'exp', 'evap', 'suction']),
};
const held = {
  volume: q(20, 'L'),
  samples: [0, 1800, 3600].map((seconds) => ({ seconds, pressure: q(30, 'barg'), temperature: q(20, 'C') })),
  gauge: { resolution: q(1, 'psi'), drift: q(0.1, 'psi') },
  temperatureUncertaintyK: 0.3,
};

describe('isolate', () => {
  test('answers its keys, with sentences', () => {
    const a = answer('isolate', { circuit: split, work: ['drier'] });
    expect(Object.keys(a).sort()).toEqual(['cautions', 'close', 'closeAfter', 'emptied', 'method', 'open', 'opened', 'staysFull', 'why']);
    expect(a).toMatchObject({ method: 'pump-down', close: ['King valve'], closeAfter: ['suction'] });
    expect(a['cautions']).toContainEqual({
      ...{ code: 'no-port', severity: 'warn', stage: 'decide', authority: 'practice' },
      text: expect.stringContaining('add one near') as string,
    });
    expect((a['why'] as unknown as string[]).join(' ')).toContain('King valve');
  });

  test('with charge and split also the sections', () => {
    const hold = { testPressure: q(300, 'psig'), minutes: 60, gauge: held.gauge, temperatureUncertaintyK: 0.3 };
    const asked = { circuit: split, work: ['drier'], charge: q(2, 'kg'), split: ['King valve', 'suction'], hold };
    const sections = answer('isolate', asked)['sections'] as unknown as object[];
    expect(sections.map((section) => Object.keys(section).sort())).toEqual(
      Array<string[]>(2).fill(['parts', 'portsNeeded', 'smallestSeenPaM3S', 'volumeL']),
    );
  });

  test('a hundred parts are worked out within 50 ms', () => {
    const tubes = Array.from({ length: 94 }, (_, i) => ({ id: `tube${i}`, kind: i % 9 === 0 ? 'valve' : 'fitting', closes: i % 27 === 0 }));
    const ids = ['comp', 'cond', 'King valve', ...tubes.map((t) => t.id), 'exp', 'evap', 'suction'];
    const request = { circuit: { parts: [...split.parts.filter((p) => p.id !== 'drier'), ...tubes], links: ring(ids) }, work: ['exp'] };
    expect(answer('isolate', request)['method']).toBe('pump-down');
    // The quickest of some, by the processor's own clock: what else the machine does meanwhile is not the command's work.
    const times = Array.from({ length: 12 }, () => {
      const before = process.cpuUsage();
      answer('isolate', request);
      const { user, system } = process.cpuUsage(before);
      return (user + system) / 1000;
    });
    expect(Math.min(...times)).toBeLessThan(50);
  });

  test.each([
    ['an unknown part', { circuit: split, work: ['nothing'] }, 'work[0]'],
    ['an unknown kind', { circuit: { ...split, parts: [...split.parts, { id: 'x', kind: 'boiler' }] }, work: ['drier'] }, 'circuit.parts[7].kind'],
    ['bare kPa as test pressure', { circuit: split, work: ['drier'], hold: { testPressure: q(2000, 'kPa'), minutes: 9, gauge: held.gauge, temperatureUncertaintyK: 0 } }, 'hold.testPressure'],
    ['a link to itself', { circuit: { ...split, links: [...split.links, { from: 'exp', to: 'exp' }] }, work: ['drier'] }, 'circuit.links[7].to'],
  ])('%s is refused, naming the field in full', (_what, request, field) => expect(refusal(ask('isolate', request)).field).toBe(field)); // prettier-ignore
});

describe('hold', () => {
  test('answers its keys; grams a year where a refrigerant is named', () => {
    const keys = ['cautions', 'correctedEndPressureKpa', 'leakPaM3S', 'minutesNeeded', 'reasons', 'smallestSeenPaM3S', 'text', 'verdict'];
    expect(Object.keys(answer('hold', held)).sort()).toEqual(keys);
    expect(Object.keys(answer('hold', { ...held, refrigerant: 'R410A' })).sort()).toEqual(
      [...keys, 'gramsPerYear', 'gramsPerYearSeen', 'gramsPerYearRunning'].sort(),
    );
    expect(answer('hold', held)).toMatchObject({
      ...{ verdict: 'cannot tell yet', minutesNeeded: null, leakPaM3S: 0 },
      reasons: [{ code: 'no-wanted-leak', text: expect.stringContaining('how small a leak') as string }],
    });
    expect(answer('hold', { ...held, wantedLeakPaM3S: 1, refrigerant: 'R410A' })).toMatchObject({
      ...{ verdict: 'tight', minutesNeeded: 0 },
      text: expect.stringMatching(/^tight down to 0\.0\d+ Pa m³\/s, about [\d.]+ kg a year of R410A: soap decides/) as string,
    });
    expect(answer('hold', { ...held, wantedLeakPaM3S: 1e-6 })['verdict']).toBe('cannot tell yet');
  });

  test.each([
    ['a step in psig', { ...held, gauge: { resolution: q(1, 'psig') } }, 'gauge.resolution'],
    ['one sample', { ...held, samples: held.samples.slice(0, 1) }, 'samples'],
    ['a negative uncertainty', { ...held, temperatureUncertaintyK: -1 }, 'temperatureUncertaintyK'],
    ['no volume', { ...held, volume: undefined }, 'volume'],
    ['bare kPa a kelvin in psig', { ...held, gauge: { ...held.gauge, perKelvin: q(1, 'psig') } }, 'gauge.perKelvin'],
    ['above 16 MPa', { ...held, samples: held.samples.map((sample) => ({ ...sample, pressure: q(161, 'bara') })) }, 'samples[0].pressure'],
  ])('%s is refused', (_what, request, field) => expect(refusal(ask('hold', request)).field).toBe(field));

  test.each(['oxygen', 'air', 'carbon-dioxide', 'acetylene'])('%s is no test gas, by a code of its own', (gas) =>
    expect(refusal(ask('hold', { ...held, gas }))).toMatchObject({ code: 'test-gas', field: 'gas' }),
  );
});

describe('hold, before it is made', () => {
  const plan = {
    ...{ circuit: split, section: ['drier', 'exp', 'evap'], at: 'drier', refrigerant: 'R-410A', ambient: q(20, 'C') },
    ...{ plate: { lowSide: q(20, 'barg'), highSide: q(31, 'barg') }, gauge: { resolution: q(1, 'kPa') } },
  };
  test('answers its keys, all gauge', () => {
    const a = answer('hold', { plan });
    expect(Object.keys(a).sort()).toEqual(
      [
        ...['cappedBy', 'cautions', 'distanceM', 'equalise', 'fillKpag', 'limits', 'minutesNeeded', 'nitrogenL', 'openFirst', 'reached'],
        ...['reliefKpag', 'shut', 'stepsKpag', 'storedEnergyKj', 'takeOff', 'testPressureKpag', 'unknown', 'untested'],
      ].sort(),
    );
    expect(a).toMatchObject({ testPressureKpag: 2000, cappedBy: { kind: 'plate-low', kpag: 2000 }, reliefKpag: 2000 });
  });
  test('no plan beside samples; a refrigerant that is in no table needs its plate', () => {
    expect(refusal(ask('hold', { ...held, plan })).field).toBe('volume');
    const { plate: _, ...bare } = plan;
    expect(refusal(ask('hold', { plan: { ...bare, refrigerant: 'R-1270' } })).field).toBe('plan.plate');
    expect(refusal(ask('hold', { plan, gas: 'carbon-dioxide' }))).toMatchObject({ code: 'test-gas', field: 'gas' });
  });
});

describe('hold, of a logger’s file', () => {
  const { samples: _, ...rest } = held;
  const csv = (rows: readonly string[]) => ['Temp °C;Druck bar;Zeit', ...rows].join('\n');
  const minute = (i: number) => `2026-11-24 10:${String(i).padStart(2, '0')}:00Z`;
  test('its columns in any order come to the same answer as its samples', () => {
    const rows = Array.from({ length: 40 }, (_row, i) => `20,0;${(30 - i / 100).toFixed(2).replace('.', ',')};${minute(i)}`);
    const of = answer('hold', { ...rest, log: { csv: csv([...rows, 'end;of;log']) } });
    const samples = Array.from({ length: 40 }, (_row, i) => ({
      seconds: 60 * i,
      pressure: q(30 - i / 100, 'barg'),
      temperature: q(20, 'C'),
    }));
    const by = answer('hold', { ...rest, samples });
    expect(of).toMatchObject({ verdict: by['verdict'], skippedLines: 1, leakPaM3S: expect.closeTo(Number(by['leakPaM3S']), 9) });
  });
  test('a file that says nothing, or stands beside samples, is refused by its field', () => {
    expect(refusal(ask('hold', { ...rest, log: { csv: 'a;b\n1;2' } })).field).toBe('log.csv');
    expect(refusal(ask('hold', { ...held, log: { csv: csv(['20;30;0']) } })).field).toBe('samples');
  });
});
