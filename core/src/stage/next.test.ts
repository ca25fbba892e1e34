import type { KeptStage, Stage } from '../vocabulary/stage';
import type { JointState } from '../record/state';
import type { StageEntryKind, StageFact, StageValues } from './entry';
import { nextOf, standingOf, type JobFacts } from './next';

const at = (minute: number) => `2026-11-24T10:${String(minute).padStart(2, '0')}:00.000Z`;
const fact = <Kind extends StageEntryKind>(stage: KeptStage, kind: Kind, values: StageValues[Kind], minute = 0): StageFact =>
  ({ id: `${kind}-${minute}`, stage, kind, values, by: 'Ilta Varro', at: at(minute), photos: [] }) as unknown as StageFact; // cast: one kind at a time
const joint = (id: string, state: JointState) => ({ id, state });
const job = (facts: readonly StageFact[], joints: JobFacts['joints'] = [], rest: Partial<JobFacts> = {}): JobFacts => ({
  ...{ facts, joints, lastFlame: null, began: 'find', stored: 'find', safetyClass: 'A1', refrigerant: 'R-410A', near: [] },
  ...rest,
});
const next = (facts: readonly StageFact[], joints: JobFacts['joints'] = [], rest: Partial<JobFacts> = {}) =>
  nextOf(job(facts, joints, rest));

const complaint = fact('find', 'complaint', { text: 'no cold' });
const check = (place: string, result: 'leak' | 'nothing') => fact('find', 'checked-place', { place, method: 'soap', result });
const done = (stage: KeptStage) => fact(stage, 'done', {});
const isolation = fact('decide', 'isolation', {
  ...{ work: ['drier'], advised: 'pump-down', method: 'pump-down', runs: true, lowSideLeak: false, airInside: false, jointOpen: false },
  ...{ chargeKg: 1, takeOutKg: 0.1, close: [], closeAfter: [], staysFull: [], engineVersion: '1' },
} as StageValues['isolation']);
const approval = fact('decide', 'approval', { by: 'the station', how: 'phone', for: 'drier' });
const price = fact('decide', 'price-held-until', { check: 'the switch looked at' });

describe('find', () => {
  test.each([
    ['nothing is noted', [], { step: 'note-complaint' }],
    ['a complaint', [complaint], { step: 'check-a-place' }],
    ['a place was looked at, nothing there', [complaint, check('drier', 'nothing')], { step: 'end-find' }],
    ['a leak, and nobody looked on', [complaint, check('drier', 'leak')], { step: 'look-on', why: 'not-looked-on' }],
    ['looked on', [complaint, check('drier', 'leak'), check('valve', 'nothing')], { step: 'end-find' }],
    [
      'more is lost than was found',
      [complaint, fact('find', 'loss', { lostKg: 1, days: 60 }), check('drier', 'leak'), check('valve', 'nothing')],
      { step: 'look-on', why: 'loss-not-explained' },
    ],
  ] as const)('%s', (_what, facts, expected) => expect(next(facts)).toEqual({ stage: 'find', ...expected }));

  test('a section that was held is a look as well', () => {
    const held = fact('find', 'section-hold', {
      parts: ['drier'],
      verdict: 'tight',
      gramsPerYear: 0,
    } as unknown as StageValues['section-hold']); // cast: no more of it is read
    expect(next([complaint, held])).toMatchObject({ step: 'end-find' });
  });
});

describe('decide', () => {
  const found = [done('find')];
  test.each([
    ['nothing is chosen', [], { step: 'choose-isolation' }],
    ['chosen, not approved', [isolation], { step: 'ask-approval', why: 'not-approved' }],
    ['a price waits for a look', [isolation, price], { step: 'answer-price-check', why: 'price-checks-open' }],
    [
      'looked at, not approved',
      [isolation, price, fact('decide', 'price-check', { of: 'the switch looked at', found: 'sound' })],
      { step: 'ask-approval', why: 'not-approved' },
    ],
    ['approved', [isolation, approval], { step: 'end-decide' }],
  ] as const)('%s', (_what, facts, expected) => expect(next([...found, ...facts])).toEqual({ stage: 'decide', ...expected }));

  test('it waits for whom it was said to wait, until anything is noted', () => {
    const waiting = fact('decide', 'waiting', { what: 'the yes', forWhom: 'the station' });
    expect(next([...found, isolation, waiting])).toEqual({ stage: 'decide', step: 'wait', by: 'the station' });
    expect(next([...found, isolation, waiting, approval])).toEqual({ stage: 'decide', step: 'end-decide' });
  });
});

test('make safe asks for its points in their order, says which of them lock the torch, and ends when none is left', () => {
  const decided = [done('find'), done('decide')];
  expect(next(decided)).toMatchObject({ step: 'answer-point', point: 'power-off', why: 'torch' });
  const all = [
    fact('make-safe', 'locked-off', { keyHolder: 'Ilta', dead: true }),
    fact('make-safe', 'before-picture', { of: 'pipes' }),
    fact('make-safe', 'recovered', { tareKg: 12, grossKg: 13, minutes: 20 }),
    fact('make-safe', 'zero-and-open', {}),
    fact('make-safe', 'told', { who: 'the keeper' }),
    fact('make-safe', 'covered', { what: 'the switch box' }),
    ...(['extinguisher', 'watch', 'sprinklers', 'detectors', 'oxygen'] as const).map((point) =>
      fact('make-safe', 'hot-work', { point, answer: 'done', ...(point === 'oxygen' ? { oxygenPercent: 20.9 } : {}) }),
    ),
  ];
  expect(next([...decided, ...all.slice(0, 3)])).toMatchObject({ step: 'answer-point', point: 'zero-and-open', why: 'torch' });
  expect(next([...decided, ...all])).toEqual({ stage: 'make-safe', step: 'end-make-safe' });
});

describe('joint by joint', () => {
  const safe = [done('find'), done('decide'), done('make-safe')];
  test.each([
    ['no joint yet', [], 'add-joint', undefined],
    ['one is not planned', [joint('a', 'planned'), joint('b', 'not-planned')], 'plan-joint', 'b'],
    ['all are planned', [joint('a', 'passed'), joint('b', 'planned')], 'braze-joint', 'b'],
    ['one is sent back', [joint('a', 'accepted'), joint('b', 'sent-back')], 'braze-joint', 'b'],
    ['one is to be reworked', [joint('a', 'rework'), joint('b', 'brazed')], 'braze-joint', 'a'],
    ['one is made and not looked at', [joint('a', 'passed'), joint('b', 'brazed')], 'look-joint', 'b'],
    ['all are looked at', [joint('a', 'passed'), joint('b', 'accepted')], 'hold', undefined],
  ] as const)('%s', (_what, joints, step, id) => {
    const found = next(safe, joints);
    expect([found.step, found.joint]).toEqual([step, id]);
  });

  test('a job at hand over has its list left', () =>
    expect(next([], [joint('a', 'accepted')], { began: 'hand-over' as Stage, stored: 'hand-over' })).toEqual({
      stage: 'hand-over',
      step: 'answer-handed',
      why: 'hand-over-open',
    }));
});

test('a watch that runs stands with the job; one that ended does not', () => {
  const began = fact('make-safe', 'watch-began', { minutes: 60, by: 'Oskar' }, 5);
  const standing = (facts: readonly StageFact[]) => standingOf(job([done('find'), done('decide'), ...facts]));
  expect(standing([began])).toMatchObject({ stage: 'make-safe', watch: { endsAt: '2026-11-24T11:05:00.000Z' } });
  expect(standing([began, fact('make-safe', 'watch-ended', {}, 59)]).watch).toBeNull();
  expect(standing([]).watch).toBeNull();
});

test('a stage that is opened again is where the job stands, however far it had come', () => {
  const facts = [done('find'), done('decide'), done('make-safe'), fact('find', 'reopened', { why: 'still loses' })];
  expect(standingOf(job(facts)).stage).toBe('find');
});

describe('left over night under pressure', () => {
  const bend = 'overnight-pressure';
  const began = fact('hold', 'bend-began', { bend });
  const read = (point: 'gauge-left' | 'gauge-found', minute: number) =>
    fact('hold', 'bend-point', { bend, point, answer: 'done', reads: { value: 18.3, unit: 'barg' } }, minute);
  const stepOf = (facts: readonly StageFact[]) =>
    next([...(['find', 'decide', 'make-safe'] as const).map(done), ...facts], [joint('j1', 'passed')], { began: 'hold', stored: 'hold' })
      .step;

  test('whoever goes on reads the gauge before anything else', () => {
    expect(stepOf([began])).not.toBe('answer-bend');
    expect(stepOf([began, read('gauge-left', 1)])).toBe('answer-bend');
    expect(stepOf([began, read('gauge-left', 1), read('gauge-found', 2)])).not.toBe('answer-bend');
  });
});
