import { noOrderText, orderBreakText, OXYGEN_SAYS, runEntryText, stepWhyText } from '.';

test.each<[Parameters<typeof runEntryText>[0], Record<string, unknown>, string | null]>([
  ['dry-fit', { gap: 'right', depthMm: 19 }, 'slides, no play, 19 mm in the cup'],
  ['dry-fit', { gap: 'tight' }, 'tight: ease it first'],
  ['outlet-open', { felt: true }, 'gas felt there'],
  ['outlet-open', { felt: false }, ''],
  ['flooding-began', { lpm: 15 }, '15 L/min'],
  ['trickle-set', { lpm: 2.4166, reason: 'read at the port' }, '2.4 L/min, sooner than planned: read at the port'],
  ['trickle-set', {}, ''],
  ['lit', { filler: 'BAg-36' }, 'BAg-36'],
  ['flowed', { seconds: 34, how: 'told-after' }, 'after 34 s, told afterwards'],
  ['flowed', { seconds: 34, how: 'live' }, 'after 34 s, tapped as it flowed'],
  ['flame-off', {}, ''],
  ['brazed', { filler: 'BAg-36' }, null],
])('%s says what was tapped', (kind, values, said) => expect(runEntryText(kind, values)).toBe(said));

test('each step of an order says why it has its turn, by names people know', () => {
  const name = (id: string) => ({ a: 'CR2-07', b: 'CR2-08', p: 'suction port' })[id] ?? id;
  expect(stepWhyText({ code: 'bench' })).toBe('on the bench: the flame stays off the unit');
  expect(stepWhyText({ code: 'out-at-joint', joint: 'b' }, name)).toBe('while CR2-08 is open, gas leaves there');
  expect(stepWhyText({ code: 'out-at-port', port: 'p' }, name)).toBe('gas leaves at suction port, its core out');
  expect(stepWhyText({ code: 'captive', names: ['nut', 'sleeve'] })).toBe('before the pipe closes: nut, sleeve threaded on');
  expect(stepWhyText({ code: 'after', joints: ['a', 'b'] }, name)).toBe('after CR2-07, CR2-08');
  expect(orderBreakText({ joint: 'a', rule: 'no-way', others: [] }, name)).toBe('CR2-07 there has no way out for the gas');
  expect(orderBreakText({ joint: 'a', rule: 'melts', others: ['b'] }, name)).toBe('CR2-07 would melt CR2-08 again');
  expect(orderBreakText({ joint: 'a', rule: 'before', others: ['b'] }, name)).toBe('CR2-07 comes before CR2-08');
  expect(noOrderText(['a'], 'p', name)).toBe('No order gives the gas a way out beyond CR2-07: open suction port, or put a port there.');
});

test('what was threaded on, and oxygen as it was read', () => {
  expect(runEntryText('threaded-on', { on: ['insulation', 'wall-sleeve'], none: ['panel'] })).toBe(
    'insulation, pushed well back, sleeve of the wall; none here: panel, grommet or clamp of the machine',
  );
  expect(runEntryText('oxygen-read', { percent: 0.08, stepPercent: 0.01, instrument: 'purge monitor' })).toBe(
    '0.08 % at the way out, in steps of 0.01 %, purge monitor',
  );
  expect(OXYGEN_SAYS['cannot-show'](0.1, 0.1)).toBe(
    '0.1 % read, but its least step is too coarse to show 0.1 %: the flood goes on for its time besides.',
  );
});
