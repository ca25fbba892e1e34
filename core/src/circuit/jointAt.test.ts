import type { CircuitGraph } from './graph';
import { jointAt } from './jointAt';
import { changePart } from './edit';
import { TEMPLATE_CIRCUITS } from './templates';

const DRAWN = TEMPLATE_CIRCUITS['heat-pump'];

/** The template with its two long lines measured, and nothing else of it. */
function measured({ parts, links }: CircuitGraph): CircuitGraph {
  return {
    parts,
    links: links.map(({ tube, ...link }) => {
      if (!tube) return link;
      const { lengthAssumed: _nobody, length, ...rest } = tube;
      return { ...link, tube: link.throughWall && length ? { ...rest, length } : rest };
    }),
  };
}

const PUMP = measured(DRAWN);
const at = (part: string, from: string, to: string) => jointAt(PUMP, { part, from, to });

test.each([
  ['hot gas between compressor and reversing valve', 'compressor', 'reversing', 'discharge'],
  ['hot gas between reversing valve and the outdoor coil', 'reversing', 'outdoor-coil', 'discharge'],
  ['liquid behind the outdoor coil', 'outdoor-coil', 'drier', 'liquid'],
  ['liquid through the wall', 'liquid-valve', 'expansion', 'liquid'],
  ['what the expansion valve lets through', 'expansion', 'indoor-coil', 'low'],
  ['cold gas through the wall', 'indoor-coil', 'gas-valve', 'suction'],
  ['cold gas behind the reversing valve', 'reversing', 'accumulator', 'suction'],
])('%s', (_what, from, to, side) => {
  expect(at(to, from, to)?.side).toBe(side);
});

test('size, purge path and the way out come from the drawing', () => {
  const joint = at('liquid-valve', 'liquid-valve', 'expansion');
  // ASTM B280 3/8 in, straight lengths: 0.375 in outside, 0.030 in wall, so 0.315 in (8.001 mm) of bore.
  expect(joint).toMatchObject({
    kind: 'valve',
    tube: { od: { value: 0.375, unit: 'in' } },
    sections: [{ bore: { value: 8.001, unit: 'mm' }, length: { value: 15, unit: 'm' } }],
    outlet: 'port-core-out',
  });
});

test('a port lets the gas leave once its core is taken out; where this side has none, an open end does', () => {
  const without = {
    parts: PUMP.parts.filter(({ id }) => id !== 'liquid-port'),
    links: PUMP.links.filter(({ to }) => to !== 'liquid-port'),
  };
  const place = (graph: CircuitGraph, from: string, to: string) => jointAt(graph, { part: to, from, to })?.outlet;
  expect(place(PUMP, 'liquid-valve', 'expansion')).toBe('port-core-out');
  expect(place(without, 'liquid-valve', 'expansion')).toBe('open-tube');
  expect(place(without, 'indoor-coil', 'gas-valve')).toBe('port-core-out');
});

test('a part close along the tube is near; one behind the wall is not', () => {
  const links = PUMP.links.map((link) =>
    link.from === 'drier' ? { ...link, tube: { od: { value: 3 / 8, unit: 'in' }, length: { value: 200, unit: 'mm' } } } : link,
  );
  const near = (part: string, from: string, to: string) => jointAt({ ...PUMP, links }, { part, from, to })?.near;
  expect(near('liquid-valve', 'drier', 'liquid-valve')).toEqual([{ kind: 'drier', distance: { value: 200, unit: 'mm' } }]);
  expect(near('expansion', 'liquid-valve', 'expansion')).toEqual([]);
});

test('a length that nobody measured counts as swept, is said to be assumed, and tells nothing of what is near', () => {
  const drawn = jointAt(DRAWN, { part: 'liquid-valve', from: 'drier', to: 'liquid-valve' });
  expect(drawn?.near).toEqual([]);
  expect(drawn?.sweptAssumed).toBe(true);
  expect(drawn?.sections).toContainEqual({ bore: { value: 8.001, unit: 'mm' }, length: { value: 0.3, unit: 'm' } });
  expect(at('liquid-valve', 'drier', 'liquid-valve')?.sweptAssumed).toBe(false);
});

test('a place that was drawn away is none', () => {
  expect(at('drier', 'drier', 'nobody')).toBeNull();
  expect(at('compressor', 'drier', 'liquid-valve')).toBeNull();
});

describe('what nitrogen sweeps on a joint’s side', () => {
  const litres = (value: number) => ({ value, unit: 'L' });
  const vessels = ['accumulator', 'outdoor-coil', 'drier'].reduce(
    (graph, id, i) => changePart(graph, id, (part) => ({ ...part, volume: litres(i + 1) })),
    PUMP,
  );
  const sections = (from: string, to: string, graph = vessels) => jointAt(graph, { part: to, from, to })?.sections;

  test('is its tubes that are measured and its vessels, and nothing of the other side', () => {
    expect(sections('liquid-valve', 'expansion')).toEqual([
      { bore: { value: 8.001, unit: 'mm' }, length: { value: 15, unit: 'm' } },
      { volume: litres(2) },
      { volume: litres(3) },
    ]);
    // ASTM B280 5/8 in: 0.625 in outside, 0.035 in wall, so 0.555 in of bore.
    expect(sections('indoor-coil', 'gas-valve')).toEqual([
      { bore: { value: 14.097, unit: 'mm' }, length: { value: 15, unit: 'm' } },
      { volume: litres(1) },
    ]);
  });

  test('a wall that is drawn counts, not the table’s; a size no table has is left out', () => {
    const sized = (tube: object) => ({
      ...PUMP,
      links: PUMP.links.map((link) => (link.from === 'liquid-valve' && link.tube ? { ...link, tube: { ...link.tube, ...tube } } : link)),
    });
    expect(sections('liquid-valve', 'expansion', sized({ wall: { value: 1, unit: 'mm' } }))).toEqual([
      { bore: { value: 7.525, unit: 'mm' }, length: { value: 15, unit: 'm' } },
    ]);
    expect(sections('liquid-valve', 'expansion', sized({ od: { value: 23.7, unit: 'mm' } }))).toEqual([]);
  });
});

test('the gas leaves by an open tube where a side has no port, and freely where one core of several is out', () => {
  const bare = { parts: PUMP.parts.filter((part) => part.kind !== 'port'), links: PUMP.links.filter((link) => !link.to.endsWith('port')) };
  expect(jointAt(bare, { part: 'drier', from: 'drier', to: 'liquid-valve' })?.outlet).toBe('open-tube');
  const two = {
    parts: [...PUMP.parts, { id: 'extra', kind: 'port' as const, core: 'out' as const }],
    links: [...PUMP.links, { from: 'drier', to: 'extra' }],
  };
  expect(jointAt(two, { part: 'drier', from: 'drier', to: 'liquid-valve' })?.outlet).toBe('port-core-out');
});

test('a joint may sit at either end of its tube: what is near is the other', () => {
  const links = PUMP.links.map((link) =>
    link.from === 'drier' ? { ...link, tube: { od: { value: 3 / 8, unit: 'in' }, length: { value: 1, unit: 'm' } } } : link,
  );
  const near = (part: string) => jointAt({ ...PUMP, links }, { part, from: 'drier', to: 'liquid-valve' })?.near.map(({ kind }) => kind);
  expect([near('drier'), near('liquid-valve')]).toEqual([['valve'], ['drier']]);
});

test('a tube without a size is a place all the same', () => {
  const links = PUMP.links.map(({ from, to }) => ({ from, to }));
  expect(jointAt({ ...PUMP, links }, { part: 'drier', from: 'drier', to: 'liquid-valve' })).toMatchObject({
    tube: null,
    near: [],
    sections: [],
  });
});
