import { fireEvent, render, screen } from '@testing-library/react-native';
import { letters, marks } from '@/testing/drawn';
import { LineChart, type LinePicture } from './LineChart';
import { SeenBar } from './SeenBar';

const picture = (rest: Partial<LinePicture> = {}): LinePicture => ({
  ...{ kind: 'line', title: 'saturation', x: { unit: '°C' }, y: { unit: 'bar' } },
  lines: [{ name: 'bubble', points: [[0, 0], [50, 5], [100, 10]] }], // prettier-ignore
  marks: [{ at: [50, 5], text: '5 bar' }],
  ...rest,
});
const draw = (rest?: Partial<LinePicture>) => render(<LineChart picture={picture(rest)} width={400} />);
const circle = () => marks().find(({ type }) => type === 'RNSVGCircle')?.props;
const curves = () => marks().filter(({ type, props }) => type === 'RNSVGPath' && String(props['d']).includes('L'));
/** Which end of these letters stands at the mark, and whether they stand above it. */
function besides(text: string) {
  const all = marks();
  const { font, y } = all[all.findIndex(({ props }) => props['content'] === text) - 1]?.props ?? {};
  const { textAnchor } = font as { textAnchor: string }; // cast: as the paper is told
  return [textAnchor, Number((y as readonly number[])[0]) < Number(circle()?.['cy']) ? 'above' : 'below']; // cast: as the paper is told
}

describe('a curve', () => {
  test('has its units, its levels and what was asked for on it, at its place; whoever hears the page is told', () => {
    draw();
    expect(letters()).toEqual(expect.arrayContaining(['bar', '°C', '5 bar', '0', '10']));
    // Half way along between the pads of 56 and 16, half way up between those of 18 and 30.
    expect([circle()?.['cx'], circle()?.['cy']]).toEqual([56 + (400 - 56 - 16) / 2, 18 + (210 - 18 - 30) / 2]);
    expect(screen.getByLabelText('saturation: 5 bar')).toBeTruthy();
  });

  test('beside another is told from it by dashes', () => {
    draw({ lines: [picture().lines[0]!, { name: 'dew', points: [[0, 1], [100, 8]] }] }); // prettier-ignore
    expect(curves().map(({ props }) => Array.isArray(props['strokeDasharray']))).toEqual([false, true]);
  });

  test('below nothing begins below nothing', () => {
    draw({ lines: [{ name: 'gauge', points: [[0, -1], [100, 3]] }], marks: [{ at: [0, 0], text: 'open air' }] }); // prettier-ignore
    expect(Number(circle()?.['cy'])).toBeLessThan(210 - 30);
    expect(letters()).toContain('-1');
  });

  test('has the words of a mark where it does not run: left of a rising one where there is room, right of it near the edge', () => {
    const side = (at: [number, number], points: LinePicture['lines'][number]['points']) => {
      draw({ lines: [{ name: 'a', points }], marks: [{ at, text: 'here' }] });
      return besides('here');
    };
    const [rising, falling] = [[[0, 0], [100, 10]], [[0, 10], [100, 0]]] as const; // prettier-ignore
    expect(side([80, 8], rising)).toEqual(['end', 'above']);
    expect(side([10, 1], rising)).toEqual(['start', 'below']);
    expect(side([80, 2], falling)).toEqual(['end', 'below']);
    expect(side([10, 9], falling)).toEqual(['start', 'above']);
  });
});

describe('what a look can see', () => {
  const parts = () => marks().filter(({ type }) => type === 'RNSVGRect');
  /** Where it begins to see, and how far. */
  const bar = (rest: Partial<Parameters<typeof SeenBar>[0]> = {}) => {
    render(<SeenBar axis={[1, 100]} seen={10} lookedFor={null} {...rest} />);
    const { x, width } = parts()[1]?.props ?? {};
    return [Number(x), Number(width)];
  };

  test('is on a log axis: the middle of a hundredfold is ten', () => expect(bar()).toEqual([150, 149]));

  test('that sees nothing is blind all along; beyond either end it stays within the bar', () => {
    expect(bar({ seen: null })).toEqual([300, 0]);
    expect(bar({ seen: 5000 })).toEqual([300, 0]);
    expect(bar({ seen: 0.01 })).toEqual([0, 299]);
  });

  test('has a dashed line at the leak that is looked for, and none where none is', () => {
    const line = () => marks().find(({ type, props }) => type === 'RNSVGPath' && Array.isArray(props['strokeDasharray']));
    bar({ lookedFor: 10 });
    expect(line()?.props['d']).toBe('M150 0 V26');
    bar({ lookedFor: 0 });
    expect(line()).toBeUndefined();
  });

  test('is drawn over the width that it gets', () => {
    render(<SeenBar axis={[1, 100]} seen={10} lookedFor={null} />);
    fireEvent(screen.root, 'layout', { nativeEvent: { layout: { width: 600 } } });
    expect(parts()[1]?.props['x']).toBe(300);
  });
});
