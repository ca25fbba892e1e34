import {
  bendsOf,
  mayBeNoneHere,
  nextOf,
  openHandOver,
  openTogether,
  otherRosePa,
  soapProves,
  unprovedJoints,
  type JobFacts,
  type StageFact,
} from '.';

let count = 0;
const fact = (stage: string, kind: string, values: object) => {
  const at = new Date(Date.parse('2026-11-24T10:00:00.000Z') + 60_000 * count++).toISOString();
  return { id: `e${count}`, kind, stage, values, at, takenAt: at, by: 'Ilta Varro', aheadMs: 0, photos: [] } as unknown as StageFact; // cast: no more is read
};
const handed = (point: string, rest: object = {}) => fact('hand-over', 'handed-point', { point, answer: 'done', ...rest });
const bend = (kind: string, of: string, rest: object = {}) => fact('decide', kind, { bend: of, ...rest });
const JOINTS = [
  { id: 'j1', state: 'passed' },
  { id: 'j2', state: 'accepted' },
  { id: 'gone', state: 'cut-out' },
  { id: 'later', state: 'not-planned' },
] as const;
const BURNS = { safetyClass: 'A2L', joints: JOINTS } as const;
const CALM = { safetyClass: 'A1', joints: JOINTS } as const;

describe('each joint proved by itself', () => {
  const proved = (...ids: readonly string[]) =>
    handed('joint-tightness', { proofs: ids.map((joint) => ({ joint, method: 'soap-on-nitrogen' })) });

  test('where the refrigerant burns every joint that stays; a cut one, and one nobody made, is none', () => {
    expect(unprovedJoints([], BURNS)).toEqual(['j1', 'j2']);
    expect(unprovedJoints([proved('j1')], BURNS)).toEqual(['j2']);
    expect(unprovedJoints([], CALM)).toEqual([]);
  });

  test('“done” without them keeps the point open, and it is never “none here” while a joint stays', () => {
    expect(openHandOver([handed('joint-tightness')], BURNS)).toContain('joint-tightness');
    expect(openHandOver([proved('j1', 'j2')], BURNS)).not.toContain('joint-tightness');
    expect(openHandOver([handed('joint-tightness')], CALM)).not.toContain('joint-tightness');
    expect([mayBeNoneHere([], 'joint-tightness', BURNS), mayBeNoneHere([], 'joint-tightness', CALM)]).toEqual([false, true]);
    expect(openTogether([], BURNS)).not.toContain('joint-tightness');
  });

  // 4 100 kPag on the plate: a quarter are 1 025.
  test('soap proves it at a quarter of the design pressure and more, by what it showed last', () => {
    const soap = (atKpag: number, result = 'nothing') => fact('hold', 'place-soaped', { hold: 'h', joint: 'j1', atKpag, result });
    expect(soapProves([soap(345)], 'j1', 4100)).toBe(false);
    expect(soapProves([soap(345), soap(1035)], 'j1', 4100)).toBe(true);
    expect(soapProves([soap(1035), soap(4000, 'leak')], 'j1', 4100)).toBe(false);
    expect(soapProves([soap(1035)], 'j2', 4100)).toBe(false);
  });
});

describe('the owner says no', () => {
  const NO = bend('bend-began', 'owner-no');

  test('nothing of the list is open but what this job itself undid', () => {
    expect(openHandOver([NO], BURNS)).toEqual(['joint-tightness']);
    expect(openHandOver([NO], CALM)).toEqual([]);
    const locked = fact('make-safe', 'locked-off', { keyHolder: 'Ilta Varro', dead: true });
    expect(openHandOver([locked, NO], CALM)).toEqual(['locks-off']);
  });

  test('what comes next is what an owner is left with, then the signature; after all a yes, the job goes on where it was', () => {
    const job = (facts: readonly StageFact[]): JobFacts => ({ ...{ facts, near: [], refrigerant: 'R-32', safetyClass: 'A2L' }, ...{ lastFlame: null, began: 'find', stored: 'find', joints: [] } }); // prettier-ignore
    expect(nextOf(job([NO]))).toEqual({ stage: 'hand-over', step: 'answer-bend', why: 'bend-open' });
    const left = ['left-told', 'valves-capped', 'none-added'].map((point) => bend('bend-point', 'owner-no', { point, answer: 'done' }));
    expect(nextOf(job([NO, ...left]))).toMatchObject({ stage: 'hand-over', step: 'sign-off' });
    expect(nextOf(job([NO, bend('bend-left', 'owner-no', { why: 'yes after all' })]))).toMatchObject({
      stage: 'decide',
      step: 'choose-isolation',
    });
  });
});

test('a bend that was taken back and said again stands', () => {
  const said = [
    bend('bend-began', 'sealed-room'),
    bend('bend-left', 'sealed-room', { why: 'it has a fan' }),
    bend('bend-began', 'sealed-room'),
  ];
  expect([bendsOf(said.slice(0, 2)), bendsOf(said)]).toEqual([[], ['sealed-room']]);
});

describe('the other circuit’s gauge', () => {
  const read = (point: string, barg: number) =>
    bend('bend-point', 'two-circuits', { point, answer: 'done', reads: { value: barg, unit: 'barg' } });

  // 2 % of 6.2 bar are 12.4 kPa, and a gauge near zero moves by 2 kPa with warmth.
  test.each([
    [6.2, 6.3, null],
    [6.2, 6.35, 15_000],
    [6.2, 5, null],
    [0, 0.015, null],
    [0, 0.03, 3000],
  ])('from %d to %d barg', (before, after, rose) => {
    const found = otherRosePa([read('other-before', before), read('other-after', after)]);
    if (rose === null) expect(found).toBeNull();
    else expect(found).toBeCloseTo(rose, 0);
  });

  test('read once it tells nothing', () => expect(otherRosePa([read('other-before', 6.2)])).toBeNull());
});
