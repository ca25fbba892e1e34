import { fireEvent, screen } from '@testing-library/react-native';
import type { JointSummary } from '@kesto/contract';
import { press, settle, showScreen, type, went } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { HoldScreen } from './HoldScreen';

const JOINT: JointSummary = {
  id: '0193a000-0000-7000-8000-00000000aa01',
  tag: 'HS3-04',
  title: 'drier in',
  state: 'passed',
  at: { part: 'drier', from: 'liquid-valve', to: 'drier' },
};
const C = (value: number) => ({ value, unit: 'C' });
const barg = (value: number) => ({ value, unit: 'barg' });
const PARTS = ['drier', 'expansion', 'evaporator'];
const BEGAN = [
  'hold',
  'hold-began',
  {
    ...{
      parts: PARTS,
      rig: false,
      volume: { value: 2, unit: 'L' },
      pressure: barg(20),
      gas: 'nitrogen',
      ambient: C(18),
      practice: 'data-plate',
    },
    ...{
      gauge: { name: 'G-3', resolution: { value: 1, unit: 'kPa' }, calibratedUntil: '2026-01-31' },
      temperatureUncertaintyK: 0.3,
      plannedMinutes: 60,
    },
    ...{ capKpag: 2500, cappedBy: 'plate-low', fullKpag: 2000, stepsKpag: [345, 1035, 2000], energyKj: 11, distanceM: 3.5, side: 'high' },
    ...{ wantedLeakPaM3S: 0.02, minutesNeeded: 40 },
  },
] as const;
/** The stages' helper gives each entry the id of its place: the first is the hold. */
const HOLD = 'e0';
const noted = (kind: string, values: object) => ['hold', kind, { hold: HOLD, ...values }] as const;
const READ = (bar: number) => noted('hold-read', { pressure: barg(bar), temperature: C(18) });
const FILLED = [BEGAN, noted('hold-step', { pressure: { value: 345, unit: 'kPag' } }), noted('hold-step', { pressure: { value: 1035, unit: 'kPag' } }), noted('hold-step', { pressure: { value: 2000, unit: 'kPag' } })]; // prettier-ignore
const SHUT = [...FILLED, noted('supply-shut', {})];
const ENDED = (verdict: string) =>
  noted('hold-ended', {
    verdict,
    leakPaM3S: 0.01,
    smallestSeenPaM3S: 0.004,
    gramsPerYear: 900,
    gramsPerYearSeen: 400,
    reasons: [],
    minutes: 45,
    readings: 5,
  });

const show = (
  entries: readonly (readonly [string, string, object])[],
  live: object = { entries: 0, series: [], judgedBy: null, points: [], curve: null },
) =>
  showScreen(<HoldScreen id="job" />, {
    answers: {
      ...stageAnswers(jobWithStages(entries as never, { order: [JOINT], stage: 'hold' })), // cast: kinds of this very stage
      [`GET jobs/job/holds/${HOLD}/live`]: live,
    },
  });

describe('before gas is let in', () => {
  test('what caps the section is the big figure, by what; the fill begins once all is looked to', async () => {
    const { writes } = await show([]);
    expect(await screen.findByTestId('hold-cap')).toBeTruthy();
    expect(screen.getByText(/limit on the plate/)).toBeTruthy();
    expect(screen.getByText(/oxygen and air explode with oil/)).toBeTruthy();
    const left = Number(/\d+/.exec(String(screen.getByText(/things to look to first/).props['children']))?.[0]);
    for (const box of screen.getAllByRole('checkbox')) fireEvent.press(box);
    expect(left).toBeGreaterThan(1);
    await type('volume', '2.1 L');
    await type('pipe now', '18');
    await press('Begin the fill');
    expect(writes[0]?.body).toMatchObject({
      stage: 'hold',
      kind: 'hold-began',
      values: { gas: 'nitrogen', ambient: C(18), stepsKpag: expect.arrayContaining([345, 1035]) },
    });
  });

  test('above the cap it is not taken, and says how far it may go', async () => {
    const { writes } = await show([]);
    await screen.findByTestId('hold-cap');
    for (const box of screen.getAllByRole('checkbox')) fireEvent.press(box);
    await type('volume', '2.1 L');
    await type('pipe now', '18');
    await type('hold at', '90 bar');
    await press('Begin the fill');
    expect(writes).toEqual([]);
    expect(screen.getByText(/^must lie in .*\.\.19 barg/)).toBeTruthy();
  });
});

test('another gas than a test gas is told why, and nothing begins', async () => {
  await show([]);
  await screen.findByTestId('hold-cap');
  for (const box of screen.getAllByRole('checkbox')) fireEvent.press(box);
  fireEvent.press(screen.getByText('another'));
  expect(screen.getByText(/Oxygen or air with oil explodes/)).toBeTruthy();
  expect(screen.getByText('Not with this gas')).toBeTruthy();
});

describe('watched', () => {
  test('soap is noted at its pressure, by joint and hose', async () => {
    const { writes } = await show([BEGAN, noted('hold-step', { pressure: { value: 345, unit: 'kPag' } })]);
    fireEvent.press(await screen.findByLabelText(/: nothing$/));
    await settle();
    expect(writes[0]?.body).toMatchObject({
      kind: 'place-soaped',
      values: { hold: HOLD, joint: JOINT.id, tag: 'HS3-04', atKpag: 345, result: 'nothing' },
    });
  });

  test('the next step is one tap, at the pressure that is planned', async () => {
    const { writes } = await show([BEGAN, noted('hold-step', { pressure: { value: 345, unit: 'kPag' } })]);
    await press(/^It stands at/);
    expect(writes[0]?.body).toMatchObject({ kind: 'hold-step', values: { hold: HOLD, pressure: { value: 1035, unit: 'kPag' } } });
  });

  test('a gauge out of calibration is said while it is watched', async () => {
    await show(SHUT);
    expect(await screen.findByText(/G-3 is out of calibration since 2026-01-31/)).toBeTruthy();
  });

  test('by hand: gauge and pipe are kept together, with their photo', async () => {
    const { writes } = await show(SHUT);
    await press('Note a reading');
    await type('gauge', '20 bar');
    await type('pipe', '18');
    await press('Keep this reading');
    expect(writes[0]?.body).toMatchObject({ kind: 'hold-read', values: { hold: HOLD, pressure: barg(20), temperature: C(18) } });
  });

  test('what an instrument sends is the server’s to judge: its verdict stands, and nothing is noted by hand', async () => {
    const series = [
      {
        id: 's',
        instrument: { kind: 'pressure-temperature', name: 'P-7', columns: [] },
        factor: null,
        samples: 900,
        isSilent: true,
        ...{ last: [], isEnded: false },
        disagreements: 2,
      },
    ];
    const judged = {
      verdict: 'leaking',
      leakPaM3S: 0.05,
      smallestSeenPaM3S: 0.01,
      gramsPerYear: 4000,
      gramsPerYearSeen: 800,
      reasons: [],
      minutes: 20,
      readings: 900,
    };
    const points = [0, 600].map((seconds) => ({ seconds: 2000 + seconds, gaugePa: 2e6 - seconds, celsius: 18 }));
    const curve = { points: [{ seconds: 0, changePa: 0 }, { seconds: 600, changePa: -9000 }], bandPa: 3000, wantedPaPerS: 5, answersAtS: null, seenAtEnd: 500, judged }; // prettier-ignore
    const { writes } = await show(SHUT, { entries: 5, series, points, curve });
    expect(await screen.findByText('Leaking')).toBeTruthy();
    expect(screen.getByText('about 4.00 kg a year')).toBeTruthy();
    expect(screen.getByText(/silent; 900 samples are safe/)).toBeTruthy();
    expect(screen.getByText(/^2 came again with other values/)).toBeTruthy();
    expect(screen.queryByText(/Note/)).toBeNull();
    await press('End the hold');
    expect(writes[0]?.body).toMatchObject({ kind: 'hold-ended', values: { hold: HOLD, verdict: 'leaking' } });
  });
});

describe('a gauge that fell silent', () => {
  const columns = [{ quantity: 'gauge-pressure', step: 1 }, { quantity: 'pipe-temperature', step: 0.1 }]; // prettier-ignore
  const probe = (id: string, isSilent: boolean) => ({
    ...{ id, instrument: { kind: 'pressure-temperature', name: id, columns }, factor: null, samples: 90 },
    ...{ isSilent, isEnded: false, disagreements: 0, last: [{ quantity: 'gauge-pressure', value: 1999 }, { quantity: 'pipe-temperature', value: 18 }] }, // prettier-ignore
  });
  const points = [0, 600].map((seconds) => ({ seconds: 2000 + seconds, gaugePa: 2e6, celsius: 18 }));
  const live = { entries: 5, series: [probe('P-7', true), probe('P-8', false)], judgedBy: 'P-7', points, curve: null };

  test('the other is chosen, or it goes on by hand: the end says which', async () => {
    const { writes } = await show(SHUT, live);
    expect(await screen.findByText('P-7, judged by it')).toBeTruthy();
    expect(screen.getByText(/^1999 kPag, 18\.0/)).toBeTruthy();
    fireEvent.press(screen.getByText('by hand'));
    expect(screen.getByText('Note a reading')).toBeTruthy();
    await press('End the hold');
    expect(writes[0]?.body).toMatchObject({ kind: 'hold-ended', values: { hold: HOLD, byHand: true } });
  });
});

describe('afterwards', () => {
  test('it is let down before anything else, outdoors or into an aired room', async () => {
    const { writes } = await show([...SHUT, READ(20), READ(19), ENDED('leaking')]);
    await press('Let it down');
    fireEvent.press(screen.getByText('into an aired room'));
    await press('It is at zero');
    expect(writes[0]?.body).toMatchObject({ kind: 'vented', values: { hold: HOLD, to: 'aired-room' } });
  });

  test('what bubbled is mended; without a bubble one goes back to find, which says what is known', async () => {
    const bubbled = noted('place-soaped', { joint: JOINT.id, tag: 'HS3-04', atKpag: 345, result: 'leak' });
    await show([...SHUT, bubbled, ENDED('leaking'), noted('vented', { to: 'outdoors' })]);
    await press('Mend HS3-04');
    expect(went()).toContain(`/joints/${JOINT.id}`);
  });

  test('a leak that nothing bubbled at opens find again, with the section and its size', async () => {
    const { writes } = await show([...SHUT, ENDED('leaking'), noted('vented', { to: 'outdoors' }), ['find', 'done', {}]]);
    await press('Find where');
    await settle();
    expect(writes[0]?.body).toMatchObject({
      stage: 'find',
      kind: 'reopened',
      values: { why: expect.stringMatching(/leaks, about 0\.90 kg a year/) },
    });
  });

  test('no “tight” without how small a leak it could see; soap that is missing keeps the stage open', async () => {
    await show([...SHUT, ENDED('tight'), noted('vented', { to: 'outdoors' })]);
    expect(await screen.findByText('Tight')).toBeTruthy();
    expect(screen.getByText(/down to .* a year; soap decides below/)).toBeTruthy();
    expect(screen.getByText(/^Still open: not soaped/)).toBeTruthy();
    expect(screen.queryByText('Tight: on to the pull')).toBeNull();
  });
});

test('left over night: whoever goes on reads the gauge before anything else is offered', async () => {
  const bend = 'overnight-pressure';
  const left = ['hold', 'bend-point', { bend, point: 'gauge-left', answer: 'done', reads: barg(18.3) }] as const;
  await show([...SHUT, ['hold', 'bend-began', { bend }], left]);
  await press('Going on: read the gauge first');
  expect(went()).toEqual(['/jobs/job/bends']);
});

test('what bends the job is named while it is held, and its key leads there once nothing else is open', async () => {
  const bent = ['hold', 'bend-began', { bend: 'two-circuits' }] as const;
  const soaped = [{ joint: JOINT.id, tag: JOINT.tag }, { hose: 'hoses' }].map((at) =>
    noted('place-soaped', { ...at, atKpag: 2000, result: 'nothing' }),
  );
  await show([...SHUT, bent]);
  expect(screen.getByText('What bends this job asks 2 points')).toBeTruthy();
  await show([...SHUT, ...soaped, READ(20), READ(20), ENDED('tight'), noted('vented', { to: 'outdoors' }), bent]);
  await press('Answer what bends it');
  expect(went()).toEqual(['/jobs/job/bends']);
});

test('tight, and nothing else open: let down, the stage ends with it and the pull comes next', async () => {
  const soaped = [{ joint: JOINT.id, tag: JOINT.tag }, { hose: 'hoses' }].map((at) =>
    noted('place-soaped', { ...at, atKpag: 2000, result: 'nothing' }),
  );
  const { store } = await show([...SHUT, ...soaped, READ(20), READ(20), ENDED('tight')]);
  await press('Let it down');
  expect(screen.getByText('Tight. Let it down')).toBeTruthy();
  const onward = screen.queryByText('At zero: on to the pull');
  expect(onward).toBeTruthy();
  fireEvent.press(onward!);
  await settle();
  expect(store.getState().outbox.map(({ body }) => (body as { kind: string }).kind)).toEqual(['vented', 'done']);
});
