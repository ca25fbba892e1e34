import { METRIC_PREFERENCES, type StageFact } from '@kesto/core';
import { plainReport } from './report';

const at = (minutes: number) => new Date(Date.parse('2026-11-24T10:00:00.000Z') + minutes * 60_000).toISOString();
const fact = (stage: string, kind: string, values: object, minutes = 0) =>
  ({
    id: `${kind}${minutes}`,
    stage,
    kind,
    values,
    at: at(minutes),
    takenAt: at(minutes),
    by: 'Ilta Varro',
    aheadMs: 0,
    photos: [],
  }) as unknown as StageFact; // cast: no more is read
const report = (facts: readonly StageFact[], rest: object = {}) =>
  plainReport({
    ...{ facts, unitName: 'herbarium split', title: 'short of charge', refrigerant: 'R-32', made: 0, units: METRIC_PREFERENCES },
    ...{ about: { safetyClass: 'A2L', joints: [] }, nameOf: (place: string) => place, ...rest },
  });

const LEAK = fact('find', 'checked-place', { place: 'liquid valve', method: 'soap', result: 'leak' });
const HELD = [
  fact('hold', 'hold-began', { parts: ['drier'], rig: false, stepsKpag: [345, 1035, 1900], fullKpag: 1900 }),
  fact('hold', 'hold-ended', { hold: 'hold-began0', verdict: 'tight', minutes: 105, leakPaM3S: 0, smallestSeenPaM3S: 0.003, gramsPerYearSeen: 1500, reasons: [] }, 120), // prettier-ignore
];

test('what was wrong is told by the places that leaked; without one by what was said, else by what the job was', () => {
  expect(report([LEAK]).wrong).toContain('Refrigerant got out at one place: liquid valve.');
  expect(report([fact('find', 'complaint', { text: 'it creeps up' })]).wrong).toEqual(['You told us: it creeps up']);
  expect(report([]).wrong).toEqual(['The job was: short of charge.']);
});

test('what was done: joints counted, the hold with its pressure and its time as people say it', () => {
  const { did } = report(HELD, { made: 2 });
  expect(did).toEqual([
    'Made 2 new joints on the pipework.',
    expect.stringMatching(/^Tested the pipework with nitrogen at 1900 kPag for 105 min: it holds\.$/),
  ]);
});

test('an owner who said no is told that nothing was mended, and what is left, before anything else', () => {
  const no = fact('decide', 'bend-began', { bend: 'owner-no' });
  const left = fact('hand-over', 'bend-point', { bend: 'owner-no', point: 'left-told', answer: 'done', note: 'both valves are shut' });
  const { headline, did, know } = report([LEAK, no, left]);
  expect(headline).toBe('What was found on your herbarium split');
  expect(did).toEqual([]);
  expect(know).toEqual([
    'Nothing was mended: you said no to the work.',
    'both valves are shut',
    'Not answered: valves capped, no refrigerant added.',
  ]);
});

test('what is still open at the end is named: a joint that nobody proved, where the refrigerant burns', () => {
  const handed = fact('hand-over', 'handed-point', { point: 'joint-tightness', answer: 'done' });
  const open = (safetyClass: string) =>
    report([handed], { about: { safetyClass, joints: [{ id: 'j1', state: 'passed' }] } }).know.join(' ');
  expect(open('A2L')).toContain('each joint proven');
  expect(open('A1')).not.toContain('each joint proven');
});

test('an unknown filling stays unknown on the paper; with nothing to say it says so', () => {
  expect(report([fact('charge', 'charge-began', { isUnknown: true })]).know).toContain(
    'Nobody knows how much belongs in it: the filling is marked unknown.',
  );
  expect(report([]).know).toEqual(['Nothing was noted for you beyond this page.']);
});
