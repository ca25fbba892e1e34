import { fireEvent, screen } from '@testing-library/react-native';
import { press, settle, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { ChargeScreen } from './ChargeScreen';

const kg = (value: number) => ({ value, unit: 'kg' });
const BEGAN = ['charge', 'charge-began', { dataPlate: kg(5.61), targetKg: 5.61, isCritical: false }] as const;
const WEIGHED = (name: string, before: number, after: number, stampedTare: number) =>
  [
    'charge',
    'cylinder-weighed',
    { name, before: kg(before), after: kg(after), stampedTare: kg(stampedTare), refrigerant: 'R-410A' },
  ] as const;
const CHARGED = ['charge', 'charged', { targetKg: 5.61, doneKg: 5.6, isCharged: true }] as const;
const SEEN = [
  'valves-open',
  'caps-on',
  'switch-set-back',
  'bridges-out',
  'heater-hours',
  'water-flow',
  'rotation',
  'panels-on',
  'somebody-at-switch',
];

const show = (entries: readonly (readonly [string, string, object])[]) =>
  showScreen(<ChargeScreen id="job" />, { answers: stageAnswers(jobWithStages(entries as never, { stage: 'charge' })) }); // cast: kinds of this very stage

test('lines add to the plate, by the metre or by the foot, and what is wanted is the big figure', async () => {
  const { writes } = await show([]);
  await type('plate', '5.10 kg');
  await type('line length', '14 m');
  await type('the plate covers', '8 m');
  await type('for each of it', '30 g');
  expect(screen.getByTestId('charge-wanted')).toHaveTextContent('5.28');
  await press('Begin the charge');
  expect(writes[0]?.body).toMatchObject({ kind: 'charge-began', values: { dataPlate: kg(5.1), targetKg: expect.closeTo(5.28, 6) } });
});

test('above the greatest charge of the plate it does not begin', async () => {
  await show([]);
  await type('plate', '5.10 kg');
  await type('greatest charge', '5.00 kg');
  expect(screen.getByText('Begin the charge')).toBeDisabled();
});

test('what is left is told in the person’s unit and spelled out, cylinder by cylinder', async () => {
  await show([BEGAN, WEIGHED('K-3', 10.72, 8.51, 8.4), WEIGHED('K-5', 17.46, 14.57, 8.36)]);
  expect(screen.getByTestId('charge-left')).toHaveTextContent('0.51');
  expect(screen.getByText(/^1 lb 2 oz/)).toBeTruthy();
  expect(screen.getByText('11 lb 3.9 oz')).toBeTruthy();
});

test('a cylinder that gained weight is refused where it is typed, and stays typed', async () => {
  const { writes } = await show([BEGAN, WEIGHED('K-3', 10.72, 8.51, 8.4)]);
  await press('Read the scale');
  await type('on the scale now', '10.80 kg');
  await press('Keep this weight');
  expect(screen.getByText(/must not lie over its weight before/)).toBeTruthy();
  expect(writes).toEqual([]);
  await type('on the scale now', '8.45 kg');
  await press('Keep this weight');
  expect(writes[0]?.body).toMatchObject({ kind: 'cylinder-weighed', values: { name: 'K-3', before: kg(10.72), after: kg(8.45) } });
});

test('before the first start each point is seen to or not on this machine', async () => {
  const { writes } = await show([BEGAN, WEIGHED('K-3', 14.1, 8.5, 8.4), CHARGED]);
  await press('Before the first start');
  for (const answer of screen.getAllByText('seen to')) fireEvent.press(answer);
  fireEvent.press(screen.getAllByText('not here')[5] as never); // water flow
  await settle();
  await press('Keep what was seen to');
  expect(writes[0]?.body).toMatchObject({ kind: 'before-start', values: { notHere: ['water-flow'] } });
});

test('readings count once the machine has stood steady with its doors shut', async () => {
  const { writes } = await show([BEGAN, WEIGHED('K-3', 14.1, 8.5, 8.4), CHARGED, ['charge', 'before-start', { seen: SEEN, notHere: [] }]]);
  await press('Read it when it has settled');
  for (const [label, text] of [
    ['suction pressure', '8.6 bar'],
    ['suction line', '12 °C'],
    ['liquid pressure', '24 bar'],
    ['liquid line', '34 °C'],
  ] as const)
    await type(label, text);
  fireEvent.press(screen.getByLabelText('Doors and panels shut'));
  await press('Keep the readings');
  expect(writes[0]?.body).toMatchObject({ kind: 'settled-readings', values: { steadyMinutes: 15, doorsShut: true } });
});

test('behind a fixed orifice the wet bulb into the coil is asked, and goes with the readings', async () => {
  const { writes } = await show([BEGAN, WEIGHED('K-3', 14.1, 8.5, 8.4), CHARGED, ['charge', 'before-start', { seen: SEEN, notHere: [] }]]);
  await press('Read it when it has settled');
  expect(screen.queryByLabelText('wet bulb into the coil')).toBeNull();
  await press('a fixed orifice');
  for (const [label, text] of [
    ['suction pressure', '8.6 bar'],
    ['suction line', '12 °C'],
    ['outdoors', '30 °C'],
    ['wet bulb into the coil', '17 °C'],
  ] as const)
    await type(label, text);
  fireEvent.press(screen.getByLabelText('Doors and panels shut'));
  await press('Keep the readings');
  const request = { metering: 'fixed', indoorWetBulb: { value: 17, unit: 'C' } };
  expect(writes[0]?.body).toMatchObject({ kind: 'settled-readings', values: { request } });
});

test('what came out of the unit goes back only with its reason', async () => {
  const { writes } = await show([BEGAN]);
  await press('Weigh the first cylinder');
  await type('cylinder', 'R-1');
  await type('on the scale before', '9.40 kg');
  fireEvent.press(screen.getByLabelText('It came out of this unit'));
  await settle();
  await press('Keep this weight');
  expect(screen.getByText(/goes back only with its reason/)).toBeTruthy();
  expect(writes).toEqual([]);
  await type('why it may go back', 'clean, no burn-out, through the new drier');
  await press('Keep this weight');
  expect(writes[0]?.body).toMatchObject({ kind: 'cylinder-weighed', values: { putBack: 'clean, no burn-out, through the new drier' } });
});
