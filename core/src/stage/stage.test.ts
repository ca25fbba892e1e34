import { TEMPLATE_CIRCUITS } from '../circuit/templates';
import {
  alsoOpened,
  annualRates,
  isExplained,
  joiningChoices,
  lookedOn,
  lossOf,
  nextOf,
  notedStage,
  openGates,
  placesToLook,
  sealStageEntry,
  softSolderNear,
  torchLock,
  torchPoints,
  watchOf,
  type JobFacts,
  type StageEntryKind,
  type StageFact,
  type StageValues,
  type TorchFacts,
} from '.';
import { firstBreakOf } from '../ledger';
import type { KeptStage } from '../vocabulary/stage';

const AT = '2026-11-24T10:00:00.000Z';
const fact = <Kind extends StageEntryKind>(stage: KeptStage, kind: Kind, values: StageValues[Kind], at = AT): StageFact =>
  ({ id: `${kind}-${at}`, stage, kind, values, by: 'Ilta Varro', at, takenAt: at, photos: [] }) as unknown as StageFact; // cast: one kind at a time
const leak = (place: string, gramsPerYear?: number) =>
  fact('find', 'checked-place', { place, method: 'soap', result: 'leak', ...(gramsPerYear === undefined ? {} : { gramsPerYear }) });
const nothing = (place: string) => fact('find', 'checked-place', { place, method: 'soap', result: 'nothing' });
/** 410 g in 61 days: 2.46 kg a year. */
const LOSS = fact('find', 'loss', { lostKg: 0.41, days: 61 });
const NOTHING: TorchFacts = { safetyClass: 'A1', refrigerant: 'R-410A', near: [] };
const gates = (facts: readonly StageFact[], stage: KeptStage, about = NOTHING) => openGates(facts, stage, about).map((gate) => gate.gate);

describe('find', () => {
  test('410 g in 61 days are 2.46 kg a year; each place counts once, by what was said of it last', () => {
    const loss = lossOf([LOSS, leak('a', 100), leak('a', 900), leak('b')]);
    expect(loss?.gramsPerYear).toBeCloseTo(2455, 0);
    expect(loss).toMatchObject({ explainedGramsPerYear: 900, unsized: 1 });
    expect(lossOf([leak('a', 100)])).toBeNull();
  });

  test('half of it has to be explained, or nobody knows what was lost', () => {
    expect(isExplained(lossOf([LOSS, leak('a', 1200)]))).toBe(false);
    expect(isExplained(lossOf([LOSS, leak('a', 1300)]))).toBe(true);
    expect(isExplained(null)).toBe(true);
  });

  test('a place that was mended and found tight explains nothing', () =>
    expect(lossOf([LOSS, leak('a', 2000), nothing('a')])?.explainedGramsPerYear).toBe(0));

  test('after the first leak one looks on', () => {
    expect(lookedOn([nothing('a'), leak('b')])).toBe(false);
    expect(lookedOn([leak('b'), nothing('a')])).toBe(true);
    expect(gates([LOSS, leak('a', 100)], 'find')).toEqual(['loss-not-explained', 'not-looked-on']);
  });

  test('stopping with a reason opens both gates', () =>
    expect(gates([LOSS, leak('a', 100), fact('find', 'stopped-looking', { reason: 'shut at six' })], 'find')).toEqual([]));

  test('signs first, then where it leaked before, then caps and cores; what was checked is not offered again', () => {
    const history = { leaks: [{ place: 'condenser', on: '2026-05-10' }], joints: [{ place: 'drier', tag: 'HS3-03' }] };
    const sign = fact('find', 'sign', { place: 'evaporator>gas-valve', sign: 'oil' });
    const places = placesToLook(TEMPLATE_CIRCUITS.split, [sign, nothing('liquid-port')], history);
    expect(places.slice(0, 3).map((p) => p.place)).toEqual(['evaporator>gas-valve', 'condenser', 'liquid-valve']);
    expect(places[0]?.why).toEqual([{ code: 'sign', sign: 'oil' }, { code: 'in-the-wall' }]);
    expect(places.map((p) => p.place)).not.toContain('liquid-port');
    expect(places.find((p) => p.place === 'drier')?.why[0]).toEqual({ code: 'earlier-joint', tag: 'HS3-03' });
    expect(places.map((p) => p.place)).toContain('rig');
    expect(places.find((p) => p.place === 'liquid-valve')?.why[0]).toEqual({ code: 'near-repair' });
  });

  test('soft solder seen at a joint’s place is near it, elsewhere it is not', () => {
    const seen = (place: string) => fact('find', 'sign', { place, sign: 'soft-solder' });
    const at = { part: 'gas-valve', from: 'evaporator', to: 'gas-valve' };
    expect(softSolderNear([seen('evaporator>gas-valve')], at)).toEqual([
      { kind: 'soft-solder-joint', distance: { value: 150, unit: 'mm' } },
    ]);
    expect(softSolderNear([seen('condenser')], at)).toEqual([]);
  });
});

describe('decide', () => {
  const yes = fact('decide', 'approval', { by: 'the station', how: 'phone', for: 'all' });
  test('a yes is needed, and what the price waits for', () => {
    const held = fact('decide', 'price-held-until', { check: 'low rows' });
    expect(gates([], 'decide')).toEqual(['not-approved']);
    expect(gates([yes, held], 'decide')).toEqual(['price-checks-open']);
    expect(gates([yes, held, fact('decide', 'price-check', { of: 'low rows', found: 'dry' })], 'decide')).toEqual([]);
  });

  test('what else is opened: the drier always, by school only when opened; cores that are open, seals that are heated, twins of what ages', () => {
    const split = TEMPLATE_CIRCUITS.split;
    const of = (work: readonly string[], opened: readonly string[], schools = {}) =>
      alsoOpened(split, work, opened, schools).map((item) => `${item.what}:${item.place}`);
    expect(of(['gas-valve'], ['gas-valve', 'gas-port'])).toEqual(['drier:drier', 'core:gas-port', 'seal:gas-valve']);
    expect(of(['gas-valve'], ['gas-valve'], { drier: 'when-opened' })).toEqual(['seal:gas-valve']);
    expect(of(['compressor'], [])).toContain('flush:compressor');
    const twin = { ...split, parts: [...split.parts, { id: 'expansion-2', kind: 'expansion-valve' as const }] };
    expect(alsoOpened(twin, ['expansion'], [], {})).toContainEqual({ what: 'twin', place: 'expansion-2', isAsked: false });
  });

  test('joining: bend first; press where the refrigerant burns; no flare over 3/4 in; braze what shakes; no flame, no torch', () => {
    const base = { odM: 0.009525, safetyClass: 'A1', near: [], vibration: false, flameAllowed: true } as const;
    const verdict = (method: string, facts: Parameters<typeof joiningChoices>[0]) =>
      joiningChoices(facts).find((c) => c.method === method)?.verdict;
    expect(joiningChoices(base)[0]?.method).toBe('bend');
    expect(verdict('braze', base)).toBe('best');
    expect(verdict('press', { ...base, safetyClass: 'A2L' })).toBe('best');
    expect(verdict('flare', { ...base, odM: 0.022225 })).toBe('avoid');
    expect(verdict('press', { ...base, vibration: true })).toBe('avoid');
    expect(verdict('braze', { ...base, flameAllowed: false })).toBe('avoid');
  });
});

describe('make safe', () => {
  const hot = (point: 'extinguisher' | 'watch' | 'sprinklers' | 'detectors' | 'oxygen' | 'swept' | 'wood', rest: object = {}) =>
    fact('make-safe', 'hot-work', { point, answer: 'done', ...rest });
  const zero = fact('make-safe', 'zero-and-open', {});
  const dead = fact('make-safe', 'locked-off', { keyHolder: 'Ilta Varro', dead: true });
  const answered = [dead, zero, hot('extinguisher'), hot('watch'), hot('sprinklers'), hot('detectors'), hot('oxygen')];

  test('the torch stays locked until lock, zero, extinguisher, watch, sprinklers, detectors and air are answered', () => {
    expect(torchLock([], NOTHING)?.open).toEqual([
      ...['power-off', 'zero-and-open', 'extinguisher', 'watch', 'sprinklers', 'detectors', 'oxygen'],
    ]);
    for (const missing of answered)
      expect(
        torchLock(
          answered.filter((f) => f !== missing),
          NOTHING,
        ),
      ).not.toBeNull();
    expect(torchLock(answered, NOTHING)).toBeNull();
  });

  test('where frost was seen it is melted first; once it is known how the work is got at, liquid that stayed is looked for', () => {
    const asked = (...facts: readonly StageFact[]) => torchPoints(facts, NOTHING).map(({ point }) => point);
    const frost = fact('find', 'sign', { place: 'evaporator', sign: 'frost' });
    expect(asked()).not.toEqual(expect.arrayContaining(['thawed']));
    expect(asked(frost)).toContain('thawed');
    const way = fact('decide', 'isolation', { work: ['drier'], method: 'recover-all' } as unknown as StageValues['isolation']); // cast: no more of it is read
    expect(asked(way)).toContain('liquid-left');
    expect(torchLock([...answered, frost, way], NOTHING)).toBeNull();
  });

  test('under 19.5 % oxygen is no answer', () => {
    const low = [...answered.slice(0, 6), hot('oxygen', { oxygenPercent: 19.4 })];
    expect(torchLock(low, NOTHING)?.open).toEqual(['oxygen']);
    expect(torchLock([...low, hot('oxygen', { oxygenPercent: 19.5 })], NOTHING)).toBeNull();
  });

  test('a refrigerant that burns is swept first; what lies near a joint is asked for', () => {
    expect(torchLock(answered, { ...NOTHING, safetyClass: 'A2L' })?.open).toEqual(['swept']);
    expect(torchPoints([], { ...NOTHING, near: ['wood', 'valve'] }).map((p) => p.point)).toContain('wood');
    expect(torchPoints([], NOTHING).map((p) => p.point)).not.toContain('wood');
  });

  test('overruled or skipped it is open; opened again the old overruling does not count', () => {
    const overruled = fact('make-safe', 'overruled', { gate: 'torch', reason: 'open field' });
    const reopened = fact('make-safe', 'reopened', { why: 'another joint' });
    // Zero and open, and the air, are overruled by nobody.
    expect(torchLock([overruled], NOTHING)?.open).toEqual(['zero-and-open', 'oxygen']);
    expect(torchLock([overruled, reopened], NOTHING)?.open).toContain('extinguisher');
    expect(torchLock([fact('make-safe', 'skipped', { reason: 'press' })], NOTHING)?.open).toEqual(['zero-and-open', 'oxygen']);
  });

  test('a watch ends by the clock', () => {
    const began = fact('make-safe', 'watch-began', { minutes: 60, by: 'Oskar Penn' });
    expect(watchOf([began], null)).toEqual({
      by: 'Oskar Penn',
      beganAt: AT,
      endsAt: '2026-11-24T11:00:00.000Z',
      endedAt: null,
      isNotWitnessed: false,
    });
    expect(watchOf([began, fact('make-safe', 'watch-ended', {}, '2026-11-24T11:05:00.000Z')], null)?.endedAt).toBe(
      '2026-11-24T11:05:00.000Z',
    );
    expect(watchOf([], null)).toBeNull();
  });

  test('handed to whoever stays it is theirs, and its minutes run on', () => {
    const began = fact('make-safe', 'watch-began', { minutes: 60, by: 'Oskar Penn' });
    const handed = fact('make-safe', 'watch-handed', { to: 'Ilta Varro' }, '2026-11-24T10:20:00.000Z');
    expect(watchOf([began, handed], null)).toMatchObject({ by: 'Ilta Varro', endsAt: '2026-11-24T11:00:00.000Z' });
  });

  test('it counts from the last flame, where that was lit after it began', () => {
    const began = fact('make-safe', 'watch-began', { minutes: 60, by: 'Oskar Penn' });
    expect(watchOf([began], '2026-11-24T10:40:00.000Z')?.endsAt).toBe('2026-11-24T11:40:00.000Z');
    expect(watchOf([began], '2026-11-24T09:00:00.000Z')?.endsAt).toBe('2026-11-24T11:00:00.000Z');
  });

  test('begun and ended by one device alone, and both here within minutes: not witnessed, until a lead has looked into it', () => {
    const began = fact('make-safe', 'watch-began', { minutes: 60, by: 'Oskar Penn' });
    const ended = (takenAt: string, reason?: string) => ({
      ...fact('make-safe', 'watch-ended', reason === undefined ? {} : { reason }, '2026-11-24T11:00:30.000Z'),
      takenAt,
    });
    const witnessed = (...after: readonly StageFact[]) => watchOf([began, ...after], null)?.isNotWitnessed;
    expect(witnessed(ended('2026-11-24T10:03:00.000Z'))).toBe(true);
    expect(witnessed(ended('2026-11-24T11:00:30.000Z'))).toBe(false);
    expect(witnessed(ended('2026-11-24T10:03:00.000Z', 'the storm'))).toBe(false);
    expect(witnessed(ended('2026-11-24T10:03:00.000Z'), fact('make-safe', 'watch-looked-into', { found: 'I stood beside him' }))).toBe(
      false,
    );
  });
});

describe('what comes next', () => {
  const job = (facts: readonly StageFact[], rest: Partial<JobFacts> = {}): JobFacts => ({
    ...{ facts, lastFlame: null, began: 'find', stored: 'find', joints: [], ...NOTHING },
    ...rest,
  });
  const done = (stage: KeptStage) => fact(stage, 'done', {});
  const complaint = fact('find', 'complaint', { text: 'warm' });

  test('stage by stage, then joint by joint', () => {
    expect(nextOf(job([]))).toEqual({ stage: 'find', step: 'note-complaint' });
    expect(nextOf(job([complaint]))).toEqual({ stage: 'find', step: 'check-a-place' });
    expect(nextOf(job([complaint, leak('a', 1)]))).toEqual({ stage: 'find', step: 'look-on', why: 'not-looked-on' });
    expect(nextOf(job([complaint, nothing('a')]))).toEqual({ stage: 'find', step: 'end-find' });
    expect(nextOf(job([done('find')]))).toEqual({ stage: 'decide', step: 'choose-isolation' });
    const waits = fact('decide', 'waiting', { what: 'a yes', forWhom: 'the owner' });
    expect(nextOf(job([done('find'), waits]))).toEqual({ stage: 'decide', step: 'wait', by: 'the owner' });
    expect(nextOf(job([done('find'), done('decide')]))).toEqual({
      ...{ stage: 'make-safe', step: 'answer-point', point: 'power-off', why: 'torch' },
    });
    const all = [done('find'), done('decide'), done('make-safe')];
    expect(nextOf(job(all))).toEqual({ stage: 'plan', step: 'add-joint' });
    const joints = [{ id: 'j1', state: 'planned' }, { id: 'j2', state: 'not-planned' }] as const; // prettier-ignore
    expect(nextOf(job(all, { joints }))).toEqual({ stage: 'plan', step: 'plan-joint', joint: 'j2' });
    expect(nextOf(job(all, { joints: [{ id: 'j1', state: 'brazed' }] }))).toMatchObject({ step: 'look-joint', joint: 'j1' });
  });

  test('a stage opened again comes first; a job from before stages were kept stays where it was put', () => {
    expect(notedStage([done('find'), fact('find', 'reopened', { why: 'short again' })], 'find', 'find')).toBe('find');
    expect(notedStage([], 'find', 'hold')).toBe('hold');
    expect(notedStage([], 'plan', 'plan')).toBe('plan');
  });
});

test('one altered letter breaks the chain at its link, a link taken out at the next', () => {
  const link = (sequence: number, previous: string | null, text: string) =>
    sealStageEntry({
      ...{ format: 1, id: `e${sequence}`, job: { id: 'j', number: 31 }, sequence, stage: 'find', kind: 'complaint' },
      ...{ person: { id: 'p', name: 'Ilta Varro' }, deviceTime: AT, serverTime: AT, values: { text }, photos: [], previous },
    });
  const first = link(1, null, 'warm');
  const second = link(2, first.hash, 'still warm');
  const third = link(3, second.hash, 'cold');
  expect(firstBreakOf('job', [first, second, third])).toBeNull();
  const altered = { ...second, content: { ...second.content, values: { text: 'still Warm' } } };
  expect(firstBreakOf('job', [first, altered, third])).toEqual({ entry: 2, why: 'entry-altered' });
  expect(firstBreakOf('job', [first, third])).toEqual({ entry: 2, why: 'link-broken' });
});

test('lost charge as annual rates: 1.1 of 11.4 kg in 160 days is 22 % annualised and 9.6 % within the year', () => {
  const rates = annualRates([fact('find', 'loss', { lostKg: 1.1, days: 160, chargeKg: 11.4 })]);
  expect(rates?.annualised).toBeCloseTo(22.0, 1);
  expect(rates?.rolling).toBeCloseTo(9.65, 1);
  expect(annualRates([LOSS])).toBeNull();
});
