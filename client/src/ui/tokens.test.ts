import { DAY, NIGHT, type Tokens } from './tokens';

/** Relative luminance and contrast by WCAG 2.2. */
const luminance = (hex: string): number => {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
const contrast = (one: string, other: string): number => {
  const [dark = 0, light = 0] = [luminance(one), luminance(other)].toSorted((a, b) => a - b);
  return (light + 0.05) / (dark + 0.05);
};

type Text = 'ink' | 'ink2' | 'copper' | 'teal' | 'amber' | 'red';
const TEXTS: readonly Text[] = ['ink', 'ink2', 'copper', 'teal', 'amber', 'red'];
const LIGHTS: readonly Tokens[] = [DAY, NIGHT];

describe.each(LIGHTS.map((t) => [t.name, t] as const))('by %s', (_name, t) => {
  test.each(TEXTS)('%s is read on paper in full sun and in a dark shaft: 7:1', (text) => {
    expect(contrast(t[text], t.paper)).toBeGreaterThanOrEqual(7);
  });

  test('a word of warning is read on its own wash, and the key on its copper', () => {
    expect(contrast(t.teal, t.tealWash)).toBeGreaterThanOrEqual(7);
    expect(contrast(t.amber, t.amberWash)).toBeGreaterThanOrEqual(7);
    expect(contrast(t.red, t.redWash)).toBeGreaterThanOrEqual(7);
    expect(contrast(t.onCopper, t.copper)).toBeGreaterThanOrEqual(7);
  });

  test('two metals that meet in a joint are told apart by their hatching, not by their fill alone', () => {
    for (const { fill, hatch } of Object.values(t.metals)) expect(contrast(fill, hatch)).toBeGreaterThanOrEqual(1.8);
    expect(new Set(Object.values(t.metals).map(({ fill }) => fill)).size).toBe(5);
  });
});

test('black on white is 21:1, as the standard says', () => {
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 5);
});
