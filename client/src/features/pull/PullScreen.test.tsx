import { fireEvent, screen } from '@testing-library/react-native';
import { press, settle, showScreen, type } from '@/testing/screen';
import { jobWithStages, jobWithTimes, stageAnswers } from '@/testing/stages';
import { PullScreen } from './PullScreen';

const micron = (value: number) => ({ value, unit: 'micron' });
const C = (value: number) => ({ value, unit: 'C' });
/** The stages' helper gives each entry the id of its place: the rig is the first, the pull the second. */
const PULL = 'e1';
const RIG = ['pull', 'rig-alone', { reached: micron(60), rise: micron(30), holds: true }] as const;
const BEGAN = [
  'pull',
  'pull-began',
  {
    ...{ ports: ['liquid-port'], volume: { value: 6, unit: 'L' }, pump: { speed: { value: 8, unit: 'cfm' }, ultimate: micron(25) } },
    hoses: [{ bore: { value: 9.5, unit: 'mm' }, length: { value: 1.5, unit: 'm' }, core: 'out' }],
    ...{ gauge: { name: 'V-2' }, gaugeAt: 'system-far', limit: micron(500), school: '500-in-10', ambient: C(20) },
    ...{ forecast: [], unreached: [], openFirst: [], limitPa: 66.7, waterPa: 2339 },
  },
] as const;
const noted = (kind: string, values: object) => ['pull', kind, { pull: PULL, ...values }] as const;
const READ = (value: number) => noted('pull-read', { pressure: micron(value) });
const RISE = (verdict: string, reasons: readonly string[] = []) =>
  noted('rise', {
    ...{ verdict, reasons, model: 'plateau', plateauPa: 30, straightPaPerS: null, limitPa: 66.7, leakPaM3S: null, gramsPerYear: null },
    ...{ minutes: 12, readings: 13, endPa: 31 },
  });

const show = (
  entries: readonly (readonly [string, string, object])[],
  live: object = { entries: 0, series: [], judgedBy: null, points: [], judged: null },
) =>
  showScreen(<PullScreen id="job" />, {
    answers: {
      ...stageAnswers(jobWithStages(entries as never, { stage: 'pull' })), // cast: kinds of this very stage
      [`GET jobs/job/pulls/${PULL}/live`]: live,
    },
  });

describe('before the pump runs', () => {
  test('pump and hoses come first: what they reached and rose by is kept, and whether they hold', async () => {
    const { writes } = await show([]);
    expect(await screen.findByText('Pump and hoses were not tried alone yet')).toBeTruthy();
    await press('Pump and hoses alone first');
    await type('down to, in 5 min', '160 micron');
    await type('rose by, in 5 min', '30 micron');
    await press('Keep how the rig stood');
    expect(writes[0]?.body).toMatchObject({ stage: 'pull', kind: 'rig-alone', values: { reached: micron(160), holds: false } });
  });

  test('what may not be done in a vacuum is said, and each hose and core has its minutes', async () => {
    const { writes } = await show([RIG]);
    expect(await screen.findByText(/compressor stays locked off/)).toBeTruthy();
    expect(screen.getByText(/No insulation tester/)).toBeTruthy();
    await press('left in');
    expect(screen.getAllByText('cores out').length).toBeGreaterThan(0);
    await type('volume', '6 L');
    await type('around it', '18');
    await press('Begin the pull');
    const values = { ports: expect.any(Array), gaugeAt: 'system-far', waterPa: expect.any(Number), unreached: [] };
    expect(writes[0]?.body).toMatchObject({ kind: 'pull-began', values });
  });
});

describe('while it is pulled', () => {
  test('a reading is noted in the unit it was typed in; kPa is no vacuum', async () => {
    const { writes } = await show([RIG, BEGAN]);
    await press('Note a reading');
    await type('gauge', '0.2 kPa');
    await press('Keep this reading');
    expect(writes).toEqual([]);
    expect(screen.getByText(/write it like/)).toBeTruthy();
    await type('gauge', '0.7 mbar');
    await press('Keep this reading');
    expect(writes[0]?.body).toMatchObject({ kind: 'pull-read', values: { pull: PULL, pressure: { value: 0.7, unit: 'mbar' } } });
  });

  test('shut off, it says how long and how many readings are still needed', async () => {
    await show([RIG, BEGAN, READ(190), noted('valve-shut', {}), READ(200), READ(210)]);
    expect(await screen.findByText(/8 readings at least/)).toBeTruthy();
    expect(screen.queryByText('Judge the rise')).toBeNull();
  });

  test('of a rise one reading is noted after the other on one sheet, which says what is left', async () => {
    const { writes } = await show([RIG, BEGAN, READ(190), noted('valve-shut', {}), READ(200), READ(210)]);
    await press(/^Note a reading/);
    expect(screen.getByText(/noted since it was shut off; .* min left/)).toBeTruthy();
    await type('gauge', '215 micron');
    await press('Keep this reading');
    expect(writes[0]?.body).toMatchObject({ kind: 'pull-read' });
    expect(screen.getByLabelText('gauge')).toBeTruthy();
  });

  test('a break says how it is done; what was broken is kept as it was read', async () => {
    const { writes } = await show([RIG, BEGAN, READ(1500), noted('valve-shut', {}), RISE('wet')]);
    expect(await screen.findByText('Wet')).toBeTruthy();
    await press('Break with nitrogen');
    expect(screen.getByText(/Pump shut off first/)).toBeTruthy();
    await press('Keep the break');
    expect(writes[0]?.body).toMatchObject({ kind: 'broken-with-nitrogen', values: { reached: micron(1500), minutes: 10 } });
  });

  test('what an instrument sends is drawn and judged by the server, and nobody types', async () => {
    const points = Array.from({ length: 20 }, (_, i) => ({ ms: Date.now() - 60_000 + 1000 * i, pa: 40 }));
    const instrument = { kind: 'vacuum', name: 'V-9', columns: [{ quantity: 'vacuum', step: 0.1 }] };
    const series = [{ id: 's', instrument, factor: null, samples: 20, isSilent: false, isEnded: false, last: [], disagreements: 0 }];
    await show([RIG, BEGAN], { entries: 0, series, points, judged: null });
    expect(await screen.findByText('20 samples are safe')).toBeTruthy();
    expect(screen.getByTestId('vacuum-now')).toHaveTextContent('40');
    expect(screen.getByText('Shut it off: watch the rise')).toBeTruthy();
  });
});

test('dry is what the rise shows, tight what the hold showed: the way on is open', async () => {
  const { writes } = await show([RIG, BEGAN, READ(190), noted('valve-shut', {}), RISE('tight-and-dry')]);
  expect(await screen.findByText('Tight and dry')).toBeTruthy();
  expect(screen.getByText(/Tightness not shown: there was no hold/)).toBeTruthy();
  fireEvent.press(screen.getByText('Dry: on to the charge'));
  await settle();
  expect(writes[0]?.body).toMatchObject({ stage: 'pull', kind: 'done' });
});

describe('of a rise by hand', () => {
  const since = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
  const at = (minutes: number, entry: readonly [string, string, object]) => ({ entry, at: since(minutes) });
  const RISING = [
    at(30, RIG),
    at(20, BEGAN),
    at(13, READ(180)),
    at(12, noted('valve-shut', {})),
    ...[180, 190, 196, 200, 203, 205, 206].map((micronNow, i) => at(12 - 1.5 * i, READ(micronNow))),
  ];
  const showRising = () =>
    showScreen(<PullScreen id="job" />, {
      answers: {
        ...stageAnswers(jobWithTimes(RISING as never, { stage: 'pull' })), // cast: kinds of this very stage
        [`GET jobs/job/pulls/${PULL}/live`]: { entries: 0, series: [], judgedBy: null, points: [], judged: null },
      },
    });

  test('the reading that is enough is kept and judged by one key', async () => {
    const { store } = await showRising();
    await press(/^Note a reading/);
    await type('gauge', '207 micron');
    await press('Keep it and judge the rise');
    const kept = () => store.getState().outbox.map(({ body }) => body as { kind: string; values: object });
    expect(kept().map(({ kind }) => kind)).toEqual(['pull-read', 'rise']);
    expect(kept()[1]).toMatchObject({ values: { readings: 8 } });
    expect(screen.queryByLabelText('gauge')).toBeNull();
  });

  test('it may be watched on all the same', async () => {
    const { store } = await showRising();
    await press(/^Note a reading/);
    await type('gauge', '207 micron');
    await press('Keep it, watch on');
    await settle();
    expect(store.getState().outbox.map(({ body }) => (body as { kind: string }).kind)).toEqual(['pull-read']);
    expect(screen.getByText('Judge the rise')).toBeTruthy();
  });
});

test('what comes next lies open: the rig, where it was not tried; and the reading before it is shut off shuts it too', async () => {
  await showScreen(<PullScreen id="job" opens="rig" />, { answers: stageAnswers(jobWithStages([], { stage: 'pull' })) });
  expect(await screen.findByLabelText('down to, in 5 min')).toBeTruthy();
  const answers = { ...stageAnswers(jobWithStages([RIG, BEGAN] as never, { stage: 'pull' })), 'PUT jobs/job/stages/*': {} }; // cast: kinds of this very stage
  const { writes } = await showScreen(<PullScreen id="job" />, {
    answers: { ...answers, [`GET jobs/job/pulls/${PULL}/live`]: { entries: 0, series: [], judgedBy: null, points: [], judged: null } },
  });
  await press('Note a reading');
  await type('gauge', '180 micron');
  await press('Keep it and shut it off');
  expect(writes.map(({ body }) => (body as { kind: string }).kind)).toEqual(['pull-read', 'valve-shut']);
});
