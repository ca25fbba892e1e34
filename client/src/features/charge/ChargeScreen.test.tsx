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

test('before the first start what can hurt is seen to one by one, the rest in one tap, or it is not on this machine', async () => {
  const { writes } = await show([BEGAN, WEIGHED('K-3', 14.1, 8.5, 8.4), CHARGED]);
  await press('Before the first start');
  await press('The 5 that can hurt nobody: seen to');
  expect(screen.getAllByRole('radio', { name: 'seen to', checked: true })).toHaveLength(5);
  for (const answer of screen.getAllByRole('radio', { name: 'seen to', checked: false })) fireEvent.press(answer);
  fireEvent.press(screen.getAllByText('not here')[6] as never); // water flow: behind what is answered one by one, and the caps and the heater
  await settle();
  await press('Keep what was seen to');
  expect(writes[0]?.body).toMatchObject({ kind: 'before-start', values: { notHere: ['water-flow'] } });
  expect((writes[0]?.body as { values: { seen: string[] } }).values.seen).toHaveLength(8);
});

test('the weight that makes the charge whole keeps that too, and what is seen to before the start lies open', async () => {
  const job = jobWithStages([BEGAN, WEIGHED('K-3', 14.1, 12.1, 8.4)] as never, { stage: 'charge' }); // cast: kinds of this very stage
  const { writes } = await showScreen(<ChargeScreen id="job" />, { answers: { ...stageAnswers(job), 'PUT jobs/job/stages/*': {} } });
  await press('Read the scale');
  await type('on the scale now', '10.2 kg');
  expect(screen.queryByText('Keep it: all of it is in')).toBeNull();
  await type('on the scale now', '8.5 kg');
  await press('Keep it: all of it is in');
  expect(writes.map(({ body }) => (body as { kind: string }).kind)).toEqual(['cylinder-weighed', 'charged']);
  expect(writes[1]?.body).toMatchObject({ values: { targetKg: 5.61, doneKg: expect.closeTo(5.6, 6), isCharged: true } });
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

describe('the heat it moves', () => {
  const kPa = (value: number) => ({ value, unit: 'kPa' });
  const lpm = (value: number) => ({ value, unit: 'L/min' });
  const TABLE = [
    { drop: kPa(10), flow: lpm(20) },
    { drop: kPa(40), flow: lpm(40) },
  ];
  const open = async (plate: object) => {
    const job = jobWithStages([BEGAN, WEIGHED('K-3', 14.1, 8.5, 8.4), CHARGED] as never, { stage: 'charge', plate }); // cast: kinds of this very stage
    const shown = await showScreen(<ChargeScreen id="job" />, { answers: stageAnswers(job) });
    await press('more');
    await press('Check the heat it moves');
    return shown;
  };

  test('by the maker’s table that was typed once, from the drop that is read', async () => {
    const { writes } = await open({ waterTable: TABLE });
    await type('pressure drop of the water side', '22.5');
    await type('water in', '12 °C');
    await type('water out', '7 °C');
    await press('Keep the heat check');
    expect(writes[0]?.body).toMatchObject({ kind: 'heat-check', values: { side: 'water', drop: kPa(22.5), table: TABLE } });
    // 30 L/min x 4.19 kJ/(L K) x 5 K
    expect(await screen.findByText('The water carries 10.5 kW')).toBeTruthy();
  });

  test('beyond the table it is said at the drop, and nothing is kept', async () => {
    const { writes } = await open({ waterTable: TABLE });
    await type('pressure drop of the water side', '80');
    await type('water in', '12 °C');
    await type('water out', '7 °C');
    await press('Keep the heat check');
    expect(screen.getByText(/10\.\.40 kPa/)).toBeTruthy();
    expect(writes).toEqual([]);
  });

  test('without a table the flow is typed; air asks for its wet bulbs', async () => {
    const { writes } = await open({});
    await press('water');
    expect(screen.getByText(/^No maker’s table of the water side/)).toBeTruthy();
    expect(screen.queryByLabelText('pressure drop of the water side')).toBeNull();
    await press('air');
    await type('flow of the air', '1800 m3/h');
    await type('dry bulb in', '25 °C');
    await type('dry bulb out', '12 °C');
    await type('wet bulb in', '18 °C');
    await press('Keep the heat check');
    expect(screen.getByText(/is needed: without it nobody knows what water/)).toBeTruthy();
    await type('wet bulb out', '11 °C');
    await press('Keep the heat check');
    expect(writes[0]?.body).toMatchObject({ kind: 'heat-check', values: { side: 'air', wetOut: { value: 11, unit: 'C' } } });
  });
});

describe('the leak record', () => {
  const charged = (place: object, lostKg = 2.4) => [
    ['find', 'loss', { lostKg, days: 200, chargeKg: 8 }],
    ['charge', 'charge-began', { dataPlate: kg(8), targetKg: 8, isCritical: false, ...place }],
    WEIGHED('K-3', 17, 9, 8.4),
    ['charge', 'charged', { targetKg: 8, doneKg: 8, isCharged: true }],
  ] as const; // prettier-ignore

  test('in the United States a rate over that of its use says by when it is repaired', async () => {
    await show(charged({ place: 'us', use: 'commercial' }));
    // 2.4 of 8 kg in 200 days: 54.75 % a year
    expect(screen.getByText(/54\.[78] % a year is over the 20 % of the law: repaired within 30 days/)).toBeTruthy();
    expect(screen.getByText(/looked at again within 10 days/)).toBeTruthy();
  });

  test('a rate a little over it is not rounded down to it', async () => {
    // 0.89 of 8 kg in 200 days: 20.3 % a year
    await show(charged({ place: 'us', use: 'commercial' }, 0.89));
    expect(screen.getByText(/20\.3 % a year is over the 20 % of the law/)).toBeTruthy();
  });

  test('a rate under it is told what the law asks above it', async () => {
    await show(charged({ place: 'us', use: 'commercial' }, 0.4));
    expect(screen.getByText(/Above 20 % a year it is repaired within 30 days/)).toBeTruthy();
    expect(screen.queryByText(/is over the/)).toBeNull();
  });

  test('in the European Union its tonnes by the refrigerant, and how often it is checked', async () => {
    await show(charged({ place: 'eu' }));
    expect(screen.getByText(/t of CO₂ equivalent; a leak check each 12 months; looked at again within 30 days/)).toBeTruthy();
  });
});

test('a critical charge is compared with the machines of the same model', async () => {
  const job = jobWithStages([['charge', 'charge-began', { dataPlate: kg(0.4), targetKg: 0.4, isCritical: true }]] as never, {
    stage: 'charge',
  }); // cast: kinds of this very stage
  const sisters = [
    { tag: 'VC2', refrigerant: 'R-290', plateKg: 0.41, last: { kg: 0.405, at: '2026-03-02T10:00:00.000Z', jobNumber: 12 } },
    { tag: 'VC3', refrigerant: 'R-290', plateKg: null, last: null },
  ];
  await showScreen(<ChargeScreen id="job" />, { answers: { ...stageAnswers(job), 'GET units/u/sisters': sisters } });
  expect(await screen.findByText(/^weighed in last: 0\.4.*, 2 Mar 2026, job 12/)).toBeTruthy();
  expect(screen.getByText('R-290, no charge on its plate')).toBeTruthy();
  expect(screen.getByText('no charge of it was kept here')).toBeTruthy();
});

describe('what bends the job', () => {
  const bent = (bend: string) => ['charge', 'bend-began', { bend }] as const;

  test('a charge that nobody knows is planned as unknown; one said to be critical is weighed only', async () => {
    await show([bent('unknown-charge')]);
    expect(screen.getByRole('checkbox', { name: 'Nobody knows what belongs in it', checked: true })).toBeTruthy();
    await show([bent('critical-charge')]);
    expect(await screen.findByText('Weigh only: no gauges on afterwards.')).toBeTruthy();
  });

  test('its points do not stand in the way of the charge’s own steps', async () => {
    await show([BEGAN, WEIGHED('K-3', 10.6, 5, 3), CHARGED, bent('unknown-charge')]);
    expect(screen.getByText('What bends this job asks 2 points')).toBeTruthy();
    expect(screen.getByText('Before the first start')).toBeTruthy();
  });
});
