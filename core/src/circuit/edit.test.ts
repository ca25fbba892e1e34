import { addBranch, turnBranch } from './branch';
import { hangPart, insertPart, movePart } from './edit';
import type { CircuitGraph } from './graph';
import { layOut } from './layOut';
import { readCircuit } from './readCircuit';
import { TEMPLATE_CIRCUITS } from './templates';

const walkIn = TEMPLATE_CIRCUITS['walk-in'];
const tube = (graph: CircuitGraph, from: string, to?: string) =>
  graph.links.findIndex((link) => link.from === from && (to === undefined || link.to === to));
const round = (graph: CircuitGraph, from: string, steps: number): readonly string[] =>
  Array.from({ length: steps }).reduce<readonly string[]>(
    (way) => [...way, graph.links.find((link) => link.from === way.at(-1))?.to ?? 'nowhere'],
    [from],
  );

describe('a part that is moved', () => {
  const withPort = hangPart(walkIn, 'drier', 'port').graph;

  test('stands in the other tube by its own name, with what hangs on it; the tube it left goes through', () => {
    const moved = movePart(withPort, 'drier', tube(withPort, 'solenoid'));
    expect(tube(moved, 'king-valve', 'sight-glass')).toBeGreaterThanOrEqual(0);
    expect(moved.links.filter((link) => link.from === 'solenoid').map((link) => link.to)).toEqual(['drier']);
    expect(moved.links.filter((link) => link.from === 'drier').map((link) => link.to)).toEqual(['expansion', 'port']);
    expect(moved.parts).toHaveLength(withPort.parts.length);
    expect(readCircuit(moved).ok).toBe(true);
  });

  test('a tee where ways part stays: its branch would hang in the air', () => {
    const branched = addBranch(walkIn, { from: tube(walkIn, 'compressor'), to: tube(walkIn, 'expansion'), kinds: [] }).graph;
    expect(movePart(branched, 'fitting', tube(branched, 'drier'))).toBe(branched);
  });

  test('goes nowhere from its own tube, and a compressor not at all', () => {
    expect(movePart(withPort, 'drier', tube(withPort, 'king-valve'))).toBe(withPort);
    expect(movePart(withPort, 'compressor', tube(withPort, 'solenoid'))).toBe(withPort);
  });
});

describe('a branch', () => {
  const hotGas = addBranch(walkIn, { from: tube(walkIn, 'compressor'), to: tube(walkIn, 'expansion'), kinds: ['solenoid'] }).graph;

  test('leads from one tube to another through its parts, and the circuit can be read and drawn', () => {
    expect(hotGas.links.slice(-2)).toMatchObject([
      { from: 'fitting', to: 'solenoid-2' },
      { from: 'solenoid-2', to: 'fitting-2' },
    ]);
    expect(round(hotGas, 'compressor', 2)[1]).toBe('fitting');
    expect(readCircuit(hotGas).ok).toBe(true);
    const laid = layOut(hotGas).parts.map((part) => part.id);
    expect(laid).toEqual(expect.arrayContaining(['solenoid-2', 'fitting', 'fitting-2']));
  });

  test('is turned from end to end, and back; drawn against the loop it would go round without a compressor', () => {
    const inBranch = tube(hotGas, 'solenoid-2');
    const turned = turnBranch(hotGas, inBranch);
    expect(turned?.links.slice(-2)).toMatchObject([
      { from: 'solenoid-2', to: 'fitting' },
      { from: 'fitting-2', to: 'solenoid-2' },
    ]);
    expect(turned && readCircuit(turned)).toMatchObject({ ok: false, errors: [{ reason: 'loop-without-compressor' }] });
    expect(turned && turnBranch(turned, inBranch)).toEqual(hotGas);
  });

  test('the way through the compressor is not turned, nor is a tube beside itself', () => {
    expect(turnBranch(walkIn, tube(walkIn, 'drier'))).toBeNull();
    expect(addBranch(walkIn, { from: 2, to: 2, kinds: [] })).toEqual({ graph: walkIn, made: null });
  });
});

test('a part that is put in keeps the length of the tube on the side that is said', () => {
  const at = tube(walkIn, 'sight-glass');
  const lengths = (rest: 'before' | 'behind') => {
    const { graph, made } = insertPart(walkIn, at, 'fitting', rest);
    return graph.links.filter((link) => link.from === made || link.to === made).map((link) => link.tube?.length?.value);
  };
  expect(lengths('before')).toEqual([12, undefined]);
  expect(lengths('behind')).toEqual([undefined, 12]);
});
