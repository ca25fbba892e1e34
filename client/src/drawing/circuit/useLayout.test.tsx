import { layOut, METRIC_PREFERENCES, TEMPLATE_CIRCUITS, type CircuitGraph, type CircuitLayout } from '@kesto/core';
import { act, render, screen } from '@testing-library/react-native';
import { letters } from '@/testing/drawn';
import type { EngineAsk, LayoutAnswer } from '@/worker/protocol';
import { CircuitDrawing } from './CircuitDrawing';

/** A worker that answers when the test lets it. */
class Beside {
  static last: Beside | null = null;
  static opened = 0;
  readonly asked: { id: number; graph: CircuitGraph }[] = [];
  onmessage: (event: { data: LayoutAnswer }) => void = () => undefined;
  onerror: () => void = () => undefined;
  terminate = jest.fn();
  constructor() {
    Beside.last = this;
    Beside.opened += 1;
  }
  postMessage(ask: EngineAsk) {
    if ('layOut' in ask) this.asked.push(ask.layOut);
  }
  answer = (n: number, layout?: CircuitLayout) =>
    act(async () => {
      const { id, graph } = this.asked[n]!;
      this.onmessage({ data: { id, layout: layout ?? layOut(graph) } });
    });
}
const beside = () => Beside.last!;

const walkIn = TEMPLATE_CIRCUITS['walk-in'];
/** The walk-in room with so many sight glasses on its longest way, the first of them of this name. */
function long(name: string): CircuitGraph {
  const [first, ...rest] = walkIn.links;
  const ids = Array.from({ length: 70 }, (_, i) => `glass-${i}`);
  const way = [first!.from, ...ids, first!.to];
  return {
    parts: [...walkIn.parts, ...ids.map((id, i) => ({ id, kind: 'sight-glass' as const, ...(i === 0 ? { name } : {}) }))],
    links: [...way.slice(1).map((to, i) => ({ ...first!, from: way[i]!, to })), ...rest],
  };
}
const draw = (graph: CircuitGraph) => <CircuitDrawing graph={graph} upright={false} units={METRIC_PREFERENCES} />;

beforeAll(() => Object.assign(globalThis, { Worker: Beside, window: { location: { href: 'http://kesto.test/' } } }));
afterAll(() => Object.assign(globalThis, { Worker: undefined }));

test('a small circuit is drawn at once, and no worker is asked', () => {
  render(draw(walkIn));
  expect(screen.queryByText(/Fetching/)).toBeNull();
  expect(letters()).toContain('compressor');
  expect(Beside.opened).toBe(0);
});

test('a large one is laid out beside the page; what was drawn before stays until then, and it is laid out once', async () => {
  const [before, after] = [long('before'), long('after')];
  const { rerender, unmount } = render(draw(before));
  expect(screen.getByText('Fetching the drawing')).toBeTruthy();
  await beside().answer(0);
  expect(letters()).toContain('before');
  rerender(draw(after));
  expect(letters()).toContain('before');
  await beside().answer(1);
  expect(letters()).toContain('after');
  expect(letters()).not.toContain('before');
  unmount();
  render(draw(before));
  expect(letters()).toContain('before');
  expect([Beside.opened, beside().asked.length]).toEqual([1, 2]);
});

test('an answer that comes after another circuit was opened is not drawn', async () => {
  const [one, other] = [long('one'), long('other')];
  const { rerender } = render(draw(one));
  rerender(draw(other));
  const at = beside().asked.length;
  await beside().answer(at - 1);
  await beside().answer(at - 2);
  expect(letters()).toContain('other');
});

test('where the worker fails the page lays it out itself, what was asked and what comes after', async () => {
  const { rerender } = render(draw(long('asked')));
  await act(async () => beside().onerror());
  expect(letters()).toContain('asked');
  rerender(draw(long('afterwards')));
  await act(async () => undefined);
  expect(letters()).toContain('afterwards');
  expect([beside().terminate.mock.calls.length, Beside.opened]).toEqual([1, 1]);
});
