import { holdsOf, type LiveSample, type StageFact } from '../stage';
import { judgeKept } from '.';
import { soundSamples } from './liveFaults';

const BEGAN_MS = Date.parse('2026-11-24T10:00:00.000Z');
const at = (minutes: number) => new Date(BEGAN_MS + minutes * 60_000).toISOString();
const fact = (kind: string, minutes: number, values: object, id = kind) =>
  ({ id, kind, stage: 'hold', values, at: at(minutes) }) as unknown as StageFact; // cast: no more is read
const q = (value: number, unit: string) => ({ value, unit });
const instrument = { kind: 'pressure-temperature', name: 'P-7', columns: [{ quantity: 'gauge-pressure', step: 0.1 }, { quantity: 'pipe-temperature', step: 0.1 }] }; // prettier-ignore
const BEGAN = {
  ...{
    parts: ['drier'],
    rig: false,
    volume: q(2, 'L'),
    pressure: q(20, 'barg'),
    gas: 'nitrogen',
    gauge: { name: 'G-3', resolution: q(1, 'kPa') },
  },
  ...{
    temperatureUncertaintyK: 0.3,
    ambient: q(18, 'C'),
    practice: 'data-plate',
    stepsKpag: [345, 2000],
    wantedLeakPaM3S: 0.05,
    side: 'low',
  },
};
const FACTS = [
  fact('hold-began', 0, BEGAN, 'h'),
  fact('series-began', 1, { hold: 'h', series: 's', instrument }),
  fact('hold-step', 5, { hold: 'h', pressure: q(2000, 'kPag') }),
  fact('supply-shut', 6, { hold: 'h' }),
];
/** A steady gauge, one sample a second for two hours from the moment on from which it counts; its noise is drawn by its place. */
const steady = (change: (sample: LiveSample, i: number) => LiveSample | null = (sample) => sample): readonly LiveSample[] =>
  Array.from({ length: 7200 }, (_, i): LiveSample | null =>
    change({ ms: BEGAN_MS + 20 * 60_000 + 1000 * i, gaugePa: 2e6 + 100 * ((i * 7) % 5), celsius: 18 + 0.1 * ((i * 3) % 2) }, i),
  ).flatMap((sample) => sample ?? []);
function judged(samples: readonly LiveSample[], facts = FACTS) {
  const [kept] = holdsOf(facts);
  const answer = kept && judgeKept(kept, { refrigerant: 'R-410A', altitudeM: 0 }, { by: 's', samples });
  if (!answer?.ok) throw new Error(JSON.stringify(answer));
  return answer.value;
}

test('a steady gauge is told tight, and nothing is held against it', () =>
  expect(judged(steady())).toMatchObject({ verdict: 'tight', reasons: [], readings: 7200 }));

test('a gauge that jumps up hides a leak: nothing is called tight', () => {
  const jumped = judged(steady((sample, i) => (i < 4000 ? sample : { ...sample, gaugePa: sample.gaugePa + 9000 })));
  expect(jumped).toMatchObject({ verdict: 'cannot-tell', reasons: ['gauge-jumped'] });
});

test('one that jumps down and stays says both: it leaks by its figure, and it jumped', () =>
  expect(judged(steady((sample, i) => (i < 3600 ? sample : { ...sample, gaugePa: sample.gaugePa - 60_000 })))).toMatchObject({
    verdict: 'leaking',
    reasons: ['gauge-jumped'],
  }));

test('a clock that went back: what came under times that were past is left out, the rest is judged', () => {
  const back = judged(steady((sample, i) => (i >= 3000 && i < 3100 ? { ...sample, ms: sample.ms - 1_200_000 } : sample)));
  expect(back).toMatchObject({ verdict: 'tight', reasons: ['clock-went-back', 'samples-missing'], readings: 7100 });
});

test('ten minutes without a sample are said; a jump over a silence is what leaked meanwhile', () => {
  const quiet = steady((sample, i) => (i >= 3000 && i < 3600 ? null : i < 3000 ? sample : { ...sample, gaugePa: sample.gaugePa - 20_000 }));
  expect(judged(quiet)).toMatchObject({ verdict: 'leaking', reasons: ['samples-missing'] });
});

test('another unit: what it reads is nothing like the step that was noted, and no verdict stands', () => {
  expect(judged(steady((sample) => ({ ...sample, gaugePa: sample.gaugePa / 6.895 })))).toMatchObject({
    verdict: 'cannot-tell',
    reasons: ['unlike-step'],
  });
  const byHand = [...FACTS.slice(0, 1), ...FACTS.slice(2), fact('hold-read', 25, { hold: 'h', pressure: q(20, 'psig'), temperature: q(18, 'C') }, 'r1'), fact('hold-read', 60, { hold: 'h', pressure: q(20, 'psig'), temperature: q(18, 'C') }, 'r2')]; // prettier-ignore
  const [kept] = holdsOf(byHand);
  expect(kept && judgeKept(kept, { refrigerant: 'R-410A', altitudeM: 0 })).toMatchObject({ value: { reasons: ['unlike-step'] } });
});

test('sun and cloud on the pipe are no jump', () => {
  const warmed = steady((sample, i) => ({
    ...sample,
    celsius: 18 + 6 * Math.sin(i / 600),
    gaugePa: 2e6 * (1 + (6 * Math.sin(i / 600)) / 291),
  }));
  expect(soundSamples(warmed).reasons).toEqual([]);
});
