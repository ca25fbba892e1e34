import { METRIC_PREFERENCES } from '@kesto/core';
import { act, fireEvent, screen } from '@testing-library/react-native';
import type { PanGesture } from 'react-native-gesture-handler';
import { fireGestureHandler, getByGestureTestId } from 'react-native-gesture-handler/jest-utils';
import { useState } from 'react';
import { around, BRASS_STUB, draftOf } from '@/testing/joints';
import { settle, showScreen } from '@/testing/screen';
import type { Draft } from '@/draft/drafts';
import { PlannerDrawing } from './PlannerDrawing';
import { planDraft } from '@/draft/toRequest';
import type { Planner } from './usePlanner';

const valve = { kind: 'valve', distance: '52 mm', along: 'female', protection: 'putty' } as const;
const start = draftOf({ female: BRASS_STUB, rest: { near: [valve] } });
const moves: (string | undefined)[] = [];

/** The drawing over a draft of its own. */
function Board({ width = 640 }: { width?: number }) {
  const [draft, setDraft] = useState<Draft>(start);
  const planned = planDraft(draft, around);
  const planner: Planner = {
    ...planned,
    draft,
    change: (part, move) => {
      moves.push(move);
      setDraft((d) => ({ ...d, ...part }));
    },
    touched: true,
    asksSwept: false,
    isDrawn: false,
    planAnew: () => undefined,
    takeVan: null,
    drawing: null,
    undo: null,
    redo: null,
  };
  if (!planned.plan) throw new Error('the board always has a plan');
  return <PlannerDrawing plan={planned.plan} units={METRIC_PREFERENCES} detail={width > 500 ? 'chart' : 'plan'} planner={planner} />;
}

async function lay(width: number): Promise<void> {
  moves.length = 0;
  await showScreen(<Board width={width} />);
  const [frame] = screen.UNSAFE_root.findAll((node) => typeof node.props.onLayout === 'function');
  act(() => void frame?.props.onLayout({ nativeEvent: { layout: { width } } }));
  await settle();
}

const gripsNamed = (key: string) => screen.queryAllByTestId(`grip-${key}`);
const grip = (key: string) => screen.getByTestId(`grip-${key}`);

async function drag(key: string, by: readonly number[]): Promise<void> {
  const path = [0, ...by].map((translationX) => ({ translationX }));
  act(() => fireGestureHandler<PanGesture>(getByGestureTestId(`grip-${key}`), path));
  await settle();
}

test.each([640, 358])('at %s px the depth, the valve and both edges of its wrap can be taken hold of', async (width) => {
  await lay(width);
  expect(['depth', 'part0', 'wrap0from', 'wrap0to'].map((key) => grip(key).props['aria-valuetext'])).toEqual([
    '19.0 mm',
    '52.0 mm',
    '36.1 mm',
    '96.1 mm',
  ]);
});

test('dragged, the valve follows the finger in whole millimetres, and the whole drag is one move', async () => {
  await lay(640);
  await drag('part0', [5, 15, 30]);
  const text = String(grip('part0').props['aria-valuetext']);
  expect(text).toMatch(/^\d+\.0 mm$/);
  expect(parseFloat(text)).toBeGreaterThan(55);
  expect(new Set(moves).size).toBe(1);
  await drag('part0', [-10]);
  expect(new Set(moves).size).toBe(2);
});

test('arrow keys step a handle, other keys are left alone', async () => {
  await lay(640);
  const preventDefault = jest.fn();
  act(() => void grip('depth').props.onKeyDown({ key: 'ArrowRight', preventDefault }));
  await settle();
  expect(grip('depth').props['aria-valuetext']).toBe('19.5 mm');
  expect(preventDefault).toHaveBeenCalledTimes(1);
  act(() => void grip('depth').props.onKeyDown({ key: 'Tab', preventDefault }));
  expect(preventDefault).toHaveBeenCalledTimes(1);
});

test('what is taken hold of can be stepped with gloves on, and a part’s protection changed there', async () => {
  await lay(358);
  expect(screen.queryByTestId('step-right')).toBeNull();
  await drag('part0', []);
  fireEvent.press(screen.getByTestId('step-right'));
  await settle();
  expect(grip('part0').props['aria-valuetext']).toBe('53.0 mm');
  fireEvent.press(screen.getByTestId('step-left'));
  fireEvent.press(screen.getByText('bare'));
  await settle();
  expect(gripsNamed('wrap0from')).toHaveLength(0);
});

test('a wrap’s edge is dragged on its own', async () => {
  await lay(640);
  await drag('wrap0to', [40]);
  expect(grip('wrap0from').props['aria-valuetext']).toBe('36.1 mm');
  expect(parseFloat(String(grip('wrap0to').props['aria-valuetext']))).toBeGreaterThan(100);
});

test('the curve is told in words: how hot the joint, and what the valve gets to', async () => {
  await lay(640);
  expect(screen.getByLabelText(/temperature along the parts; the joint at \d+ °C, valve gets to \d+ °C/)).toBeTruthy();
  expect(screen.getByText('hottest each point gets')).toBeTruthy();
  fireEvent.press(screen.getByText('over time'));
  await settle();
  expect(screen.getByText(/after lighting/)).toBeTruthy();
});
