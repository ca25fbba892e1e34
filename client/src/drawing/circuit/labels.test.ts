import { layOut, TEMPLATE_CIRCUITS } from '@kesto/core';
import { labelsOf } from './labels';
import { placed } from './place';

const named = (scale: number) => {
  const graph = TEMPLATE_CIRCUITS['heat-pump'];
  const layout = layOut(graph);
  return [...labelsOf(graph, layout, placed(layout, false), scale).values()].map(({ text }) => text);
};

test('a large drawing names every part that is asked for; a small one leaves out the name that would lie on another', () => {
  expect(named(1)).toEqual(['compressor', 'condenser', 'evaporator', 'accumulator', 'reversing valve']);
  expect(named(2.2)).toContain('compressor');
  expect(named(2.2)).not.toContain('reversing valve');
});
