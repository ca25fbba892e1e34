import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { act, screen } from '@testing-library/react-native';
import { settle, showScreen } from '@/testing/screen';
import { CalculatorPicture } from './CalculatorPicture';
import { initialValues, work } from './calculator';
import { CALCULATORS } from './kinds';
import type { LinePicture } from '@/chart/LineChart';
import type { Picture } from './picture';

function pictureOf(name: string, typed: Record<string, string> = {}, units = METRIC_PREFERENCES): Picture {
  const calculator = CALCULATORS.find((c) => c.name === name);
  if (!calculator) throw new Error(name);
  const { answer, problems } = work(calculator, { ...initialValues(calculator, units), ...typed }, units);
  if (!answer?.picture) throw new Error(`${name} has no picture: ${JSON.stringify(problems)}`);
  return answer.picture;
}

async function draw(picture: Picture, units = METRIC_PREFERENCES): Promise<void> {
  await showScreen(<CalculatorPicture picture={picture} units={units} />);
  const [frame] = screen.UNSAFE_root.findAll((node) => typeof node.props.onLayout === 'function');
  act(() => void frame?.props.onLayout({ nativeEvent: { layout: { width: 480 } } }));
  await settle();
}

test.each(CALCULATORS.map((c) => c.name).filter((name) => name !== 'units'))('%s is drawn, and told in words', async (name) => {
  await draw(pictureOf(name));
  const drawing = screen.UNSAFE_root.findAll((node) => node.props.role === 'img' && typeof node.props['aria-label'] === 'string')[0];
  expect(String(drawing?.props['aria-label'])).toMatch(/\d/);
  expect(String(drawing?.props['aria-label'])).not.toMatch(/NaN|undefined/);
});

const lineOf = (picture: Picture): LinePicture => {
  if (picture.kind !== 'line') throw new Error(picture.kind);
  return picture;
};

test('the curve along the tube falls, starts at the joint and passes through the answer', () => {
  const { lines, marks } = lineOf(pictureOf('reach'));
  const points = lines[0]?.points ?? [];
  expect(points[0]).toEqual([0, 720]);
  points.slice(1).forEach(([, y], i) => expect(y).toBeLessThanOrEqual(points[i]?.[1] ?? NaN));
  const [x, y] = marks[0]?.at ?? [NaN, NaN];
  const after = points.find(([px]) => px >= x);
  expect(Math.abs((after?.[1] ?? NaN) - y)).toBeLessThan(15);
});

test('a blend with glide has a bubble and a dew line, bubble above dew; a pure one has one line', () => {
  const blend = lineOf(pictureOf('saturation', { refrigerant: 'R-407C' }));
  expect(blend.lines.map((line) => line.name)).toEqual(['bubble', 'dew']);
  blend.lines[0]?.points.forEach(([, y], i) => expect(y).toBeGreaterThan(blend.lines[1]?.points[i]?.[1] ?? NaN));
  expect(lineOf(pictureOf('saturation', { refrigerant: 'R-134a' })).lines).toHaveLength(1);
});

test('the axes are in the person’s own units', () => {
  const inch = lineOf(pictureOf('saturation', {}, INCH_PREFERENCES));
  expect([inch.x.unit, inch.y.unit]).toEqual(['°F', 'psig']);
  expect(inch.marks[0]?.at).toEqual([40, 118]);
});

test('both sides of the readings are marked on the curve', () => {
  expect(lineOf(pictureOf('readings')).marks.map((mark) => mark.text.split(' ')[0])).toEqual(['evaporating', 'condensing']);
});
