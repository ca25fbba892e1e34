import { METRIC_PREFERENCES } from '@kesto/core';
import { showIn } from '@kesto/contract/wording';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { BRASS_STUB, draftOf, planOf, VAN } from '@/testing/joints';
import { FillerList } from './FillerList';

const steel = planOf(draftOf({ female: { ...BRASS_STUB, metal: 'copper-plated-steel' } })).plan;
const shown = (onChoose = jest.fn()) => {
  render(<FillerList rows={steel.fillers} chosen="BAg-36" van={VAN} show={showIn(METRIC_PREFERENCES)} onChoose={onChoose} />);
  return onChoose;
};

test('says of each filler how it stands, why, and how many rods are on the van', () => {
  shown();
  expect(screen.getAllByText('forbidden')).toHaveLength(3);
  expect(screen.getAllByText(/phosphorus makes a brittle layer/)).toHaveLength(2);
  expect(screen.getByText('3 on the van')).toBeTruthy();
});

test('an allowed filler can be chosen, a forbidden one cannot', () => {
  const onChoose = shown();
  fireEvent.press(screen.getByText('BCuP-5'));
  expect(onChoose).not.toHaveBeenCalled();
  fireEvent.press(screen.getByText('BAg-36'));
  expect(onChoose).toHaveBeenCalledWith('BAg-36');
});
