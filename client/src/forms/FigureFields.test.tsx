import { fireEvent, screen } from '@testing-library/react-native';
import { showScreen } from '@/testing/screen';
import { Words } from '@/ui/Words';
import { FigureFields } from './FigureFields';
import { useFigures } from './useFigures';

const SPECS = { mass: { label: 'mass', kind: 'mass' }, note: { label: 'note', kind: 'words' } } as const;
let drawn = 0;

/** A screen with a small form on it, and something that says how often it was drawn. */
function Screen() {
  const figures = useFigures('trial', SPECS, { mass: '1 kg' });
  drawn++;
  return (
    <>
      <Words>a drawing that takes its time</Words>
      <FigureFields figures={figures} />
    </>
  );
}

test('the field that is typed in is drawn anew, not the screen it stands on', async () => {
  await showScreen(<Screen />);
  const before = drawn;
  for (const letters of ['2', '2.', '2.4', '2.4 kg']) fireEvent.changeText(screen.getByTestId('figure-mass'), letters);
  expect(screen.getByTestId('figure-mass').props.value).toBe('2.4 kg');
  expect(drawn).toBe(before);
});
