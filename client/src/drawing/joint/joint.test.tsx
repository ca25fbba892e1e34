import { INCH_PREFERENCES } from '@kesto/core';
import type { SectionJoint } from '@kesto/core/section';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { JointSection, type JointDrawingProps } from './JointDrawing';

const STUB: SectionJoint = {
  male: { metal: 'copper', od: 22.23, wall: 1.14 },
  female: { metal: 'brass', form: 'component-stub', bore: 22.33, depth: 19, wall: 1.6 },
};
const CAPILLARY: SectionJoint = {
  male: { metal: 'copper', od: 6.35, wall: 0.76 },
  female: { metal: 'copper', form: 'fitting-cup', bore: 6.45, depth: 8, wall: 0.76 },
};
const PHONE = 358;
const WIDE = 900;

const draw = (joint: SectionJoint, width: number, rest: Partial<JointDrawingProps> = {}) =>
  render(<JointSection joint={joint} width={width} detail="plan" {...rest} />);

interface Letters {
  readonly text: string;
  readonly x: number;
}

/** Every word on the paper and where it is set. */
function lettering(): readonly Letters[] {
  const found: Letters[] = [];
  const visit = (node: unknown): void => {
    if (typeof node !== 'object' || node === null) return;
    const { type, props = {}, children } = node as { type?: string; props?: Record<string, unknown>; children?: readonly unknown[] | null }; // cast: of a drawing as it is rendered
    const [x] = Array.isArray(props['x']) ? (props['x'] as readonly number[]) : [];
    const [said] = (children ?? []) as readonly { props?: { content?: string } }[];
    if (type === 'RNSVGText' && x !== undefined && said?.props?.content) found.push({ text: said.props.content, x });
    for (const child of children ?? []) visit(child);
  };
  visit(screen.toJSON());
  return found;
}

describe('the section is read without its colours', () => {
  test('to a screen reader it says what goes how deep into what, in the person’s own unit', () => {
    draw(STUB, PHONE);
    expect(screen.getByLabelText('section: copper tube 22.2 mm goes 19 mm into a brass component-stub')).toBeTruthy();
    screen.unmount();
    draw(STUB, PHONE, { units: INCH_PREFERENCES });
    expect(screen.getByLabelText('section: copper tube 0.875 in goes 3/4 in into a brass component-stub')).toBeTruthy();
  });

  test('a caption of its own takes the place of that', () => {
    draw(STUB, PHONE, { label: 'CR2-07 as it was made' });
    expect(screen.getByLabelText('CR2-07 as it was made')).toBeTruthy();
  });
});

describe.each([
  ['a stub on a phone', STUB, PHONE],
  ['a stub on a wide screen', STUB, WIDE],
  ['a capillary on a phone', CAPILLARY, PHONE],
  ['a capillary on a wide screen', CAPILLARY, WIDE],
])('%s', (_what, joint, width) => {
  test('no word is set off the paper, and the gas is named on it', () => {
    draw(joint, width, { gap: { coldMm: 0.05, hotMm: 0.053 }, gas: 'nitrogen 1 L/min', rod: 'BAg-36' });
    const words = lettering();
    expect(words.map(({ text }) => text)).toContain('nitrogen 1 L/min');
    for (const { text, x } of words) expect([text, x >= 0 && x <= width]).toEqual([text, true]);
  });
});

test('the tube and the cup are touched apart: each opens what is asked of it', () => {
  const touched: string[] = [];
  draw(STUB, PHONE, { onPart: (part) => touched.push(part) });
  for (const part of screen.UNSAFE_root.findAll((node) => typeof node.props['onPress'] === 'function')) fireEvent.press(part);
  expect(new Set(touched)).toEqual(new Set(['male', 'female']));
});
