import type { JointEntry } from './jointEntry';
import { correctedEntry, valuesNow } from './correct';
import { brazersOf, inTurn, JOINT_STATES, MAY_FOLLOW, mayFollow, outOfTurn, stateAfter, unsettled, type EntryFact } from './state';

const fact = (kind: EntryFact['kind'], values: EntryFact['values'] = {}): EntryFact => ({ kind, values });
const looked = (result: string) => fact('looked-at', { result });

test.each<[string, readonly EntryFact[], boolean, string]>([
  ['nothing noted and no plan', [], false, 'not-planned'],
  ['a plan that is kept', [], true, 'planned'],
  ['planned by an entry', [fact('planned')], false, 'planned'],
  ['prepared and purged', [fact('planned'), fact('prepared'), fact('purged')], true, 'planned'],
  ['brazed', [fact('brazed')], true, 'brazed'],
  ['looked at and passed', [fact('brazed'), looked('pass')], true, 'passed'],
  ['looked at and to be done again', [fact('brazed'), looked('rework')], true, 'rework'],
  ['done again', [fact('brazed'), looked('rework'), fact('reworked')], true, 'brazed'],
  ['soaped and held change nothing', [fact('brazed'), looked('pass'), fact('soaped'), fact('held')], true, 'passed'],
  ['accepted', [fact('brazed'), looked('pass'), fact('accepted')], true, 'accepted'],
  ['sent back', [fact('brazed'), looked('pass'), fact('sent-back')], true, 'sent-back'],
  ['condemned by the eye', [fact('brazed'), looked('cut-out')], true, 'cut-out'],
  ['corrected afterwards', [fact('brazed'), fact('corrected', { rodMm: 1 })], true, 'brazed'],
])('%s', (_what, entries, hasPlan, state) => expect(stateAfter(entries, hasPlan)).toBe(state));

test('the flame comes once to a planned joint, and again only to one that is to be reworked or was sent back', () => {
  const may = (kind: EntryFact['kind']) => JOINT_STATES.filter((state) => mayFollow(kind, state));
  expect(may('brazed')).toEqual(['planned']);
  expect(may('reworked')).toEqual(['rework', 'sent-back']);
  expect(may('accepted')).toEqual(['passed']);
  expect(may('planned')).toEqual([]);
});

test('a joint that was cut out takes corrections, strikings out, erasures and comments, and nothing else', () => {
  const kinds = Object.keys(MAY_FOLLOW) as EntryFact['kind'][];
  expect(kinds.filter((kind) => mayFollow(kind, 'cut-out'))).toEqual(['corrected', 'struck-out', 'erased', 'commented']);
  // A joint that no flame makes needs no plan.
  expect(kinds.filter((kind) => mayFollow(kind, 'not-planned'))).toEqual(['goes-on-from', 'pressed', 'flared', 'bent']);
});

test('whoever heated the joint is known, and nobody else', () => {
  const by = (kind: EntryFact['kind'], id: string) => ({ kind, person: { id } });
  expect(
    brazersOf([by('planned', 'ilta'), by('brazed', 'ilta'), by('looked-at', 'bo'), by('reworked', 'oskar'), by('held', 'maren')]),
  ).toEqual(['ilta', 'oskar']);
});

describe('corrections', () => {
  const entry = (id: string, values: object, corrects?: string) =>
    ({
      id,
      kind: corrects ? 'corrected' : 'brazed',
      values,
      corrects: corrects ? { entry: corrects, why: 'misread' } : null,
    }) as JointEntry; // cast: no more of an entry is read

  test('of a correction is one of the entry behind both; the last counts', () => {
    const [made, once, again] = [entry('a', { rodMm: 60, note: 'x' }), entry('b', { rodMm: 50 }, 'a'), entry('c', { rodMm: 55 }, 'b')];
    expect(correctedEntry([made, once, again], 'b')?.id).toBe('a');
    expect(valuesNow([made, once, again], made)).toEqual({ rodMm: 55, note: 'x' });
  });

  test('of an entry that is not there touch nothing', () => {
    const [made, lost] = [entry('a', { rodMm: 60 }), entry('b', { rodMm: 50 }, 'nobody')];
    expect(correctedEntry([made, lost], 'nobody')).toBeUndefined();
    expect(correctedEntry([made, lost], 'b')).toBeUndefined();
    expect(valuesNow([made, lost], made)).toEqual({ rodMm: 60 });
  });

  test('that name each other lead nowhere and end', () => {
    expect(correctedEntry([entry('a', {}, 'b'), entry('b', {}, 'a')], 'a')).toBeUndefined();
  });
});

test('what came out of turn stays, moves nothing, and is told', () => {
  const entries = [fact('planned'), fact('brazed'), fact('brazed', { rodMm: 40 }), looked('pass'), fact('cooled')];
  expect(stateAfter(entries, true)).toBe('passed');
  expect(outOfTurn(entries)).toEqual([fact('brazed', { rodMm: 40 })]);
  expect(inTurn(entries).map(({ kind }) => kind)).toEqual(['planned', 'brazed', 'looked-at', 'cooled']);
  expect(stateAfter([fact('planned'), looked('pass'), fact('brazed')], true)).toBe('brazed');
});

test('what waits for a lead is settled by a judgement after it: a flame that was lit cannot be unsaid', () => {
  const locked = fact('brazed', { torch: 'locked' });
  const made = [fact('planned'), locked, looked('pass')];
  expect(unsettled(made)).toEqual([locked]);
  expect(unsettled([...made, fact('accepted')])).toEqual([]);
  expect(unsettled([...made, fact('accepted'), fact('brazed')])).toEqual([fact('brazed')]);
  expect(unsettled([fact('planned'), fact('brazed', { result: 'locked' })])).toHaveLength(1);
  expect(unsettled([fact('planned'), fact('brazed', { torch: 'open' }), looked('pass')])).toEqual([]);
});
