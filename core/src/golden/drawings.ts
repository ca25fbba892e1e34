import { addBranch, addSecondCoil } from '../circuit/branch';
import { changePart, hangPart, insertPart } from '../circuit/edit';
import type { CircuitGraph } from '../circuit/graph';
import { layOut } from '../circuit/layOut';
import type { LaidLink, LaidPart, Point } from '../circuit/layoutTypes';
import { together } from '../circuit/pieces';
import { CIRCUIT_TEMPLATES, TEMPLATE_CIRCUITS } from '../circuit/templates';
import type { CircuitKind } from '../vocabulary';

const { 'walk-in': walkIn, 'heat-pump': heatPump, split, 'rooftop-circuit': rooftop, 'water-source': waterSource } = TEMPLATE_CIRCUITS;

const tube = (graph: CircuitGraph, from: string, to?: string) =>
  graph.links.findIndex((link) => link.from === from && (to === undefined || link.to === to));
const branch = (graph: CircuitGraph, from: string, to: string, kinds: readonly CircuitKind[] = []) =>
  addBranch(graph, { from: tube(graph, from), to: tube(graph, to), kinds }).graph;
const hung = (graph: CircuitGraph, ...parts: readonly (readonly [host: string, kind: CircuitKind])[]) =>
  parts.reduce((now, [host, kind]) => hangPart(now, host, kind).graph, graph);
const put = (graph: CircuitGraph, from: string, to: string, kind: CircuitKind) => insertPart(graph, tube(graph, from, to), kind).graph;
const secondCoil = (graph: CircuitGraph, from: string) => addSecondCoil(graph, tube(graph, from))?.graph ?? graph;
const fanned = (graph: CircuitGraph, coil: string, fan: string) => changePart(graph, coil, (part) => ({ ...part, fan }));
const cut = (graph: CircuitGraph, ...ids: readonly string[]): CircuitGraph => ({
  ...graph,
  links: graph.links.filter((link) => !ids.includes(link.from)),
});

const checked = put(walkIn, 'compressor', 'condenser', 'check-valve');
/** The wall on one tube alone. */
const walledAt = (graph: CircuitGraph, from: string): CircuitGraph => ({
  ...graph,
  links: graph.links.map(({ throughWall: _wall, ...link }) => (link.from === from ? { ...link, throughWall: true } : link)),
});
/** Two parts that are joined to each other and to nothing else. */
const shelved = ({ parts, links }: CircuitGraph): CircuitGraph => ({
  parts: [...parts, { id: 'spare-valve', kind: 'valve' }, { id: 'spare-drier', kind: 'drier' }],
  links: [...links, { from: 'spare-valve', to: 'spare-drier' }],
});

/** Circuits that between them meet every way a part or a tube is laid. */
export const GOLDEN_CIRCUITS: Readonly<Record<string, CircuitGraph>> = {
  ...Object.fromEntries(CIRCUIT_TEMPLATES.map((name) => [name, TEMPLATE_CIRCUITS[name]])),
  'second coil': secondCoil(walkIn, 'solenoid'),
  'third coil': secondCoil(secondCoil(walkIn, 'solenoid'), 'solenoid'),
  'second coil of a split': secondCoil(split, 'drier'),
  'hot gas bypass': branch(walkIn, 'compressor', 'expansion', ['solenoid']),
  'two bypasses': branch(branch(walkIn, 'compressor', 'expansion', ['solenoid']), 'condenser', 'suction-valve', ['check-valve']),
  'plain bypass': branch(walkIn, 'compressor', 'expansion'),
  'by the liquid line': branch(walkIn, 'receiver', 'drier', ['check-valve', 'valve']),
  'by the gas line': branch(walkIn, 'evaporator', 'suction-valve', ['valve']),
  'past the condenser': branch(walkIn, 'compressor', 'condenser', ['valve']),
  'injection of liquid': branch(walkIn, 'king-valve', 'suction-valve', ['solenoid', 'capillary']),
  'ports and switches': hung(walkIn, ['condenser', 'port'], ['condenser', 'switch'], ['condenser', 'transducer'], ['evaporator', 'port'], ['drier', 'port'], ['drier', 'switch'], ['compressor', 'switch']), // prettier-ignore
  'a switch on a port': hung(hung(walkIn, ['suction-valve', 'port'], ['evaporator', 'port']), ['port', 'switch'], ['port-2', 'switch']),
  'parts on the discharge': put(put(walkIn, 'compressor', 'condenser', 'fitting'), 'compressor', 'fitting', 'check-valve'),
  'parts before a reversing valve': put(put(heatPump, 'compressor', 'reversing', 'fitting'), 'compressor', 'fitting', 'check-valve'),
  'parts behind a reversing valve': put(put(heatPump, 'reversing', 'outdoor-coil', 'valve'), 'reversing', 'accumulator', 'fitting'),
  'two coils on the roof': together([fanned(rooftop, 'condenser', 'roof'), fanned(rooftop, 'condenser', 'roof')]),
  'three circuits': together([rooftop, waterSource, rooftop]),
  'through one wall': together([split, heatPump, rooftop]),
  'fans of one coil': fanned(fanned(rooftop, 'condenser', 'outside'), 'evaporator', 'inside'),
  'no coils': roundWithoutCoils(),
  'past a check valve': branch(checked, 'compressor', 'check-valve'),
  'past a check valve, through a valve': branch(checked, 'compressor', 'check-valve', ['valve']),
  'two coils in a row': put(walkIn, 'evaporator', 'suction-valve', 'evaporator'),
  'a wall on the liquid line': walledAt(walkIn, 'sight-glass'),
  'a wall on the gas line': walledAt(walkIn, 'evaporator'),
  'a wall behind the last valve': walledAt(heatPump, 'gas-valve'),
  'a tree of ports': hung(walkIn, ['drier', 'fitting'], ['fitting', 'port'], ['fitting', 'tube'], ['tube', 'port'], ['tube', 'switch']),
  'a shelf beside two circuits': shelved(together([rooftop, rooftop])),
  'an open end': cut(walkIn, 'suction-valve'),
  'a row beside the loop': cut(walkIn, 'king-valve', 'sight-glass'),
};

/** A round without coils: places come from how many parts there are. */
function roundWithoutCoils(): CircuitGraph {
  const ids = ['compressor', 'tube', 'drier', 'capillary', 'fitting', 'accumulator'] as const;
  return {
    parts: ids.map((id) => ({ id, kind: id })),
    links: ids.map((from, i) => ({ from, to: ids[(i + 1) % ids.length] ?? from })),
  };
}

const figure = (value: number) => String(Math.round(value * 10) / 10);
const point = ({ x, y }: Point) => `${figure(x)},${figure(y)}`;
const partLine = (part: LaidPart) => `${part.id} ${part.kind} ${part.side} ${part.flow} ${point(part)}`;
const linkLine = ({ index, side, points }: LaidLink) => `tube ${index} ${side} ${points.map(point).join(' ')}`;

/** A drawing in lines: its sheet, its parts, its tubes. */
export function drawingLines(graph: CircuitGraph): readonly string[] {
  const { width, height, wall, fans, circuits, parts, links } = layOut(graph);
  return [
    `sheet ${point({ x: width, y: height })}`,
    ...circuits.map(({ from, to, middle }) => `circuit ${figure(from)}..${figure(to)} about ${figure(middle)}`),
    ...(wall ? [`wall ${figure(wall.from)}..${figure(wall.to)}`] : []),
    ...fans.map((fan) => `fan ${fan.name} ${point(fan)} through ${fan.coils.map(point).join(' ')}`),
    ...parts.map(partLine),
    ...links.map(linkLine),
  ];
}
