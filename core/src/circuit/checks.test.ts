import { isolate } from '../isolate';
import { alongFlow } from './checks';
import { highSide, splitReversing, type CircuitGraph } from './graph';
import { jointAt } from './jointAt';
import { layOut } from './layOut';
import { readCircuit } from './readCircuit';
import { TEMPLATE_CIRCUITS } from './templates';

const PUMP = TEMPLATE_CIRCUITS['heat-pump-two-valves'];
const changed = (graph: CircuitGraph, id: string, rest: Partial<CircuitGraph['parts'][number]>): CircuitGraph => ({
  ...graph,
  parts: graph.parts.map((part) => (part.id === id ? { ...part, ...rest } : part)),
});

describe('a heat pump with a valve at each coil', () => {
  test('is a circuit: the loop that its check valve closes is no loop that stands still', () => expect(readCircuit(PUMP).ok).toBe(true));

  test('a loop of anything else that no compressor drives is refused as before', () => {
    const other = changed(PUMP, 'indoor-check', { kind: 'sight-glass' });
    expect(readCircuit(other)).toMatchObject({ ok: false, errors: [{ reason: 'loop-without-compressor' }] });
  });

  test('the one that points against the flow is turned and marked, its tubes at their places; the passed valve is marked', () => {
    const { parts, links } = alongFlow(PUMP);
    const marks = parts.flatMap(({ id, against, bypassed }) => (against || bypassed ? [[id, against ?? false, bypassed ?? false]] : []));
    expect(marks).toEqual([
      ['outdoor-expansion', false, true],
      ['indoor-check', true, false],
    ]);
    expect(links).toHaveLength(PUMP.links.length);
    expect(links.slice(-2).map(({ from, to }) => `${from}>${to}`)).toEqual(['indoor-check>indoor-join', 'indoor-tee>indoor-check']);
    expect(links.slice(0, -2)).toEqual(PUMP.links.slice(0, -2));
  });

  test('liquid lies between the coils at high pressure, and is let down at the indoor valve', () => {
    const high = highSide(splitReversing(PUMP));
    for (const id of ['outdoor-coil', 'outdoor-check', 'outdoor-expansion', 'drier', 'liquid-valve', 'indoor-tee'])
      expect(high).toContain(id);
    for (const id of ['indoor-coil', 'indoor-join', 'gas-valve', 'accumulator']) expect(high).not.toContain(id);
    const side = (part: string, from: string, to: string) => jointAt(PUMP, { part, from, to })?.side;
    expect(side('drier', 'outdoor-join', 'drier')).toBe('liquid');
    expect(side('indoor-coil', 'indoor-join', 'indoor-coil')).toBe('low');
  });

  test('is laid out with each check valve by its own arrow, beside its expansion valve', () => {
    const { parts } = layOut(PUMP);
    const at = (id: string) => parts.find((part) => part.id === id);
    expect(parts).toHaveLength(PUMP.parts.length);
    expect(at('outdoor-check')?.flow).toBe('right');
    expect(at('indoor-check')?.flow).toBe('left');
    const places = parts.map(({ x, y }) => `${Math.round(x)},${Math.round(y)}`);
    expect(new Set(places).size).toBe(places.length);
  });

  const closes = ['liquid-valve', 'gas-valve'].reduce((graph, id) => changed(graph, id, { closes: true }), PUMP);
  const running = changed(closes, 'compressor', { runs: true });
  const asked = (graph: CircuitGraph, ...work: readonly string[]) => {
    const found = isolate({ circuit: graph, work, state: { lowSideLeak: false } });
    if (!found.ok) throw new Error(JSON.stringify(found.errors));
    return found.value;
  };
  test('is pumped down as it cools for what lies indoors, and not for what stays full', () => {
    expect(asked(running, 'indoor-expansion')).toMatchObject({ method: 'pump-down', close: ['liquid-valve'], closeAfter: ['gas-valve'] });
    expect(asked(running, 'outdoor-expansion').method).not.toBe('pump-down');
    expect(asked(closes, 'indoor-check')).toMatchObject({ method: 'recover-section', close: ['liquid-valve', 'gas-valve'] });
  });
  test('through the valve alone when it cools: the check valve lets nothing past', () => {
    // With the expansion valve cut out of the drawing nothing leads indoors but the check valve against its arrow.
    const cut = {
      parts: running.parts.filter(({ id }) => id !== 'indoor-expansion'),
      links: running.links.filter(({ from, to }) => from !== 'indoor-expansion' && to !== 'indoor-expansion'),
    };
    expect(asked(cut, 'indoor-tee').method).not.toBe('pump-down');
    expect(asked(cut, 'indoor-join').method).toBe('pump-down');
  });
});

test('a check valve along the flow, a by-pass of its own, and one with more than two tubes stay as they are drawn', () => {
  const ring = (extra: CircuitGraph['links'], parts: CircuitGraph['parts'] = []): CircuitGraph => ({
    parts: [{ id: 'comp', kind: 'compressor' }, { id: 'cond', kind: 'condenser' }, { id: 'evap', kind: 'evaporator' }, ...parts],
    links: [{ from: 'comp', to: 'cond' }, { from: 'cond', to: 'evap' }, { from: 'evap', to: 'comp' }, ...extra],
  });
  const check = { id: 'check', kind: 'check-valve' } as const;
  const along = ring(
    [
      { from: 'cond', to: 'check' },
      { from: 'check', to: 'evap' },
    ],
    [check],
  );
  expect(alongFlow(along)).toEqual(along);
  const branched = ring(
    [
      { from: 'evap', to: 'check' },
      { from: 'check', to: 'cond' },
      { from: 'check', to: 'port' },
    ],
    [check, { id: 'port', kind: 'port' }],
  );
  expect(alongFlow(branched)).toEqual(branched);
});
