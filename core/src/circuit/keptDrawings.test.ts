import { layOut } from './layOut';
import { drawingLines, GOLDEN_CIRCUITS } from '../golden/drawings';
import kept from '../golden/drawings.json';

// A technician finds a part where it stood yesterday; a drawing that is meant to change is looked at and taken up by `npm run golden`.
test.each(Object.keys(GOLDEN_CIRCUITS))('%s is drawn as it was', (name) => {
  const graph = GOLDEN_CIRCUITS[name];
  expect(graph && drawingLines(graph)).toEqual((kept as Readonly<Record<string, readonly string[]>>)[name]);
});

test('every kept drawing is still asked for', () => {
  expect(Object.keys(kept)).toEqual(Object.keys(GOLDEN_CIRCUITS));
});

test.each(Object.keys(GOLDEN_CIRCUITS))('in %s no part or fan stands on another', (name) => {
  const { parts, fans } = layOut(GOLDEN_CIRCUITS[name] ?? { parts: [], links: [] });
  const places = [...parts, ...fans];
  places.forEach((a, i) => places.slice(i + 1).forEach((b) => expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(40)));
});

test('what no compressor drives stands in one row, in the order it was drawn', () => {
  const ids = ['valve', 'drier', 'port'] as const;
  const parts = ids.map((id) => ({ id, kind: id }));
  const layout = layOut({ parts, links: [{ from: 'valve', to: 'drier' }] });
  expect(layout.parts.map(({ id, y }) => [id, y])).toEqual(ids.map((id) => [id, layout.parts[0]?.y]));
  expect(layout.parts.map(({ x }) => x - (layout.parts[0]?.x ?? 0))).toEqual([0, 84, 168]); // a slot is 84
  expect(layout.links.map(({ points }) => points.length)).toEqual([2]);
});
