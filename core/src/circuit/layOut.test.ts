import { addBranch, addSecondCoil } from './branch';
import { hangPart, insertPart, removePart } from './edit';
import { highSide, splitReversing, type CircuitGraph } from './graph';
import { layOut } from './layOut';
import type { CircuitLayout } from './layoutTypes';
import { inCircuit, together } from './pieces';
import { mainLoop } from './mainLoop';
import { readCircuit } from './readCircuit';
import { CIRCUIT_TEMPLATES, TEMPLATE_CIRCUITS } from './templates';

const partAt = (layout: CircuitLayout, id: string) => {
  const part = layout.parts.find((p) => p.id === id);
  if (!part) throw new Error(`${id} is not laid`);
  return part;
};
const linkIndex = (graph: CircuitGraph, from: string) => graph.links.findIndex((link) => link.from === from);

describe.each(CIRCUIT_TEMPLATES)('%s', (name) => {
  const graph = TEMPLATE_CIRCUITS[name];
  const layout = layOut(graph);

  test('every part has one place on the sheet, and no two stand on each other', () => {
    expect(layout.parts.map((p) => p.id).sort()).toEqual(graph.parts.map((p) => p.id).sort());
    for (const a of layout.parts) {
      expect(a.x).toBeGreaterThan(0);
      expect(a.x).toBeLessThan(layout.width);
      expect(a.y).toBeGreaterThan(0);
      expect(a.y).toBeLessThan(layout.height);
      for (const b of layout.parts) if (a.id < b.id) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(40);
    }
  });

  test('every tube runs upright or level, from its part to its part', () => {
    expect(layout.links).toHaveLength(graph.links.length);
    for (const { points } of layout.links)
      points.slice(1).forEach((p, i) => expect(p.x === points[i]?.x || p.y === points[i]?.y).toBe(true));
  });

  test('the way round goes through both coils, and the pressure is let down between them', () => {
    const split = splitReversing(graph);
    const kinds = mainLoop(split).map((id) => split.parts.find((p) => p.id === id)?.kind);
    const [condenser, evaporator] = [kinds.indexOf('condenser'), kinds.indexOf('evaporator')];
    const down = kinds.findIndex((kind) => kind === 'expansion-valve' || kind === 'capillary');
    expect(kinds[0]).toBe('compressor');
    expect(condenser).toBeLessThan(down);
    expect(down).toBeLessThan(evaporator);
  });
});

test('liquid lies below, gas above, the compressor outdoors and the evaporator behind the wall', () => {
  const layout = layOut(TEMPLATE_CIRCUITS['walk-in']);
  expect(partAt(layout, 'drier').y).toBeGreaterThan(partAt(layout, 'suction-valve').y);
  expect(partAt(layout, 'receiver').x).toBeLessThan(layout.wall?.from ?? 0);
  expect(partAt(layout, 'evaporator').x).toBeGreaterThan(layout.wall?.to ?? Infinity);
});

test('the high side ends where the pressure is let down; a reversing valve lies on both', () => {
  const split = splitReversing(TEMPLATE_CIRCUITS['heat-pump']);
  const high = highSide(split);
  expect([...high].sort()).toEqual(['drier', 'expansion', 'liquid-port', 'liquid-valve', 'outdoor-coil', 'reversing/high']);
});

describe('edited', () => {
  const walkIn = TEMPLATE_CIRCUITS['walk-in'];

  test('a part put into a tube keeps its length once and its wall once', () => {
    const at = linkIndex(walkIn, 'sight-glass');
    const { graph, made } = insertPart(walkIn, at, 'check-valve');
    expect(made).toBe('check-valve');
    const [before, behind] = graph.links.slice(at, at + 2);
    expect([before?.from, before?.to, behind?.from, behind?.to]).toEqual(['sight-glass', 'check-valve', 'check-valve', 'solenoid']);
    expect([before?.tube?.length, behind?.tube?.length]).toEqual([{ value: 12, unit: 'm' }, undefined]);
    expect([before?.throughWall, behind?.throughWall]).toEqual([true, undefined]);
  });

  test('a part taken out closes the way and takes its port with it', () => {
    const graph = removePart(walkIn, 'king-valve');
    expect(graph.parts.map((p) => p.id)).not.toContain('king-port');
    expect(graph.links).toContainEqual(expect.objectContaining({ from: 'receiver', to: 'drier' }));
  });

  test('what was put in and taken out again leaves the way as it was', () => {
    const at = linkIndex(walkIn, 'receiver');
    const back = removePart(insertPart(walkIn, at, 'fitting').graph, 'fitting');
    expect(back.links).toContainEqual(walkIn.links[at]);
    expect(back.parts).toEqual(walkIn.parts);
  });

  test('a walk-in gets its second coil beside the first, fed behind the solenoid', () => {
    const graph = addSecondCoil(walkIn, linkIndex(walkIn, 'solenoid'))?.graph ?? walkIn;
    const layout = layOut(graph);
    const [first, second] = [partAt(layout, 'evaporator'), partAt(layout, 'evaporator-2')];
    expect(second.y).toBe(first.y);
    expect(second.x).toBeGreaterThan(first.x + 100);
    expect(layout.parts).toHaveLength(graph.parts.length);
  });

  test('the second coil joins the gas indoors, behind the first, and what was drawn can be read', () => {
    const graph = addSecondCoil(walkIn, linkIndex(walkIn, 'solenoid'))?.graph ?? walkIn;
    expect(readCircuit(graph).ok).toBe(true);
    const layout = layOut(graph);
    expect(partAt(layout, 'fitting-2').x).toBeGreaterThan(layout.wall?.to ?? Infinity);
  });

  test.each(['compressor', 'evaporator', 'suction-valve'])('a tube behind the %s feeds no coil, and gets none beside it', (from) => {
    expect(addSecondCoil(walkIn, linkIndex(walkIn, from))).toBeNull();
  });

  test('a port hangs on its part, away from the loop', () => {
    const { graph, made } = hangPart(walkIn, 'drier', 'port');
    const layout = layOut(graph);
    expect(made).toBe('port');
    expect(partAt(layout, 'port').x).toBe(partAt(layout, 'drier').x);
    expect(partAt(layout, 'port').y).toBeGreaterThan(partAt(layout, 'drier').y);
  });

  test('a hundred parts are laid out in less than a frame', () => {
    let graph: CircuitGraph = walkIn;
    while (graph.parts.length < 100) graph = insertPart(graph, linkIndex(graph, 'receiver'), 'fitting').graph;
    // The quickest of some: what else the machine does meanwhile is not the layout's work.
    const took = Array.from({ length: 20 }, () => {
      const began = Date.now();
      layOut(graph);
      return Date.now() - began;
    });
    expect(Math.min(...took)).toBeLessThan(16);
  });
});

describe('two circuits of one machine', () => {
  const rooftop = TEMPLATE_CIRCUITS['rooftop-circuit'];
  const shared = { ...rooftop, parts: rooftop.parts.map((part) => (part.kind === 'condenser' ? { ...part, fan: 'roof fan' } : part)) };
  const both = together([shared, shared]);
  const layout = layOut(both);

  test('stand beside each other, every part and tube once, none on another', () => {
    expect(layout.parts).toHaveLength(2 * rooftop.parts.length);
    expect(new Set(layout.links.map((link) => link.index)).size).toBe(both.links.length);
    const [first, second] = layout.circuits;
    expect(second?.from).toBeGreaterThanOrEqual(first?.to ?? Infinity);
    for (const a of layout.parts)
      for (const b of layout.parts) if (a.id < b.id) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(40);
  });

  test('face each other with the condensers, and the fan they share stands between the two', () => {
    const [one, two] = [partAt(layout, inCircuit(0, 'condenser')), partAt(layout, inCircuit(1, 'condenser'))];
    expect(layout.fans).toEqual([{ name: 'roof fan', x: (one.x + two.x) / 2, y: one.y, coils: [one, two].map(({ x, y }) => ({ x, y })) }]);
    for (const { id, x } of layout.parts) {
      if (id.startsWith('1.')) expect(x).toBeLessThan(layout.fans[0]?.x ?? 0);
      else expect(x).toBeGreaterThan(layout.fans[0]?.x ?? 0);
    }
  });

  test('whose lines vanish into one wall stand above each other, the wall through both', () => {
    const walls = layOut(together([TEMPLATE_CIRCUITS.split, TEMPLATE_CIRCUITS['heat-pump']]));
    const at = (id: string) => partAt(walls, id);
    expect(at('1.evaporator').x).toBeGreaterThan(walls.wall?.to ?? Infinity);
    expect(at('2.indoor-coil').x).toBeGreaterThan(walls.wall?.to ?? Infinity);
    expect(at('2.compressor').x).toBeLessThan(walls.wall?.from ?? 0);
    expect(at('2.compressor').y).toBeGreaterThan(at('1.drier').y);
  });
});

describe('a bypass of hot gas', () => {
  const walkIn = TEMPLATE_CIRCUITS['walk-in'];
  const bypassed = (kinds: readonly ('solenoid' | 'check-valve')[]) =>
    addBranch(walkIn, { from: linkIndex(walkIn, 'compressor'), to: linkIndex(walkIn, 'expansion'), kinds }).graph;

  test.each([[[]], [['solenoid']], [['solenoid', 'check-valve']]] as const)('through %j lies on no tube of the loop', (kinds) => {
    const graph = bypassed([...kinds]);
    const layout = layOut(graph);
    const from = graph.links.length - kinds.length - 1;
    const runs = ({ points }: CircuitLayout['links'][number]) => points.slice(1).map((p, i) => [points[i] ?? p, p] as const);
    const within = (v: number, a: number, b: number) => v > Math.min(a, b) + 1 && v < Math.max(a, b) - 1;
    const [own, loop] = [layout.links.filter((link) => link.index >= from), layout.links.filter((link) => link.index < from)];
    for (const [a, b] of own.flatMap(runs))
      for (const [c, d] of loop.flatMap(runs)) {
        const level = a.y === b.y && c.y === d.y && a.y === c.y && [c.x, d.x].some((x) => within(x, a.x, b.x));
        const upright = a.x === b.x && c.x === d.x && a.x === c.x && [c.y, d.y].some((y) => within(y, a.y, b.y));
        expect(level || upright).toBe(false);
      }
  });

  test('leaves the evaporator on the low side', () => {
    const high = highSide(splitReversing(bypassed(['solenoid'])));
    expect([high.has('evaporator'), high.has('fitting'), high.has('solenoid-2'), high.has('receiver')]).toEqual([false, true, true, true]);
  });
});
