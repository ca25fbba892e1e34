import {
  factsOf,
  holdsOf,
  holdState,
  liesIn,
  nextOf,
  notSoaped,
  openGates,
  isWaitedFor,
  settledAt,
  soapedAt,
  thinned,
  usualMinutes,
  bubbledIn,
  HOSES,
  type JobFacts,
  type KeptHold,
  type StageFact,
} from '.';

const at = (minutes: number) => new Date(Date.parse('2026-11-24T10:00:00.000Z') + minutes * 60_000).toISOString();
let count = 0;
const fact = (kind: string, minutes: number, values: object, id = `e${count++}`) =>
  ({
    id,
    kind,
    stage: kind === 'skipped' ? 'find' : 'hold',
    values,
    at: at(minutes),
    takenAt: at(minutes),
    by: 'Ilta Varro',
    aheadMs: 0,
    photos: [],
  }) as unknown as StageFact; // cast: no more is read
const BEGAN = { parts: ['drier'], rig: false, stepsKpag: [345, 1035, 2000], gauge: { name: 'G-3' } };
const began = (id: string, minutes = 0) => fact('hold-began', minutes, BEGAN, id);
const filled = [
  began('h'),
  fact('hold-step', 1, { hold: 'h', pressure: { value: 345, unit: 'kPag' } }),
  fact('hold-step', 6, { hold: 'h', pressure: { value: 2000, unit: 'kPag' } }),
];
const shut = [...filled, fact('supply-shut', 8, { hold: 'h' })];
const ended = (verdict: string) => [...shut, fact('hold-ended', 60, { hold: 'h', verdict })];
const vented = (verdict: string) => [...ended(verdict), fact('vented', 65, { hold: 'h', to: 'outdoors' })];
const soap = (values: object, minutes = 9) => fact('place-soaped', minutes, { hold: 'h', atKpag: 345, result: 'nothing', ...values });
const JOINTS = [
  { id: 'j1', state: 'passed' },
  { id: 'j2', state: 'accepted' },
  { id: 'gone', state: 'cut-out' },
] as const;
const NO_TORCH = { safetyClass: null, refrigerant: null, near: [] };
const job = (facts: readonly StageFact[]): JobFacts => ({
  ...NO_TORCH,
  facts,
  lastFlame: null,
  began: 'find',
  stored: 'hold',
  joints: JOINTS,
});

test.each([
  ['filling', filled],
  ['holding', shut],
  ['ended', ended('tight')],
  ['vented', vented('tight')],
] as const)('a hold is %s by what was noted last', (state, facts) => {
  const [hold] = holdsOf(facts);
  expect(hold && holdState(hold)).toBe(state);
});

test('it counts a quarter of an hour after the pressure was changed last, and not before the supply is shut', () => {
  const [hold] = holdsOf(shut);
  expect(hold && settledAt(hold)).toBe(at(21));
  const late = holdsOf([...filled, fact('supply-shut', 40, { hold: 'h' })])[0];
  expect(late && settledAt(late)).toBe(at(40));
  const open = holdsOf(filled)[0];
  expect(open && settledAt(open)).toBeNull();
});

test('two holds of one job do not mix', () => {
  const both = [...shut, began('k', 30), fact('supply-shut', 45, { hold: 'k' })];
  expect(holdsOf(both).map(({ steps, shutAt }) => [steps.length, shutAt])).toEqual([[2, at(8)], [0, at(45)]]); // prettier-ignore
});

test('soap counts by place and pressure, the last word of each', () => {
  const facts = [...shut, soap({ joint: 'j1', result: 'leak' }), soap({ joint: 'j1' }, 12), soap({ place: 'drier', atKpag: 2000 })];
  const soaped = factsOf(facts, 'place-soaped');
  expect(soapedAt(soaped, { joint: 'j1' }, 345)).toBe('nothing');
  expect(soapedAt(soaped, { joint: 'j1' }, 2000)).toBeNull();
  expect(soapedAt(soaped, { place: 'drier' }, 2000)).toBe('nothing');
  const [hold] = holdsOf([...facts, soap({ hose: 'red', result: 'leak' })]);
  expect(hold && bubbledIn(hold).map(({ hose }) => hose)).toEqual(['red']);
});

describe('what keeps the stage open', () => {
  const gates = (facts: readonly StageFact[]) => openGates(facts, 'hold', { ...NO_TORCH, joints: JOINTS }).map(({ gate }) => gate);
  const all = [soap({ joint: 'j1' }), soap({ joint: 'j2' }), soap({ hose: 'red' })];
  test('no hold, nothing soaped', () => expect(gates([])).toEqual(['no-hold', 'not-soaped']));
  test('a hold that leaked, or could not tell', () => {
    for (const verdict of ['leaking', 'cannot-tell']) expect(gates([...vented(verdict), ...all])).toEqual(['no-hold']);
  });
  test('pressure that was not let down: a lead alone overrules it', () => {
    const open = openGates([...ended('tight'), ...all], 'hold', { ...NO_TORCH, joints: JOINTS });
    expect(open).toEqual([{ gate: 'under-pressure', open: [], protectsPeople: true }]);
  });
  test('a joint that bubbled last, though others did not', () => {
    const facts = [...vented('tight'), ...all, soap({ joint: 'j2', result: 'leak' }, 20)];
    expect(openGates(facts, 'hold', { ...NO_TORCH, joints: JOINTS })).toMatchObject([{ gate: 'not-soaped', open: ['j2'] }]);
  });
  test('nothing once it is tight, soaped and let down', () => expect(gates([...vented('tight'), ...all])).toEqual([]));
  test('a joint that was cut out needs no soap; our hoses do', () => expect(notSoaped([], JOINTS)).toEqual(['j1', 'j2', HOSES]));
  test('our rig alone proves nothing of the circuit', () => {
    const rig = [
      fact('hold-began', 0, { ...BEGAN, rig: true }, 'r'),
      fact('hold-ended', 30, { hold: 'r', verdict: 'tight' }),
      fact('vented', 31, { hold: 'r', to: 'outdoors' }),
    ];
    expect(gates([...rig, ...all])).toEqual(['no-hold']);
  });
});

test.each([
  ['hold', []],
  ['hold-on', shut],
  ['let-down', ended('tight')],
  ['find-the-leak', vented('leaking')],
  ['soap', vented('tight')],
  ['end-hold', [...vented('tight'), soap({ joint: 'j1' }), soap({ joint: 'j2' }), soap({ hose: 'red' })]],
] as const)('next is %s', (step, facts) => expect(nextOf(job(facts))).toMatchObject({ stage: 'hold', step }));

test('a joint that has to be made again comes before the hold, whatever was noted of it', () => {
  const mended = {
    ...job(vented('leaking')),
    stored: 'plan' as const,
    began: 'plan' as const,
    joints: [{ id: 'j1', state: 'rework' as const }],
  };
  expect(nextOf(mended)).toMatchObject({ stage: 'braze', step: 'braze-joint', joint: 'j1' });
});

test('done, the job stands at the pull', () => expect(nextOf(job([...vented('tight'), fact('done', 70, {})])).stage).toBe('pull'));

test('a joint on a tube at the valve that parts two sections lies in the one with the tube’s other end', () => {
  const place = { part: 'gas-valve', from: 'indoor-coil', to: 'gas-valve' };
  expect([liesIn(place, ['indoor-coil']), liesIn(place, ['outdoor-coil']), liesIn(null, ['indoor-coil'])]).toEqual([true, false, false]);
});

test('held as long as it needs, an hour where that takes more than a night', () =>
  expect([usualMinutes(null), usualMinutes(4), usualMinutes(200.2), usualMinutes(5000)]).toEqual([60, 15, 201, 60]));

test('a hold planned as long as it needs is waited for where it would tell soon, one of a typed time is not', () => {
  const held = (plannedMinutes?: number) => ({ began: { values: { plannedMinutes, minutesNeeded: 100 } } }) as unknown as KeptHold;
  expect([isWaitedFor(held(), 6100), isWaitedFor(held(), 9100), isWaitedFor(held(), null), isWaitedFor(held(100), 6100)]).toEqual([
    ...[true, false, false, false],
  ]);
});

test('samples of a day are taken together in even groups, and their mean stays', () => {
  const day = Array.from({ length: 86_400 }, (_, i) => ({ ms: 1000 * i, gaugePa: 2e6 - i, celsius: 18 + (i % 2) }));
  const few = thinned(day);
  const mean = (of: readonly { readonly gaugePa: number }[]) => of.reduce((sum, { gaugePa }) => sum + gaugePa, 0) / of.length;
  expect(few.length).toBeLessThanOrEqual(4000);
  expect(few.length).toBeGreaterThan(3500);
  expect(Math.abs(mean(few) - mean(day))).toBeLessThan(30);
  expect(thinned(day.slice(0, 100))).toHaveLength(100);
});

test('a stand-in’s clock runs faster, and every time of its hold goes by it', () => {
  const series = fact('series-began', 2, { hold: 'h', series: 's', instrument: { columns: [] }, factor: 60 });
  const [hold] = holdsOf([...filled, series, fact('supply-shut', 8, { hold: 'h' })]);
  expect([hold?.factor, hold?.shutAt, hold?.steps[0]?.at]).toEqual([60, at(480), at(60)]);
});
