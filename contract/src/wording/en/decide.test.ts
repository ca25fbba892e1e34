import type { IsolationWhy } from '@kesto/core';
import { joiningWhyText, priceCheckText } from './decide';
import { isolationWhyText } from './isolation';

const name = (part: string) => `the ${part}`;

test.each<[IsolationWhy, string]>([
  [{ code: 'valves-shut', parts: ['king'] }, 'the king shuts off every way from the discharge to the work.'],
  [{ code: 'bounded', parts: ['king', 'suction'] }, 'the king, the suction shut the piece off: only that is recovered.'],
  [
    { code: 'would-lock-liquid', parts: ['drier', 'glass'] },
    'Not with these valves: liquid would be locked in at the drier, the glass with no room to grow.',
  ],
  [
    { code: 'held-open', parts: ['solenoid'] },
    'the solenoid held open until it is empty: it shuts with the thermostat and with the lock-out.',
  ],
  [{ code: 'work-stays-full', parts: ['drier'] }, 'No pump-down: no valve that closes cuts the discharge off from the drier.'],
  [{ code: 'fed-by-part', parts: ['twin'] }, 'No pump-down: the twin feeds the side that would be opened, and does not close.'],
  [{ code: 'no-way-out', parts: ['coil'] }, 'No pump-down: what is in the coil cannot get to the compressor.'],
  [
    { code: 'charge-too-large', chargeKg: 12.34, roomKg: 8 },
    'No pump-down: 12.3 kg are in it, condenser and receiver take 8.0 kg at 80 %.',
  ],
])('why it is isolated so: %j', (why, sentence) => expect(isolationWhyText(why, name)).toBe(sentence));

test('who did not look is told that nobody looked', () =>
  expect(isolationWhyText({ code: 'low-side-unknown' })).toMatch(/^No pump-down: nobody looked whether the low side leaks/));

test('why a joint is made so, one reason after another', () => {
  expect(joiningWhyText(['rating-asked', 'vibration'])).toBe(
    'only where its own rating covers carbon dioxide’s design pressure; it shakes: braze it',
  );
  expect(joiningWhyText(['burns-easily'])).toBe('no flare where the refrigerant burns easily; none indoors');
});

test('what a price waits for by its words, or by what a person called it', () => {
  expect(priceCheckText('length-left')).toBe('straight tube left: to cut now, and once more at the next repair');
  expect(priceCheckText('low rows of the coil')).toBe('low rows of the coil');
});
