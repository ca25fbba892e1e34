import type { CalcError, IsolationWhy, PlaceWhy } from '@kesto/core';
import { calcErrorText, wireError } from './errors';
import { isolationWhyText } from './isolation';
import { misfitText } from './misfits';
import { noApprovalText } from './people';
import { gateText, placeWhyText, stageWriteWord } from './stageEntries';
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
  [{ code: 'density-assumed' }, 'Refrigerant not named: 1 kg of liquid a litre taken.'],
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
