import type { KeptStage } from '../vocabulary/stage';
import { openGates, outOfService, sidesToOpen, torchLock, torchPoints } from '.';
import type { StageEntryKind, StageFact, StageValues, TorchFacts, TorchPoint } from '.';

let count = 0;
const fact = <Kind extends StageEntryKind>(stage: KeptStage, kind: Kind, values: StageValues[Kind]): StageFact =>
  ({ id: `${(count += 1)}`, stage, kind, values, by: 'Ilta Varro', at: '', takenAt: '', photos: [] }) as unknown as StageFact; // cast: one kind at a time
const safe = <Kind extends StageEntryKind>(kind: Kind, values: StageValues[Kind]) => fact('make-safe', kind, values);
const hot = (point: TorchPoint, rest: object = {}) => safe('hot-work', { point, answer: 'done', ...rest });
const way = (method: StageValues['isolation']['method']) =>
  fact('decide', 'isolation', { method, advised: method } as unknown as StageValues['isolation']); // cast: no more of it is read
const barg = (value: number) => ({ value, unit: 'barg' });
const heldBack = (capped: boolean, steady: boolean) => safe('held-back', { what: 'liquid valve', capped, reads: barg(9), steady });

const USUAL: TorchFacts = { safetyClass: 'A1', refrigerant: 'R-410A', near: [] };
const openOf = (facts: readonly StageFact[], about = USUAL) =>
  torchPoints(facts, about).filter(({ isOpen }) => isOpen).map(({ point }) => point); // prettier-ignore
const isOpen = (point: TorchPoint, facts: readonly StageFact[], about = USUAL) => openOf(facts, about).includes(point);
const asked = (facts: readonly StageFact[], about = USUAL) => torchPoints(facts, about).map(({ point }) => point);

describe('the list follows the way that the circuit was isolated', () => {
  test.each([
    ['pump-down', ['low'], true, false],
    ['recover-section', ['section'], true, true],
    ['recover-all', ['high', 'low'], false, true],
  ] as const)('%s: %j to zero; what holds the other side back %s, a cylinder %s', (method, sides, holds, cylinder) => {
    const facts = [way(method)];
    expect(sidesToOpen(facts)).toEqual(sides);
    expect(asked(facts).includes('held-back')).toBe(holds);
    expect(asked(facts).includes('refrigerant-out')).toBe(cylinder);
  });
  test('without a way both sides', () => expect(sidesToOpen([])).toEqual(['high', 'low']));
  test('every side that the flame touches is named; one of two is not enough', () => {
    expect(isOpen('zero-and-open', [way('recover-all'), safe('zero-and-open', { sides: ['low'] })])).toBe(true);
    expect(isOpen('zero-and-open', [way('recover-all'), safe('zero-and-open', { sides: ['low', 'high'] })])).toBe(false);
    expect(isOpen('zero-and-open', [way('pump-down'), safe('zero-and-open', { sides: ['low'] })])).toBe(false);
    expect(isOpen('zero-and-open', [way('recover-section'), safe('zero-and-open', { sides: ['low'] })])).toBe(true);
    // Noted before sides were asked: both were meant.
    expect(isOpen('zero-and-open', [safe('zero-and-open', {})])).toBe(false);
  });
  test('the full side is held back by what is capped and whose gauge stays: a leak-by shuts it again', () => {
    const pumped = way('pump-down');
    expect(isOpen('held-back', [pumped, heldBack(true, true)])).toBe(false);
    for (const bad of [heldBack(false, true), heldBack(true, false)]) expect(isOpen('held-back', [pumped, bad])).toBe(true);
    expect(isOpen('held-back', [pumped, heldBack(true, true), heldBack(true, false)])).toBe(true);
  });
});

describe('what answers', () => {
  test('a lock counts once it was tried and is dead', () => {
    expect(isOpen('power-off', [safe('locked-off', { keyHolder: 'Ilta Varro' })])).toBe(true);
    expect(isOpen('power-off', [safe('locked-off', { keyHolder: 'Ilta Varro', dead: false })])).toBe(true);
    expect(isOpen('power-off', [safe('locked-off', { keyHolder: 'Ilta Varro', dead: true })])).toBe(false);
  });
  test.each<[string, object, string | null, boolean]>([
    ['aired, not read', {}, 'R-410A', true],
    ['19.5 % oxygen', { oxygenPercent: 19.5 }, 'R-410A', true],
    ['19.4 %', { oxygenPercent: 19.4 }, 'R-410A', false],
    ['23.5 %', { oxygenPercent: 23.5 }, 'R-410A', true],
    ['enriched', { oxygenPercent: 23.6 }, 'R-410A', false],
    ['carbon dioxide by an oxygen meter', { oxygenPercent: 20.5 }, 'R-744', false],
    ['carbon dioxide, 0.5 %', { oxygenPercent: 20.5, co2Percent: 0.5 }, 'R-744', true],
    ['carbon dioxide, 0.6 %', { oxygenPercent: 20.5, co2Percent: 0.6 }, 'R-744', false],
    ['ammonia, not read', { oxygenPercent: 20.5 }, 'R-717', false],
    ['ammonia, 25 ppm', { ammoniaPpm: 25 }, 'R-717', true],
    ['ammonia, 26 ppm', { ammoniaPpm: 26 }, 'R-717', false],
    ['a refrigerant nobody named', { oxygenPercent: 20.5 }, null, true],
  ])('air: %s', (_what, read, refrigerant, answers) =>
    expect(isOpen('oxygen', [hot('oxygen', read)], { ...USUAL, refrigerant })).toBe(!answers),
  );
  test('a worse reading afterwards opens it again', () =>
    expect(isOpen('oxygen', [hot('oxygen', { oxygenPercent: 20.8 }), hot('oxygen', { oxygenPercent: 18 })])).toBe(true));
});

describe('overruling', () => {
  const overruled = (points?: readonly TorchPoint[]) =>
    safe('overruled', { gate: 'torch', reason: 'open field', ...(points ? { points } : {}) });
  const lock = (...facts: readonly StageFact[]) => torchLock(facts, USUAL)?.open ?? [];
  const ALL = lock();

  test('lifts the points it names, and those alone', () => {
    expect(lock(overruled(['sprinklers', 'detectors']))).toEqual(ALL.filter((point) => !['sprinklers', 'detectors'].includes(point)));
  });
  test('without names, as pages of before said it, lifts all but zero and open, and the air', () =>
    expect(lock(overruled())).toEqual(['zero-and-open', 'oxygen']));
  test('never zero and open, nor the air, though they are named', () => expect(lock(overruled(['zero-and-open', 'oxygen']))).toEqual(ALL));
  test('counts until the point is answered anew, and worse', () => {
    const tried = (dead: boolean) => safe('locked-off', { keyHolder: 'Ilta Varro', dead });
    expect(lock(overruled(['power-off']))).not.toContain('power-off');
    expect(lock(tried(false), overruled(['power-off']))).not.toContain('power-off');
    expect(lock(overruled(['power-off']), tried(false))).toContain('power-off');
    expect(lock(overruled(['power-off']), tried(true))).not.toContain('power-off');
  });
  test('of another stage or before it was opened anew counts for nothing', () => {
    expect(lock(fact('find', 'overruled', { gate: 'torch', reason: 'x' }))).toEqual(ALL);
    expect(lock(overruled(), safe('reopened', { why: 'another joint' }))).toEqual(ALL);
  });
  test('of the torch leaves the other points of the list as they are', () =>
    expect(openGates([overruled()], 'make-safe', USUAL).map(({ gate }) => gate)).toEqual(['torch', 'stage-points-open']));
});

test('what was put out of service stays an open point until it is back, each for itself', () => {
  const out = (point: TorchPoint) => hot(point, { outOfService: true });
  const back = (point: TorchPoint) => safe('back-in-service', { point, by: 'the keeper' });
  const points = (...facts: readonly StageFact[]) => outOfService(facts).map(({ values }) => values.point);
  expect(points()).toEqual([]);
  expect(points(hot('sprinklers'))).toEqual([]);
  expect(points(out('sprinklers'), out('detectors'))).toEqual(['sprinklers', 'detectors']);
  expect(points(out('sprinklers'), out('detectors'), back('detectors'))).toEqual(['sprinklers']);
  expect(points(back('detectors'), out('detectors'))).toEqual(['detectors']);
  expect(points(out('detectors'), back('detectors'), out('detectors'))).toEqual(['detectors']);
});

describe('a job without a flame', () => {
  const joined = (method: 'press' | 'braze', place = 'drier') => fact('decide', 'joining', { place, method, why: 'usual' });
  const COLD_JOB = { ...USUAL, hotJoints: 0 };

  test('is not asked for extinguisher, watch, sprinklers and detectors; power, zero and the air stay', () => {
    const points = asked([joined('press')], COLD_JOB);
    expect(points).toEqual(expect.arrayContaining(['power-off', 'zero-and-open', 'oxygen']));
    for (const point of ['extinguisher', 'watch', 'sprinklers', 'detectors']) expect(points).not.toContain(point);
  });

  test.each([
    ['one of its joints is brazed after all', [joined('press'), joined('braze', 'valve')], COLD_JOB],
    ['a joint was planned for the torch', [joined('press')], { ...USUAL, hotJoints: 1 }],
    ['nobody says how many are planned', [joined('press')], USUAL],
    ['nobody said how it is joined', [], COLD_JOB],
  ] as const)('is asked for all of it where %s', (_why, facts, about) => expect(asked(facts, about)).toContain('extinguisher'));
});
