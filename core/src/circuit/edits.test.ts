import { addBranch, addSecondCoil, turnBranch } from './branch';
import { changeLink, changePart, freeId, hangPart, insertPart, INLINE_KINDS, movePart, removePart, replaceKind } from './edit';
import type { CircuitGraph } from './graph';
import { TEMPLATE_CIRCUITS } from './templates';

const { 'walk-in': walkIn, 'heat-pump': heatPump } = TEMPLATE_CIRCUITS;
const at = (graph: CircuitGraph, from: string, to?: string) =>
  graph.links.findIndex((link) => link.from === from && (to === undefined || link.to === to));
const from = (graph: CircuitGraph, id: string) => graph.links.filter((link) => link.from === id).map((link) => link.to);

describe('what hangs on a part', () => {
  test('a port comes with its core in, a switch with none', () => {
    const { graph, made } = hangPart(hangPart(walkIn, 'drier', 'port').graph, 'drier', 'switch');
    expect(graph.parts.slice(-2)).toEqual([
      { id: 'port', kind: 'port', core: 'in' },
      { id: 'switch', kind: 'switch' },
    ]);
    expect([made, from(graph, 'drier')]).toEqual(['switch', ['sight-glass', 'port', 'switch']]);
    expect(freeId(graph, 'port')).toBe('port-2');
  });

  test('on nothing, or into a tube that is not there, nothing is made', () => {
    expect(hangPart(walkIn, 'nobody', 'port')).toEqual({ graph: walkIn, made: null });
    expect(insertPart(walkIn, 99, 'drier')).toEqual({ graph: walkIn, made: null });
  });
});

describe('a tube that is cut by a part', () => {
  const walled = changeLink(walkIn, at(walkIn, 'drier'), (link) => ({
    ...link,
    tube: { od: { value: 10, unit: 'mm' }, wall: { value: 1, unit: 'mm' } },
  }));

  test('keeps outside and wall on both sides', () => {
    const { graph, made } = insertPart(walled, at(walled, 'drier'), 'check-valve');
    const sizes = graph.links.filter((link) => link.from === made || link.to === made).map((link) => link.tube);
    expect(sizes).toEqual(Array(2).fill({ od: { value: 10, unit: 'mm' }, wall: { value: 1, unit: 'mm' } }));
  });

  test('only that tube is another', () => {
    expect(walled.links.filter((link, i) => link !== walkIn.links[i])).toHaveLength(1);
    expect(changePart(walkIn, 'drier', (part) => ({ ...part, twoWay: true })).parts.filter((part) => !walkIn.parts.includes(part))).toEqual(
      [{ id: 'drier', kind: 'drier', twoWay: true }],
    );
  });
});

describe('a part that is taken out', () => {
  test('leaves the wall where it was, whichever of its tubes ran through it', () => {
    const through = (id: string) =>
      removePart(walkIn, id)
        .links.filter((link) => link.throughWall)
        .map((link) => [link.from, link.to]);
    expect(through('sight-glass')).toContainEqual(['drier', 'solenoid']);
    expect(through('solenoid')).toContainEqual(['sight-glass', 'expansion']);
    expect(through('king-valve')).toHaveLength(2);
  });

  test('keeps what hangs on others too', () => {
    const shared: CircuitGraph = { ...hangPart(walkIn, 'drier', 'switch').graph };
    const both = { ...shared, links: [...shared.links, { from: 'suction-valve', to: 'switch' }] };
    expect(removePart(both, 'drier').parts.map((part) => part.id)).toContain('switch');
  });

  test('leaves no tube from a part to itself', () => {
    const loop: CircuitGraph = {
      parts: [
        { id: 'compressor', kind: 'compressor' },
        { id: 'drier', kind: 'drier' },
      ],
      links: [
        { from: 'compressor', to: 'drier' },
        { from: 'drier', to: 'compressor' },
      ],
    };
    expect(removePart(loop, 'drier').links).toEqual([]);
  });
});

describe('a part in another’s place', () => {
  test('keeps name, size and tubes; what only the old kind had is gone', () => {
    const named = changePart(walkIn, 'receiver', (part) => ({ ...part, name: 'big one', volume: { value: 4, unit: 'L' }, closes: true }));
    const graph = replaceKind(named, 'receiver', 'accumulator');
    expect(graph.parts.find((part) => part.id === 'receiver')).toEqual({
      id: 'receiver',
      kind: 'accumulator',
      name: 'big one',
      volume: { value: 4, unit: 'L' },
    });
    expect(graph.links).toBe(named.links);
    expect(replaceKind(walkIn, 'drier', 'fitting').parts.find((part) => part.id === 'drier')).toEqual({ id: 'drier', kind: 'fitting' });
  });
});

describe('a part that is moved', () => {
  test('stays where it is between its own two tubes, and where it is not, or the tube is not', () => {
    expect(movePart(walkIn, 'drier', at(walkIn, 'drier'))).toBe(walkIn);
    expect(movePart(walkIn, 'nobody', 1)).toBe(walkIn);
    expect(movePart(walkIn, 'drier', 99)).toBe(walkIn);
  });

  test('a reversing valve turns the circuit and stays; what goes into a tube is neither port nor compressor', () => {
    expect(movePart(heatPump, 'reversing', at(heatPump, 'drier'))).toBe(heatPump);
    expect(INLINE_KINDS).toContain('reversing-valve');
    for (const kind of ['compressor', 'port', 'switch', 'transducer', 'tube'] as const) expect(INLINE_KINDS).not.toContain(kind);
  });

  test('where two ways meet it stays: one of them would end nowhere', () => {
    const meet = addBranch(walkIn, { from: at(walkIn, 'compressor'), to: at(walkIn, 'expansion'), kinds: [] }).graph;
    expect(movePart(meet, 'fitting-2', at(meet, 'drier'))).toBe(meet);
  });
});

describe('a branch', () => {
  test('is drawn with the tube it leaves, and from a later tube to an earlier as well', () => {
    const back = addBranch(walkIn, { from: at(walkIn, 'expansion'), to: at(walkIn, 'condenser'), kinds: [] });
    expect(from(back.graph, 'expansion')).toEqual(['fitting']);
    expect(from(back.graph, 'condenser')).toEqual(['fitting-2']);
    expect(back.graph.links.at(-1)).toEqual({ from: 'fitting', to: 'fitting-2', tube: { od: { value: 0.375, unit: 'in' } } });
    expect(back.made).toBe('fitting');
  });

  test('from or to a tube that is not there is none', () => {
    expect(addBranch(walkIn, { from: 99, to: 1, kinds: [] })).toEqual({ graph: walkIn, made: null });
    expect(addBranch(walkIn, { from: 1, to: 99, kinds: ['valve'] })).toEqual({ graph: walkIn, made: null });
  });

  test('a tube without a size gives none', () => {
    const bare = { ...walkIn, links: walkIn.links.map(({ from: a, to: b }) => ({ from: a, to: b })) };
    expect(addBranch(bare, { from: 1, to: 4, kinds: [] }).graph.links.at(-1)).toEqual({ from: 'fitting', to: 'fitting-2' });
  });

  test('with two parts it is turned as a whole', () => {
    const two = addBranch(walkIn, { from: at(walkIn, 'receiver'), to: at(walkIn, 'drier'), kinds: ['check-valve', 'solenoid'] }).graph;
    for (const tube of [at(two, 'fitting', 'check-valve'), at(two, 'check-valve'), at(two, 'solenoid-2')]) {
      expect(
        turnBranch(two, tube)
          ?.links.slice(-3)
          .map((link) => [link.from, link.to]),
      ).toEqual([
        ['check-valve', 'fitting'],
        ['solenoid-2', 'check-valve'],
        ['fitting-2', 'solenoid-2'],
      ]);
    }
  });

  test('an end that hangs on a tee is no branch that could be turned', () => {
    const tee = hangPart(insertPart(walkIn, at(walkIn, 'drier'), 'fitting').graph, 'fitting', 'valve').graph;
    expect(turnBranch(tee, at(tee, 'fitting', 'valve'))).toBeNull();
    expect(turnBranch(walkIn, 99)).toBeNull();
  });
});

describe('a second coil', () => {
  test('needs a coil that is fed, and whose gas goes on', () => {
    const ends = { ...walkIn, links: walkIn.links.filter((link) => link.from !== 'evaporator') };
    expect(addSecondCoil(ends, at(ends, 'solenoid'))).toBeNull();
    expect(addSecondCoil(walkIn, 99)).toBeNull();
    expect(addSecondCoil(heatPump, at(heatPump, 'compressor'))).toBeNull();
  });

  test('joins the gas behind the coil, not a port that hangs on it', () => {
    const ported = hangPart(walkIn, 'evaporator', 'port').graph;
    const first = { ...ported, links: [...ported.links.slice(-1), ...ported.links.slice(0, -1)] };
    const { graph } = addSecondCoil(first, at(first, 'solenoid')) ?? { graph: first };
    expect(from(graph, 'evaporator-2')).toEqual(['fitting-2']);
    expect(from(graph, 'fitting-2')).toEqual(['suction-valve']);
  });

  test('is fed from where the liquid is let down as well', () => {
    expect(addSecondCoil(walkIn, at(walkIn, 'expansion'))?.graph.parts.map((part) => part.id)).toContain('evaporator-2');
  });
});
