import { fireEvent, screen } from '@testing-library/react-native';
import type { JobView } from '@kesto/contract';
import { press, settle, showScreen, type } from '@/testing/screen';
import { jobWithStages, stageAnswers } from '@/testing/stages';
import { DecideScreen } from './DecideScreen';

const DONE = ['find', 'done', {}] as const;
type Noted = Parameters<typeof jobWithStages>[0][number];
const show = (noted: readonly Noted[] = [], rest: Partial<JobView> = {}) =>
  showScreen(<DecideScreen id="job" />, { answers: stageAnswers(jobWithStages([DONE, ...noted], rest)) });

const history = (leaks: readonly object[]) =>
  ({ stages: { ...jobWithStages([DONE]).stages, history: { leaks, joints: [] } } }) as unknown as Partial<JobView>; // cast: their number and whose they are is read alone

async function ask(age: string, repair: string, replacement: string) {
  await press('Does it pay');
  await type('years old', age);
  await type('the repair costs', repair);
  await type('a new one costs', replacement);
  await press('Work it out');
}

describe('whether a repair pays', () => {
  // Six of fifteen years gone leave 0.6 of its life: up to 0.3 of a new one.
  test('a quarter of a new one’s price pays at six years, and is kept as it was decided', async () => {
    const { writes } = await show();
    await ask('6', '1000', '4000');
    expect(screen.getByText('Repair')).toBeTruthy();
    expect(screen.getByText(/^25 % of a new one; up to 1200 pays at this age with 0 found before/)).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'repair' }));
    await settle();
    await press('Keep what is decided');
    expect(writes[0]?.body).toMatchObject({
      kind: 'worth',
      values: { ageYears: 6, repair: 1000, replacement: 4000, earlierFinds: 0, inWarranty: false, advice: 'repair', decided: 'repair' },
    });
  });

  test('a leak that was found before takes a third of that; a sister’s leak takes nothing', async () => {
    await show([], history([{ tag: 'own' }, { tag: 'sister', unit: 'CR3' }]));
    await ask('6', '1000', '4000');
    expect(screen.getByText('Replace')).toBeTruthy();
    expect(screen.getByText(/up to 800 pays at this age with 1 found before/)).toBeTruthy();
  });

  test('in warranty whoever gave it is asked first, whatever the figures say', async () => {
    await show();
    await press('Does it pay');
    await type('years old', '2');
    await type('the repair costs', '100');
    await type('a new one costs', '4000');
    fireEvent.press(screen.getByLabelText('in warranty'));
    await press('Work it out');
    expect(screen.getByText('In warranty: ask whoever gave it first')).toBeTruthy();
  });

  test('a new one that costs nothing is no figure, and is told at its field', async () => {
    const { writes } = await show();
    await ask('6', '1000', '0');
    expect(screen.getByText('must be more than nothing')).toBeTruthy();
    expect(screen.queryByText('Keep what is decided')).toBeNull();
    expect(writes).toEqual([]);
  });

  test('it is a rule of thumb, and says so; against it somebody may decide all the same, with why', async () => {
    const { writes } = await show();
    await ask('6', '3000', '4000');
    expect(screen.getByText(/A rule of thumb, not a verdict\./)).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'repair' }));
    await settle();
    await type('why', 'the new one comes in spring');
    await press('Keep what is decided');
    expect(writes[0]?.body).toMatchObject({ values: { advice: 'replace', decided: 'repair', why: 'the new one comes in spring' } });
  });

  test('what the plate says of age and warranty stands beside it', async () => {
    await show([], { plate: { installedOn: '2019-05-04', warrantyUntil: '2024-05-04' } as JobView['plate'] });
    expect(screen.getByText(/^installed 4 May 2019, warranty until 4 May 2024/)).toBeTruthy();
  });
});

describe('what becomes of the refrigerant', () => {
  test('is kept with its reason', async () => {
    const { writes } = await show();
    await press('Say what becomes of it');
    fireEvent.press(screen.getByRole('radio', { name: 'fresh charge' }));
    await settle();
    await type('why', 'acid in the oil');
    await press('Keep it');
    expect(writes[0]?.body).toMatchObject({ kind: 'refrigerant-fate', values: { fate: 'fresh', why: 'acid in the oil' } });
  });

  test('what was decided stands in words, and how fast it was lost beside it', async () => {
    await show([
      ['find', 'loss', { lostKg: 2.4, days: 200, chargeKg: 8 }],
      ['decide', 'refrigerant-fate', { fate: 'reuse', why: 'clean and dry' }],
    ]);
    expect(screen.getByText('reuse it: clean and dry')).toBeTruthy();
    // 2.4 of 8 kg in 200 days: 0.3 x 365 / 200 = 54.75 % a year.
    expect(screen.getByText(/^Lost at 55 % of its charge a year/)).toBeTruthy();
    expect(screen.getByText('Decide anew')).toBeTruthy();
  });
});
