import { run } from './main';

const ask = (body: unknown) => {
  const { exit, stdout, stderr } = run('pull', JSON.stringify(body));
  return { exit, said: JSON.parse(exit === 0 ? stdout : stderr) };
};
const C = (value: number) => ({ value, unit: 'C' });
const rise = (micronAt: (minutes: number) => number, minutes = 12) =>
  Array.from({ length: minutes * 6 + 1 }, (_, i) => ({ seconds: i * 10, micron: micronAt(i / 6) }));

test('a rise that flattens low is dry, one that goes straight on is a leak', () => {
  const dry = ask({ ambient: C(20), gaugeAt: 'system-far', samples: rise((m) => Math.round(180 + 60 * (1 - Math.exp(-m / 2)))) });
  expect(dry.said).toMatchObject({ verdict: 'tight and dry', model: 'plateau', leakMicronPerMin: null });
  expect(dry.said.plateauMicron).toBeCloseTo(240, -1);
  const leak = ask({
    ...{ ambient: C(20), gaugeAt: 'system-far', samples: rise((m) => 200 + 40 * m) },
    ...{ volume: { value: 10, unit: 'L' }, refrigerant: 'R-410A' },
  });
  // 40 micron/min are 0.0889 Pa/s; in 10 L 8.9e-4 Pa m3/s.
  expect(leak.said).toMatchObject({ verdict: 'leak', plateauMicron: null });
  expect(leak.said.leakMicronPerMin).toBeCloseTo(40, 1);
  expect(leak.said.leakPaM3S).toBeCloseTo(8.89e-4, 5);
  expect(leak.said.gramsPerYear).toBeGreaterThan(1000);
});

test('water told, cold told, a gauge on the pump and a gauge that stands still believed nothing', () => {
  const wet = rise((m) => 300 + 15_000 * (1 - Math.exp(-m / 4)));
  expect(ask({ ambient: C(18), gaugeAt: 'system-far', samples: wet }).said).toMatchObject({ verdict: 'wet' });
  expect(ask({ ambient: C(18), gaugeAt: 'pump', samples: wet }).said.reasons).toEqual([{ code: 'gauge-place', text: expect.any(String) }]);
  const cold = ask({ ambient: C(-18), samples: rise((m) => Math.round(250 + 60 * (1 - Math.exp(-m / 2)))) }).said;
  expect(cold.verdict).toBe('cannot tell yet');
  expect(cold.reasons.map(({ code }: { code: string }) => code)).toEqual(['too-cold']);
  const still = ask({ ambient: C(20), samples: rise(() => 300) }).said;
  expect(still.reasons.map(({ code }: { code: string }) => code)).toEqual(['does-not-move']);
  expect(still.cautions.map(({ code }: { code: string }) => code)).toEqual(
    expect.arrayContaining(['does-not-move', 'gauge-place', 'compressor-in-vacuum']),
  );
  expect(ask({ ambient: C(20), samples: rise((m) => 200 + m, 9) }).said.reasons[0].code).toBe('too-short');
});

test('three breaks leave 2.6e-3 ppm of the air', () => {
  const micron = (value: number) => ({ value, unit: 'micron' });
  const air = { value: 101.325, unit: 'kPa' };
  const breaks = [1500, 1500, 500].map((reached) => ({ reached: micron(reached), brokenTo: air, minutes: 10 }));
  expect(ask({ breaks }).said.airLeftPpm).toBeCloseTo(2.6e-3, 4);
});

test('wide hoses with the cores out take a tenth of the time', () => {
  const pump = { speed: { value: 8, unit: 'cfm' }, ultimate: { value: 25, unit: 'micron' } };
  const hose = (bore: number, core: string) => ({ bore: { value: bore, unit: 'mm' }, length: { value: 6, unit: 'ft' }, core });
  const told = (hoses: unknown[]) =>
    ask({ volume: { value: 20, unit: 'L' }, pump, hoses }).said.minutesTo.map(({ minutes }: { minutes: number }) => minutes);
  const [, narrow1000, narrow500, narrow250] = told([hose(4.6, 'out')]);
  expect(narrow1000).toBeGreaterThan(13);
  expect(narrow1000).toBeLessThan(14);
  expect(narrow500).toBeCloseTo(25, 0);
  expect(narrow250).toBeGreaterThan(41);
  expect(narrow250).toBeLessThan(44);
  const wide = told([hose(10.9, 'out'), hose(10.9, 'out')]);
  [0.74, 0.97, 1.4].forEach((minutes, i) => expect(wide[i + 1]).toBeCloseTo(minutes, 1));
  expect(told([hose(10.9, 'in'), hose(10.9, 'in')])[1]).toBeGreaterThan(5);
});

test('what a shut solenoid keeps from the pump is named', () => {
  const part = (id: string, kind: string, rest = {}) => ({ id, kind, ...rest });
  const circuit = {
    parts: [
      part('k', 'compressor'),
      part('c', 'condenser'),
      part('hp', 'port'),
      part('s', 'solenoid', { open: false }),
      part('t', 'expansion-valve'),
      part('e', 'evaporator'),
      part('lp', 'port'),
    ],
    links: [
      ['k', 'c'],
      ['c', 'hp'],
      ['hp', 's'],
      ['s', 't'],
      ['t', 'e'],
      ['e', 'lp'],
      ['lp', 'k'],
    ].map(([from, to]) => ({ from, to })),
  };
  expect(ask({ circuit, ports: ['hp'] }).said).toMatchObject({ unreached: expect.arrayContaining(['t', 'e', 'lp']), openFirst: ['s'] });
  expect(ask({ circuit, ports: ['hp', 'lp'] }).said).toMatchObject({ unreached: [], openFirst: ['s'] });
});

test.each([
  [
    {
      ambient: C(20),
      samples: [
        { seconds: 0, micron: 0 },
        { seconds: 60, micron: 100 },
      ],
    },
    'off-scale',
    'samples[0].micron',
  ],
  [
    {
      ambient: C(20),
      samples: [
        { seconds: 0, micron: 30_000 },
        { seconds: 60, micron: 100 },
      ],
    },
    'off-scale',
    'samples[0].micron',
  ],
  [
    { ambient: C(20), samples: [0, 60].map((seconds) => ({ seconds, pressure: { value: 0.1, unit: 'kPa' } })) },
    'unknown-unit',
    'samples[0].pressure',
  ],
  [
    {
      ambient: C(20),
      samples: [
        { seconds: 0, micron: 300 },
        { seconds: 60, pressure: { value: 40, unit: 'Pa' } },
      ],
    },
    'unknown-unit',
    'samples[1].pressure',
  ],
  [
    {
      samples: [
        { seconds: 0, micron: 300 },
        { seconds: 60, micron: 310 },
      ],
    },
    'missing',
    'ambient',
  ],
  [{ volume: { value: 5, unit: 'L' }, hoses: [] }, 'missing', 'pump'],
  [{ ports: ['hp'], breaks: [] }, 'invalid', 'breaks'],
])('%j is refused', (body, code, field) => {
  expect(ask(body)).toMatchObject({ exit: 2, said: { error: { code, field } } });
});

test('a day of samples is judged at once', () => {
  const samples = Array.from({ length: 86_400 }, (_, seconds) => ({
    seconds,
    micron: Math.round(300 + 20 * (1 - Math.exp(-seconds / 600))),
  }));
  const before = process.cpuUsage();
  expect(ask({ ambient: C(20), gaugeAt: 'system-far', samples }).said.verdict).toBe('tight and dry');
  expect(process.cpuUsage(before).user / 1000).toBeLessThan(5_000);
});
