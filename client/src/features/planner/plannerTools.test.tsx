import { cardReadings } from '@kesto/contract/wording';
import { METRIC_PREFERENCES } from '@kesto/core';
import { fireEvent, screen } from '@testing-library/react-native';
import { around, BRASS_STUB, draftOf, jointView, planOf } from '@/testing/joints';
import { press, settle, showScreen, type } from '@/testing/screen';
import { comparable, compareRows } from './fillers/compareRows';
import { PlannerScreen } from './PlannerScreen';
import { SaveStart, StartPicker } from './parts/StartPicker';
import { ownStarts, STARTS } from './parts/starts';

const brass = draftOf({ female: BRASS_STUB });
const joint = jointView(brass);

describe('starting points', () => {
  test('every joint of the week is there with its size, and says where flux is needed', async () => {
    await showScreen(<StartPicker around={around} onPick={() => undefined} />);
    for (const { name } of STARTS) expect(screen.getByLabelText(`start from ${name}`)).toBeTruthy();
    expect(screen.getAllByText(/, flux$/).length).toBeGreaterThan(2);
  });

  test('one of one’s own is kept on the device, without the reason and the choice of that one joint', async () => {
    await showScreen(<SaveStart draft={{ ...brass, reason: 'only this once', choose: 'BAg-36' }} />);
    await press('Keep as a starting point');
    await press('Keep it');
    expect(ownStarts()).toEqual([]);
    await type('name of the starting point', ' vault valve ');
    await press('Keep it');
    expect(screen.getByText('Kept on this device as “vault valve”.')).toBeTruthy();
    expect(ownStarts()).toEqual([{ name: 'vault valve', draft: { ...brass, reason: '', choose: null } }]);
  });
});

describe('fillers side by side', () => {
  const names = comparable(planOf(brass).plan);

  test('the forbidden are not offered, the best comes first', () => {
    expect(names[0]).toBe('BAg-36');
    expect(names).not.toContain('BAg-1');
  });

  test('each line says what changes with the filler, worked out anew for each', () => {
    const rows = Object.fromEntries(compareRows(brass, ['BAg-36', 'BCuP-5'], around).map((row) => [row.label, row.values]));
    expect(rows['fully liquid at']).toEqual(['677 °C', '802 °C']);
    expect(rows['silver']).toEqual(['45 %', '15 %']);
    expect(rows['stands']?.[0]).toBe('best');
    expect(rows['rod used']?.[0]).not.toBe(rows['rod used']?.[1]);
  });

  test('two stand there at first; a third is added, and a fourth takes the first one’s place', async () => {
    await showScreen(<PlannerScreen joint={joint} />, { size: 'wide' });
    await press('Compare fillers');
    const checked = () =>
      screen.getAllByRole('checkbox').filter((box) => box.props['accessibilityState']?.checked ?? box.props['aria-checked']);
    expect(checked()).toHaveLength(2);
    const open = screen.getAllByRole('checkbox').filter((box) => !checked().includes(box));
    for (const box of open) {
      fireEvent.press(box);
      await settle();
    }
    expect(checked().length).toBeLessThanOrEqual(3);
    expect(screen.getByText('melts over')).toBeTruthy();
  });
});

describe('the working behind a number', () => {
  const { before, torch } = cardReadings(planOf(brass).plan, METRIC_PREFERENCES);

  test.each([...before, ...torch].map((row) => [row.label, row] as const))('%s opens, and closes again', async (label) => {
    await showScreen(<PlannerScreen joint={joint} />);
    const escaped = label.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
    fireEvent.press(screen.getByLabelText(new RegExp(`^${escaped} .*show the working$`)));
    await settle();
    expect(screen.getByText('close')).toBeTruthy();
    expect(screen.getByText('What would change it')).toBeTruthy();
    await press('close');
    expect(screen.queryByText('close')).toBeNull();
  });
});
