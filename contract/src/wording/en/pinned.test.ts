import { INCH_PREFERENCES, type CalcError, type IsolationWhy, type PlaceWhy } from '@kesto/core';
import { calcErrorText, wireError } from './errors';
import { isolationWhyText } from './isolation';
import { misfitText } from './misfits';
import { noApprovalText } from './people';
import { SCHOOL_TEXTS, schoolName, spokenSchools } from './schools';
import { METRIC_SHOW, num, showIn, str } from './show';
import { gateText } from './gates';
import { placeWhyText } from './findWords';
import { stageWriteWord } from './stageEntries';
import { nextText, watchNotWitnessedText } from './stages';

const name = (part: string) => `the ${part}`;

test.each<[IsolationWhy, string]>([
  [{ code: 'valves-shut', parts: ['a', 'b'] }, 'the a, the b shuts off every way from the discharge to the work.'],
  [{ code: 'emptied-by-compressor' }, 'The compressor runs and draws the work empty into the condenser.'],
  [{ code: 'other-position' }, 'With the reversing valve in its other position.'],
  [{ code: 'not-running' }, 'No pump-down: no compressor of this circuit runs.'],
  [{ code: 'low-side-leak' }, 'No pump-down: the low side leaks and could draw air.'],
  [{ code: 'below-zero' }, 'No pump-down: the low side is below zero gauge already.'],
  [{ code: 'air-inside' }, 'No pump-down: air or nitrogen is inside. Compressed with oil it has burst compressors.'],
  [{ code: 'joint-open' }, 'No pump-down: a joint is open before the compressor and air would be drawn in.'],
  [{ code: 'work-stays-full', parts: ['a'] }, 'No pump-down: no valve that closes cuts the discharge off from the a.'],
  [{ code: 'fed-by-part', parts: ['a'] }, 'No pump-down: the a feeds the side that would be opened, and does not close.'],
  [{ code: 'no-way-out', parts: ['a'] }, 'No pump-down: what is in the a cannot get to the compressor.'],
  [
    { code: 'charge-too-large', chargeKg: 12.34, roomKg: 9.96 },
    'No pump-down: 12.3 kg are in it, condenser and receiver take 10.0 kg at 80 %.',
  ],
  [{ code: 'density-assumed' }, 'How dense it is is not known here: 1 kg of liquid a litre taken.'],
  [{ code: 'bounded', parts: ['a', 'b'] }, 'the a, the b shut the piece off: only that is recovered.'],
  [{ code: 'not-bounded' }, 'No valves that are known to close tight lie on both sides of the work: all of it has to come out.'],
] as [IsolationWhy, string][])('%j', (why, sentence) => expect(isolationWhyText(why, name)).toBe(sentence));

test('a part without a name is called by its id', () =>
  expect(isolationWhyText({ code: 'bounded', parts: ['a', 'b'] })).toMatch(/^a, b shut/));

test.each<[PlaceWhy, string]>([
  [{ code: 'sign', sign: 'oily-dirt' }, 'oily dirt seen'],
  [{ code: 'leaked-before', on: '2025-03-01' }, 'leaked before, 2025-03-01'],
  [{ code: 'leaked-before', on: '2025-03-01', unit: 'GC7' }, 'leaked before, 2025-03-01, on GC7'],
  [{ code: 'earlier-joint', tag: 'CR2-03' }, 'CR2-03 was made here'],
  [{ code: 'shakes' }, 'tube at the compressor: it shakes'],
  [{ code: 'in-the-wall' }, 'in the wall: cannot be seen, hold it'],
  [{ code: 'plain-tube' }, 'plain tube'],
  [{ code: 'own-hoses' }, 'our own hoses and gauges: hold them alone'],
] as [PlaceWhy, string][])('%j', (why, sentence) => expect(placeWhyText(why)).toBe(sentence));

test.each<[CalcError, string]>([
  [{ kind: 'out-of-range', field: 'x', min: 0.1, max: 4.6, value: 1234.5678, unit: 'MPa' }, 'must lie in 0.1..4.6 MPa, got 1234.57'],
  [{ kind: 'out-of-range', field: 'x', min: 0, max: 1, value: 2, unit: '' }, 'must lie in 0..1 , got 2'],
  [{ kind: 'not-a-number', field: 'x' }, 'must be a number'],
  [{ kind: 'unknown-unit', field: 'x', unit: 'cubit', allowed: ['mm', 'in'] }, 'unit cubit does not fit here; allowed: mm, in'],
  [{ kind: 'unknown-word', field: 'x', word: 'tin', allowed: ['copper'] }, 'tin is not known; allowed: copper'],
  [
    { kind: 'unknown-word', field: 'x', word: 'cast-iron', allowed: ['copper'] },
    'cast iron: its graphite keeps filler off, flange it or screw it; allowed: copper',
  ],
  [{ kind: 'not-in-stock', field: 'x', word: 'BAg-1', allowed: ['BAg-36'] }, 'BAg-1 is not in the stock; there is BAg-36'],
  [{ kind: 'missing', field: 'x', needed: 'two-samples' }, 'is needed: at least two, a start and an end'],
  [{ kind: 'excludes', field: 'x', other: 'y' }, 'cannot be given together with y'],
  [{ kind: 'unreadable', field: 'x', examples: ['7/8', '22 mm'] }, 'cannot be read; write it like 7/8, 22 mm'],
  [{ kind: 'refused', field: 'x', reason: 'forbidden-filler', value: 'BCuP-2' }, 'BCuP-2 is forbidden on this joint and cannot be chosen'],
  [
    { kind: 'refused', field: 'x', reason: 'flood-under-trickle', value: '2.4' },
    'is less than the trickle of this bore (2.4 L/min): a flood must be more',
  ],
  [
    { kind: 'refused', field: 'x', reason: 'say-gauge-or-absolute', value: 'bar' },
    'bar can be read as gauge or absolute: say barg or bara',
  ],
  [
    { kind: 'refused', field: 'x', reason: 'say-gauge-or-absolute', value: 'kPa' },
    'kPa can be read as gauge or absolute: say kPag, barg or psig',
  ],
  [
    { kind: 'refused', field: 'x', reason: 'not-removable', value: 'sight-glass' },
    'removed is not for a sight glass: it stays on the line',
  ],
  [
    { kind: 'refused', field: 'x', reason: 'gauge-difference' },
    'psi is a difference of pressures: say psig for gauge or psia for absolute',
  ],
  [
    { kind: 'refused', field: 'x', reason: 'stands-twice', value: 'BAg-36' },
    'BAg-36 stands in the stock in two rods: say which with choose {designation, rod}',
  ],
  [{ kind: 'refused', field: 'x', reason: 'given-twice', value: 'BAg-36' }, 'BAg-36 stands twice: each is given once'],
  [{ kind: 'refused', field: 'x', reason: 'no-such-part', value: 'moon' }, 'moon is no part of this circuit'],
  [{ kind: 'refused', field: 'x', reason: 'not-linked', value: 'moon' }, 'moon is linked to nothing: say what comes before or after it'],
  [{ kind: 'refused', field: 'x', reason: 'linked-to-itself', value: 'moon' }, 'moon is linked to itself'],
  [{ kind: 'refused', field: 'x', reason: 'loop-without-compressor', value: 'moon' }, 'moon lies on a loop that passes no compressor'],
  [
    { kind: 'refused', field: 'x', reason: 'flood-too-fast', value: '90' },
    'is faster than 100 m/s in the narrowest bore: at most 90 L/min',
  ],
  [{ kind: 'refused', field: 'x', reason: 'coldest-above-hottest' }, 'must not lie above service.maxTemp'],
  [{ kind: 'refused', field: 'x', reason: 'low-above-high' }, 'must not lie above the high side: sides swapped?'],
  [{ kind: 'refused', field: 'x', reason: 'record-not-json' }, 'is not JSON'],
  [
    { kind: 'refused', field: 'x', reason: 'record-duplicate-key' },
    'stands twice in one object: two readers would see two different records',
  ],
  [{ kind: 'refused', field: 'x', reason: 'record-unknown-key' }, 'is a key that a joint record does not have'],
  [{ kind: 'refused', field: 'x', reason: 'record-number' }, 'is a number that no finite one can hold'],
  [{ kind: 'refused', field: 'x', reason: 'record-text' }, 'holds a character that no text can hold'],
  [{ kind: 'refused', field: 'x', reason: 'record-shape' }, 'is missing or not of its kind'],
  [{ kind: 'refused', field: 'x', reason: 'record-head' }, 'must be a SHA-256: 64 digits 0-9 and a-f'],
  [{ kind: 'refused', field: 'x', reason: 'record-too-deep' }, 'has more than 40 levels'],
] as [CalcError, string][])('%j', (error, sentence) => {
  expect(calcErrorText(error)).toBe(sentence);
  expect(wireError(error)).toMatchObject({ field: 'x', message: `x ${sentence}` });
});

test('a refusal is named by its reason, anything else by its kind', () => {
  expect(wireError({ kind: 'refused', field: 'x', reason: 'no-outlet' }).code).toBe('no-outlet');
  expect(wireError({ kind: 'not-a-number', field: 'x' }).code).toBe('not-a-number');
});

test('what one value says of another', () => {
  expect(misfitText({ field: 'grossKg', why: 'under-tare', tareKg: 12.1 })).toBe('must not lie under the tare, 12.1 kg');
  expect(misfitText({ field: 'why', why: 'reason-needed' })).toBe('is needed: why it is declined');
  expect(misfitText({ field: 'grossKg', why: 'under-before', beforeKg: 14.2 })).toBe('must not lie under its weight before, 14.2 kg');
  expect(misfitText({ field: 'points', why: 'of-the-torch-alone' })).toBe('belong to the torch’s own list');
  expect(misfitText({ field: 'points', why: 'never-overruled' })).toMatch(/^cannot hold zero and open, or the air/);
  expect(misfitText({ field: 'answer', why: 'never-none-here' })).toBe('cannot be “none here”: this one is always needed');
});

test('gates, what comes next, and who is waited for', () => {
  expect(gateText({ gate: 'torch', open: ['oxygen', 'watch'] })).toBe('the torch stays locked: air to breathe, fire watch');
  expect(gateText({ gate: 'price-checks-open', open: ['both legs'] })).toBe('to be looked at before a price is named: both legs');
  expect(gateText({ gate: 'not-approved', open: [] })).toBe('nobody has said yes to the work');
  expect(nextText({ stage: 'decide', step: 'wait', by: 'the station' })).toBe('Waits for the station');
  expect(nextText({ stage: 'decide', step: 'wait' })).toBe('Waits for somebody');
  expect(nextText({ stage: 'find', step: 'look-on' })).toBe('Look on');
  expect(['corrected', 'struck-out', 'loss'].map((kind) => stageWriteWord(kind as 'loss'))).toEqual(['corrected', 'struck out', 'loss']); // cast: one of the three
  expect(watchNotWitnessedText({ by: 'Oskar Penn' })).toMatch(/^The watch by Oskar Penn was begun .* Not witnessed\.$/);
  expect(noApprovalText('BAg-36', 'silver')).toMatch(/^No approval of yours covers BAg-36 \(silver filler with flux\) today\./);
});

describe('who says how a joint is made', () => {
  const said = (asked: Parameters<typeof spokenSchools>[0]) => spokenSchools(asked).map(({ answer, whose }) => [answer, whose]);
  const [house, heat, finish, cooling] = spokenSchools({ joint: {}, job: {}, shop: {} });

  test('the usual answer where nobody has said one, to the four questions that bear on a joint', () => {
    expect([house, heat, finish, cooling].map((row) => row?.question)).toEqual(
      (['houseRod', 'heatProtection', 'finish', 'cooling'] as const).map((key) => SCHOOL_TEXTS[key].question),
    );
    expect([house, heat, finish, cooling].every((row) => row?.whose === 'usual')).toBe(true);
    expect(house?.answer).toBe(SCHOOL_TEXTS.houseRod.usual);
  });

  test('the shop’s, the job’s where it differs from the shop, the joint’s where it differs from both', () => {
    const shop = { houseRod: 'silver-15' } as const;
    expect(said({ joint: {}, job: {}, shop })[0]).toEqual(['15 % silver', 'the shop']);
    expect(said({ joint: {}, job: { houseRod: 'silver-5' }, shop })[0]).toEqual(['5-6 % silver', 'this job']);
    expect(said({ joint: {}, job: { houseRod: 'silver-15' }, shop })[0]).toEqual(['15 % silver', 'the shop']);
    expect(said({ joint: { houseRod: 'silver-5' }, job: {}, shop })[0]).toEqual(['5-6 % silver', 'this joint']);
    expect(said({ joint: { houseRod: 'silver-15' }, job: {}, shop })[0]).toEqual(['15 % silver', 'the shop']);
    expect(said({ joint: { houseRod: 'silver-15' }, job: { houseRod: 'silver-5' }, shop })[0]).toEqual(['15 % silver', 'this joint']);
    expect(said({ joint: { houseRod: 'silver-5' }, job: { houseRod: 'silver-5' }, shop })[0]).toEqual(['5-6 % silver', 'this job']);
  });

  test('an answer of no list is called by its id', () => expect(schoolName('houseRod', 'gold')).toBe('gold'));
});

test('small pressures are felt, and read in the shop’s units', () => {
  expect(showIn(INCH_PREFERENCES).smallPressure(498.178)).toBe('2.0 in. w.c.');
  expect(METRIC_SHOW.smallPressure(498)).toBe('5.0 mbar');
  expect([num(undefined, 'a'), num({ a: 3 }, 'a'), str(undefined, 'a'), str({ a: 'b' }, 'a')]).toEqual([NaN, 3, '', 'b']);
  expect([METRIC_SHOW.duration(72), METRIC_SHOW.duration(89), METRIC_SHOW.duration(90)]).toEqual(['75 s', '90 s', '1:30 min']);
});
