import { fireEvent, render, screen } from '@testing-library/react-native';
import { PaperProvider } from 'react-native-paper';
import { FigureField } from './UnitField';

/** What stands in the field after its key was pressed. */
function pressed(value: string, key: RegExp, rest: Partial<Parameters<typeof FigureField>[0]> = {}): string {
  const onChange = jest.fn<void, [string]>();
  render(
    <PaperProvider>
      <FigureField label="suction" value={value} onChange={onChange} units={['kPa', 'bar', 'psig']} {...rest} />
    </PaperProvider>,
  );
  fireEvent.press(screen.getByLabelText(key));
  return onChange.mock.lastCall?.[0] ?? value;
}

test.each([
  ['400', '400 bar'],
  ['400 kPa', '400 bar'],
  ['4,1 bar', '4,1 psig'],
])('the unit of %s changes and the figure stays: %s', (value, after) => expect(pressed(value, /^suction in .* instead of/)).toBe(after));

test('what is no single figure is left as it was typed', () => {
  expect(pressed('5 lb 2 oz', /instead of/, { units: ['lb', 'oz', 'kg'] })).toBe('5 lb 2 oz');
  expect(pressed('15 h 20', /instead of/, { units: ['min', 'h'] })).toBe('15 h 20');
});

test('a figure under zero can be typed on a keypad without a minus, and taken back', () => {
  expect(pressed('18', /under or above zero/, { signed: true })).toBe('-18');
  expect(pressed('-18 °C', /under or above zero/, { signed: true })).toBe('18 °C');
});
