import { render } from '@testing-library/react-native';
import { letters, marks } from '@/testing/drawn';
import { NearMarkDrawing, type NearMark } from './NearMarks';

const WIDTH = 358;
const mark = (rest: Partial<NearMark> = {}): NearMark => ({
  ...{ kind: 'valve-seal', distance: 60, onFemale: true, wrap: null, reading: '131 °C', tooHot: false, ...rest },
});
const draw = (of: NearMark, x: number) =>
  render(
    <NearMarkDrawing mark={of} x={x} row={{ handleY: 150, labelY: 164 }} half={20} axis={89} toX={(mm) => 150 + 2 * mm} width={WIDTH} />,
  );
const wavy = () => marks().filter(({ props }) => / q/.test(String(props['d'])));

test('a part on the paper stands at its distance with how hot it gets', () => {
  draw(mark(), 270);
  expect(letters()).toContain('131 °C');
  expect(marks().some(({ type, props }) => type === 'RNSVGCircle' && Number(props['cx']) === 270)).toBe(true);
});

test('one that gets too hot is told in another colour', () => {
  const dot = () => JSON.stringify(marks().find(({ type }) => type === 'RNSVGCircle')?.props['fill']);
  draw(mark(), 270);
  const cool = dot();
  draw(mark({ tooHot: true }), 270);
  expect(dot()).not.toEqual(cool);
});

test.each([
  ['left', -40],
  ['right', WIDTH + 40],
])('one that lies off the paper on the %s is pointed to, and its warmth still said', (_side, x) => {
  draw(mark(), x);
  expect(letters()).toContain('131 °C');
  expect(marks().some(({ type }) => type === 'RNSVGCircle')).toBe(false);
});

test('its wrap lies around the tube on both sides, and says what it is', () => {
  draw(mark({ wrap: { from: 40, to: 70, word: 'wet rag' } }), 270);
  expect(letters()).toContain('wet rag');
  expect(wavy()).toHaveLength(6);
  draw(mark(), 270);
  expect(wavy()).toHaveLength(0);
});

test('before anything is worked out no figure stands there', () => {
  draw(mark({ reading: '' }), 270);
  expect(letters()).toEqual([]);
});
