import type { JointSummary } from '@kesto/contract/api';
import { METRIC_PREFERENCES } from '@kesto/core';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { letters, marks } from '@/testing/drawn';
import { summary } from '@/testing/jobs';
import { showScreen } from '@/testing/screen';
import { DRAWN_SPLIT } from '@/testing/stages';
import { CircuitDrawing } from './CircuitDrawing';

type Props = Parameters<typeof CircuitDrawing>[0];
const draw = (rest: Partial<Props> = {}) =>
  render(<CircuitDrawing graph={DRAWN_SPLIT} upright={false} units={METRIC_PREFERENCES} {...rest} />);

const [LINK] = DRAWN_SPLIT.links;
const joint = (tag: string, state: JointSummary['state'], at: JointSummary['at'] = { ...LINK!, part: LINK!.from }): JointSummary => ({
  ...summary(tag, state),
  at,
});
const rings = () => marks().filter(({ type, props }) => type === 'RNSVGCircle' && Number(props['r']) === 11);

describe('joints on a circuit', () => {
  test.each([
    ['not-planned', true],
    ['planned', false],
    ['brazed', false],
    ['passed', false],
  ] as const)('one that is %s is a ring with the end of its tag; dashed until it is planned: %s', (state, isDashed) => {
    draw({ joints: [joint('CR2-07', state)] });
    expect(letters()).toContain('07');
    expect(rings()).toHaveLength(1);
    expect(Array.isArray(rings()[0]?.props['strokeDasharray'])).toBe(isDashed);
  });

  test('one that is made is filled, one that is planned is not', () => {
    draw({ joints: [joint('CR2-07', 'planned'), joint('CR2-08', 'brazed')] });
    const [planned, made] = rings().map(({ props }) => JSON.stringify(props['fill']));
    expect(planned).not.toEqual(made);
  });

  test('one whose place is not on this drawing is left out, and the others stay', () => {
    draw({
      joints: [
        joint('CR2-07', 'planned'),
        joint('CR2-08', 'planned', { from: 'gone', to: 'gone', part: 'gone' }),
        joint('CR2-09', 'planned', null),
      ],
    });
    expect(letters()).toContain('07');
    expect(letters()).not.toContain('08');
    expect(rings()).toHaveLength(1);
  });
});

test('a service valve shows whether it really shuts; where nobody knows it shows neither', () => {
  const shuts = (closes: boolean | undefined) => {
    const parts = DRAWN_SPLIT.parts.map(({ closes: _before, ...part }) =>
      part.kind === 'valve' && closes !== undefined ? { ...part, closes } : part,
    );
    draw({ graph: { ...DRAWN_SPLIT, parts } });
    return marks()
      .filter(({ props }) => /^M-2[78] /.test(String(props['d'])))
      .map(({ props }) => props['d']);
  };
  const valves = DRAWN_SPLIT.parts.filter(({ kind }) => kind === 'valve').length;
  expect(shuts(true)).toEqual(Array(valves).fill('M-27 -19 l4 5 7 -10'));
  expect(new Set(shuts(false))).toEqual(new Set(['M-28 -24 l10 10 M-18 -24 l-10 10']));
  expect(shuts(undefined)).toEqual([]);
});

test('upright, as on a phone, it is the same circuit turned: as many signs and as many tubes', () => {
  const count = () => marks().filter(({ type }) => type === 'RNSVGPath').length;
  draw();
  const lying = count();
  draw({ upright: true });
  expect(count()).toBe(lying);
});

test('every part and every tube is reached by a key of its own that says its name', async () => {
  const onChoose = jest.fn();
  await showScreen(<CircuitDrawing graph={DRAWN_SPLIT} upright={false} units={METRIC_PREFERENCES} onChoose={onChoose} />);
  fireEvent.press(screen.getByLabelText('compressor'));
  expect(onChoose).toHaveBeenLastCalledWith({ part: DRAWN_SPLIT.parts.find(({ kind }) => kind === 'compressor')?.id });
  const tubes = screen.getAllByLabelText(/^tube, .+ to .+/);
  expect(tubes).toHaveLength(DRAWN_SPLIT.links.length);
  fireEvent.press(tubes[0]!);
  expect(onChoose).toHaveBeenLastCalledWith({ link: expect.any(Number) });
});
