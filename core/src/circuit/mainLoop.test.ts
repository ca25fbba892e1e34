import { addBranch } from './branch';
import type { CircuitGraph } from './graph';
import { mainLoop } from './mainLoop';
import { piecesOf, together } from './pieces';
import { offTheLoop } from './sideWays';
import { TEMPLATE_CIRCUITS } from './templates';

const { split, 'capillary-unit': capillaryUnit } = TEMPLATE_CIRCUITS;
const at = (graph: CircuitGraph, from: string) => graph.links.findIndex((link) => link.from === from);

describe('the way round', () => {
  test('begins at the compressor and goes with the flow', () => {
    expect(mainLoop(capillaryUnit)).toEqual(['compressor', 'condenser', 'drier', 'capillary', 'evaporator']);
  });

  test('goes through the coils, however many parts stand in a way past them', () => {
    const long = addBranch(capillaryUnit, {
      ...{ from: at(capillaryUnit, 'compressor'), to: at(capillaryUnit, 'evaporator') },
      kinds: ['valve', 'valve', 'valve', 'valve', 'valve', 'valve', 'valve', 'valve'],
    }).graph;
    expect(mainLoop(long)).toEqual(['compressor', 'fitting', 'condenser', 'drier', 'capillary', 'evaporator', 'fitting-2']);
  });

  test('of two ways without a coil the longer one is it', () => {
    const ids = ['compressor', 'valve', 'drier', 'fitting', 'tube'] as const;
    const links = [['compressor', 'tube'], ['tube', 'compressor'], ['compressor', 'valve'], ['valve', 'drier'], ['drier', 'fitting'], ['fitting', 'compressor']]; // prettier-ignore
    const graph: CircuitGraph = {
      parts: ids.map((id) => ({ id, kind: id })),
      links: links.map(([from = '', to = '']) => ({ from, to })),
    };
    expect(mainLoop(graph)).toEqual(['compressor', 'valve', 'drier', 'fitting']);
  });

  test('ends where the drawing ends; without a compressor there is none', () => {
    const open = { ...capillaryUnit, links: capillaryUnit.links.filter((link) => link.from !== 'drier') };
    expect(mainLoop(open)).toEqual(['compressor', 'condenser', 'drier']);
    expect(mainLoop({ parts: [{ id: 'drier', kind: 'drier' }], links: [] })).toEqual([]);
  });
});

describe('what stands beside the way round', () => {
  test('a fork is followed where it goes on, not where it ends', () => {
    const stub = ['valve', 'port', 'fitting', 'switch'] as const;
    const links = [['drier', 'valve'], ['valve', 'port'], ['valve', 'fitting'], ['fitting', 'switch']] as const; // prettier-ignore
    const graph: CircuitGraph = {
      parts: [...capillaryUnit.parts, ...stub.map((id) => ({ id, kind: id }))],
      links: [...capillaryUnit.links, ...links.map(([from, to]) => ({ from, to }))],
    };
    expect(offTheLoop(graph, mainLoop(graph))).toEqual([
      { from: 'compressor', parts: ['process-stub'], to: null },
      { from: 'drier', parts: ['valve', 'fitting', 'switch'], to: null },
      { from: 'valve', parts: ['port'], to: null },
    ]);
  });
});

describe('circuits of one drawing', () => {
  test('one circuit is one piece, with every tube at its own place', () => {
    expect(piecesOf(split)).toEqual([{ graph: split, indexes: split.links.map((_, i) => i) }]);
    expect(together([split])).toBe(split);
  });

  test('two compressors on one header are one circuit', () => {
    const twin: CircuitGraph = {
      parts: [...split.parts, { id: 'second', kind: 'compressor' }],
      links: [...split.links, { from: 'gas-valve', to: 'second' }, { from: 'second', to: 'condenser' }],
    };
    expect(piecesOf(twin)).toHaveLength(1);
  });

  test('two machines are two, and what no compressor drives goes with the first', () => {
    const both = together([split, capillaryUnit]);
    const spare: CircuitGraph = {
      parts: [{ id: 'a', kind: 'valve' }, ...both.parts, { id: 'b', kind: 'drier' }],
      links: [{ from: 'a', to: 'b' }, ...both.links],
    };
    const [first, second] = piecesOf(spare);
    expect(first?.graph.parts.map((part) => part.id)).toEqual(['a', ...split.parts.map((part) => `1.${part.id}`), 'b']);
    expect(second?.graph.parts.map((part) => part.id)).toEqual(capillaryUnit.parts.map((part) => `2.${part.id}`));
    expect(first?.indexes).toEqual(Array.from({ length: split.links.length + 1 }, (_, i) => i));
    expect(second?.indexes).toEqual(capillaryUnit.links.map((_, i) => split.links.length + 1 + i));
  });
});
