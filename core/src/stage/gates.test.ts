import type { CircuitGraph } from '../circuit/graph';
import type { KeptStage } from '../vocabulary/stage';
import { alsoOpened, keepsMakeSafe, lookedOn, lossOf, notedStage, openGates, softSolderNear, stageState, torchLock, waitsFor } from '.';
import type { StageEntryKind, StageFact, StageValues, TorchFacts } from '.';

const AT = '2026-11-24T10:00:00.000Z';
const fact = <Kind extends StageEntryKind>(stage: KeptStage, kind: Kind, values: StageValues[Kind]): StageFact =>
  ({ id: kind, stage, kind, values, by: 'Ilta Varro', at: AT, photos: [] }) as unknown as StageFact; // cast: one kind at a time
const ABOUT: TorchFacts = { safetyClass: 'A1', refrigerant: 'R-410A', near: [] };
const gates = (facts: readonly StageFact[], stage: KeptStage) => openGates(facts, stage, ABOUT);
const overruled = (stage: KeptStage, gate: StageValues['overruled']['gate']) =>
  fact(stage, 'overruled', { gate, reason: 'the lead says so' });
const held = (parts: readonly string[], verdict: 'tight' | 'leaking', gramsPerYear: number | null) =>
  fact('find', 'section-hold', { parts, verdict, gramsPerYear } as unknown as StageValues['section-hold']); // cast: no more of it is read
const leak = (place: string, gramsPerYear?: number) =>
  fact('find', 'checked-place', { place, method: 'soap', result: 'leak', ...(gramsPerYear === undefined ? {} : { gramsPerYear }) });
/** 1 kg in 365.25 days. */
const LOSS = fact('find', 'loss', { lostKg: 1, days: 365.25 });

describe('what is lost, and what explains it', () => {
  test('a section that leaked explains as much as its places, not that and theirs', () => {
    expect(lossOf([LOSS, held(['drier'], 'leaking', 600)])?.explainedGramsPerYear).toBe(600);
    expect(lossOf([LOSS, held(['drier'], 'leaking', 600), leak('drier', 500)])?.explainedGramsPerYear).toBe(600);
    expect(lossOf([LOSS, held(['drier'], 'leaking', 400), leak('drier', 500)])?.explainedGramsPerYear).toBe(500);
  });

  test('a section counts once, by its last hold; one that is tight explains nothing, one without a figure neither', () => {
    expect(lossOf([LOSS, held(['drier'], 'leaking', 600), held(['drier'], 'tight', 30)])?.explainedGramsPerYear).toBe(0);
    expect(
      lossOf([LOSS, held(['a'], 'leaking', 300), held(['b', 'c'], 'leaking', 200), held(['b', 'c'], 'leaking', 250)])
        ?.explainedGramsPerYear,
    ).toBe(550);
    expect(lossOf([LOSS, held(['a'], 'leaking', null)])?.explainedGramsPerYear).toBe(0);
  });

  test('just half is enough', () => {
    expect(gates([LOSS, leak('a', 500), held(['a'], 'tight', 0)], 'find').map(({ gate }) => gate)).toEqual([]);
    expect(gates([LOSS, leak('a', 499), held(['a'], 'tight', 0)], 'find').map(({ gate }) => gate)).toEqual(['loss-not-explained']);
  });

  test('a hold of a section after the first find is looking on; words about it are not', () => {
    expect(lookedOn([leak('a'), fact('find', 'complaint', { text: 'no cold' })])).toBe(false);
    expect(lookedOn([leak('a'), held(['b'], 'tight', null)])).toBe(true);
    expect(lookedOn([held(['b'], 'leaking', 100)])).toBe(true);
  });
});

describe('gates', () => {
  test('of a price: what was asked to be looked at first, by name, until just that is answered; and a yes', () => {
    const asked = [fact('decide', 'price-held-until', { check: 'coil' }), fact('decide', 'price-held-until', { check: 'switch' })];
    const answered = [...asked, fact('decide', 'price-check', { of: 'coil', found: 'sound' })];
    expect(gates(answered, 'decide')).toEqual([
      { gate: 'price-checks-open', open: ['switch'], protectsPeople: false },
      { gate: 'not-approved', open: [], protectsPeople: false },
    ]);
    expect(gates([fact('decide', 'approval', { by: 'the station', how: 'phone', for: 'drier' })], 'decide')).toEqual([]);
  });

  test('are overruled one by one, and only since the stage was opened anew', () => {
    expect(gates([overruled('decide', 'not-approved')], 'decide')).toEqual([]);
    expect(gates([overruled('decide', 'price-checks-open')], 'decide').map(({ gate }) => gate)).toEqual(['not-approved']);
    const reopened = [overruled('decide', 'not-approved'), fact('decide', 'reopened', { why: 'another part' })];
    expect(gates(reopened, 'decide').map(({ gate }) => gate)).toEqual(['not-approved']);
    expect(gates([overruled('decide', 'not-approved'), fact('find', 'reopened', { why: 'more leaks' })], 'decide')).toEqual([]);
  });

  test('of making safe: what locks the torch protects people, the rest does not', () => {
    const [torch, others] = gates([], 'make-safe');
    expect(torch).toEqual({
      gate: 'torch',
      open: ['power-off', 'zero-and-open', 'extinguisher', 'watch', 'sprinklers', 'detectors', 'oxygen'],
      protectsPeople: true,
    });
    expect(others).toMatchObject({ gate: 'stage-points-open', protectsPeople: false });
    expect(others?.open).toContain('before-pictures');
  });
});

describe('the torch', () => {
  const skipped = fact('make-safe', 'skipped', { reason: 'done before' });
  test('is unlocked where a lead skipped the stage, but for zero and the air, until it is opened anew', () => {
    expect(torchLock([], ABOUT)?.gate).toBe('torch');
    const air = [fact('make-safe', 'zero-and-open', {}), fact('make-safe', 'hot-work', { point: 'oxygen', answer: 'done' })];
    expect(torchLock([skipped], ABOUT)?.open).toEqual(['zero-and-open', 'oxygen']);
    expect(torchLock([...air, skipped], ABOUT)).toBeNull();
    expect(torchLock([skipped, fact('make-safe', 'reopened', { why: 'rain' })], ABOUT)?.gate).toBe('torch');
    expect(torchLock([fact('find', 'skipped', { reason: 'known' })], ABOUT)?.gate).toBe('torch');
    expect(torchLock([...air, skipped, fact('make-safe', 'told', { who: 'the guard' })], ABOUT)).toBeNull();
    expect(torchLock([...air, overruled('make-safe', 'torch')], ABOUT)).toBeNull();
  });

  test('is locked for jobs whose record knows of making safe; older ones could never note it', () => {
    const keeps = (began: 'find' | 'make-safe' | 'plan', stored: 'find' | 'plan', facts: readonly StageFact[] = []) =>
      keepsMakeSafe({ facts, began, stored });
    expect(keeps('find', 'find')).toBe(true);
    expect(keeps('make-safe', 'find')).toBe(true);
    expect(keeps('plan', 'find')).toBe(false);
    expect(keeps('find', 'plan')).toBe(false);
    expect(keeps('plan', 'plan', [fact('make-safe', 'told', { who: 'the guard' })])).toBe(true);
    expect(keeps('plan', 'plan', [fact('find', 'complaint', { text: 'no cold' })])).toBe(false);
  });
});

describe('how far a job is', () => {
  const done = (stage: KeptStage) => fact(stage, 'done', {});
  test('a stage stands as was said of it last; another stage’s word is none', () => {
    expect(stageState([done('find'), fact('find', 'reopened', { why: 'more' })], 'find')).toBe('open');
    expect(stageState([fact('find', 'skipped', { reason: 'known' }), fact('find', 'complaint', { text: 'x' })], 'find')).toBe('skipped');
    expect(stageState([done('decide')], 'find')).toBe('open');
  });

  test('the first open stage since the record began; one that is opened anew comes first', () => {
    expect(notedStage([done('find')], 'find', 'find')).toBe('decide');
    expect(notedStage([done('find'), done('decide'), done('make-safe')], 'find', 'find')).toBe('plan');
    expect(notedStage([], 'decide', 'find')).toBe('decide');
    expect(notedStage([], 'plan', 'braze')).toBe('braze');
    expect(notedStage([done('find'), fact('find', 'reopened', { why: 'more' })], 'plan', 'braze')).toBe('find');
  });

  test('it waits for somebody until anything is noted in that stage', () => {
    const waiting = fact('decide', 'waiting', { what: 'a yes', forWhom: 'the station' });
    expect(waitsFor([waiting], 'decide')).toEqual({ what: 'a yes', forWhom: 'the station' });
    expect(waitsFor([waiting, fact('find', 'complaint', { text: 'x' })], 'decide')).toEqual({ what: 'a yes', forWhom: 'the station' });
    expect(waitsFor([waiting, fact('decide', 'price-held-until', { check: 'coil' })], 'decide')).toBeNull();
    expect(waitsFor([waiting], 'find')).toBeNull();
  });
});

describe('what else is opened', () => {
  const part = (id: string, kind: CircuitGraph['parts'][number]['kind'], rest: object = {}) => ({ id, kind, ...rest });
  const graph: CircuitGraph = {
    parts: [
      ...[part('drier', 'drier'), part('valve', 'valve'), part('sol', 'solenoid'), part('sol-2', 'solenoid'), part('evap', 'evaporator')],
      ...[part('port', 'port', { core: 'in' }), part('bare', 'port', { core: 'out' }), part('far', 'port', { core: 'in' })],
    ],
    links: [],
  };
  const found = (work: readonly string[], opened: readonly string[], schools = {}) =>
    alsoOpened(graph, work, opened, schools).map(({ what, place, isAsked }) => `${what} ${place}${isAsked ? ' asked' : ''}`);

  test('its drier, cores of open ports, seals of what is heated, and the twin of what ages', () => {
    expect(found(['sol', 'valve'], ['port', 'bare'])).toEqual(['drier drier asked', 'core port', 'seal sol', 'seal valve', 'twin sol-2']);
    expect(found(['sol', 'sol-2'], [])).toEqual(['drier drier asked', 'seal sol', 'seal sol-2']);
    expect(found(['evap', 'nobody'], [])).toEqual(['drier drier asked']);
  });

  test('by the other school the drier only where it is open', () => {
    expect(found(['evap'], ['drier'], { drier: 'when-opened' })).toEqual(['drier drier asked']);
    expect(found(['evap'], ['port'], { drier: 'when-opened' })).toEqual(['core port']);
  });
});

test('tin that was seen on the joint’s part or tube is near; other signs and places are not', () => {
  const sign = (place: string, what: string) => fact('find', 'sign', { place, sign: what } as StageValues['sign']);
  const near = (facts: readonly StageFact[]) => softSolderNear(facts, { part: 'drier', from: 'drier', to: 'valve' }).length;
  expect(near([sign('drier', 'soft-solder'), sign('drier', 'oil')])).toBe(1);
  expect(near([sign('drier>valve', 'soft-solder')])).toBe(1);
  expect(near([sign('valve', 'soft-solder')])).toBe(0);
});
