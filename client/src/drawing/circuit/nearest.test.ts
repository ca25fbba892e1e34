import { layOut, TEMPLATE_CIRCUITS } from '@kesto/core';
import { partNear, partUnder, tubeNear } from './nearest';
import { placed } from './place';

const graph = TEMPLATE_CIRCUITS['walk-in'];
const layout = layOut(graph);

test.each([false, true])('upright %s: a part is found where it is drawn, a tube between its parts, nothing far from both', (upright) => {
  const view = placed(layout, upright);
  const middle = (id: string) => view.at(layout.parts.find((part) => part.id === id) ?? { x: 0, y: 0 });
  const drier = middle('drier');
  expect(partNear(layout, view, { x: drier.x + 8, y: drier.y - 8 })).toBe('drier');
  // What cannot be moved is chosen all the same.
  expect(partNear(layout, view, middle('compressor'))).toBeNull();
  expect(partUnder(layout.parts, view, middle('compressor'), 20)).toBe('compressor');
  expect(partUnder(layout.parts, view, { x: middle('compressor').x, y: middle('compressor').y + 21 }, 20)).not.toBe('compressor');
  const [a, b] = [middle('sight-glass'), middle('solenoid')];
  const index = tubeNear(layout, view, { x: (a.x + b.x) / 2 + 5, y: (a.y + b.y) / 2 + 5 });
  expect(graph.links[index ?? -1]).toMatchObject({ from: 'sight-glass', to: 'solenoid' });
  expect(tubeNear(layout, view, { x: view.width / 2, y: view.height / 2 })).toBeNull();
});
