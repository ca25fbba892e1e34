import fc from 'fast-check';
import type { CircuitGraph, CircuitPart } from '../circuit/graph';
import { isolate, type Isolation } from '.';

/** One part of a random machine: what it is, and whether it was seen to close or stands shut. */
const inline = fc.record({
  kind: fc.constantFrom<CircuitPart['kind']>('valve', 'solenoid', 'drier', 'sight-glass', 'fitting'),
  closes: fc.option(fc.boolean(), { nil: undefined }),
  open: fc.constantFrom(undefined, undefined, undefined, false),
  port: fc.boolean(),
});
const some = fc.array(inline, { maxLength: 3 });
const machine = fc.record({ hot: some, liquid: some, low: some, gas: some, receiver: fc.boolean(), runs: fc.boolean(), work: fc.nat(30) });

type Machine = typeof machine extends fc.Arbitrary<infer T> ? T : never;

function circuitOf({ hot, liquid, low, gas, receiver, runs }: Machine): CircuitGraph {
  let count = 0;
  const parts: CircuitPart[] = [];
  const stubs: { from: string; to: string }[] = [];
  const named = (list: Machine['hot']) =>
    list.map(({ kind, closes, open, port }): CircuitPart => {
      const id = `${kind}-${(count += 1)}`;
      if (port) stubs.push({ from: id, to: `port-${count}` });
      return { id, kind, ...(closes === undefined ? {} : { closes }), ...(open === undefined ? {} : { open }) };
    });
  const one = (kind: CircuitPart['kind'], rest: Partial<CircuitPart> = {}): CircuitPart => ({ id: kind, kind, ...rest });
  const round = [
    ...[one('compressor', { runs }), ...named(hot), one('condenser'), ...(receiver ? [one('receiver')] : [])],
    ...[...named(liquid), one('expansion-valve'), ...named(low), one('evaporator'), ...named(gas)],
  ];
  parts.push(...round, ...stubs.map(({ to }): CircuitPart => ({ id: to, kind: 'port', core: 'in' })));
  const links = round.map(({ id }, i) => ({ from: id, to: round[(i + 1) % round.length]?.id ?? id }));
  return { parts, links: [...links, ...stubs] };
}

/** What can be walked to from some parts, never through others: gas minds no arrows. */
function walkedTo({ links }: CircuitGraph, starts: readonly string[], walls: ReadonlySet<string>): ReadonlySet<string> {
  const found = new Set(starts.filter((id) => !walls.has(id)));
  for (let grew = true; grew;) {
    grew = false;
    for (const { from, to } of links)
      for (const [here, next] of [
        [from, to],
        [to, from],
      ] as const)
        // prettier-ignore
        if (found.has(here) && !found.has(next) && !walls.has(next)) {
          found.add(next);
          grew = true;
        }
  }
  return found;
}

const forAll = (holds: (found: Isolation, circuit: CircuitGraph, work: string) => void) =>
  fc.assert(
    fc.property(machine, (asked) => {
      const circuit = circuitOf(asked);
      const work = circuit.parts[asked.work % circuit.parts.length]?.id ?? '';
      const result = isolate({ circuit, work: [work] });
      if (!result.ok) throw new Error(JSON.stringify(result.errors));
      holds(result.value, circuit, work);
    }),
    { numRuns: 300 },
  );

test('every part is emptied or stays full; what is worked on is emptied and open', () => {
  forAll((found, circuit, work) => {
    expect([...found.emptied, ...found.staysFull].sort()).toEqual(circuit.parts.map((part) => part.id).sort());
    expect(found.emptied).toEqual(expect.arrayContaining([...found.opened]));
    expect(found.opened).toContain(work);
  });
});

test('only hand valves seen to close are shut, never what is worked on; only solenoids and what is shut are opened', () => {
  forAll((found, { parts }, work) => {
    const partOf = (id: string) => parts.find((part) => part.id === id);
    for (const id of [...found.close, ...found.closeAfter]) {
      expect(partOf(id)).toMatchObject({ kind: 'valve', closes: true });
      expect(id).not.toBe(work);
    }
    for (const id of found.open) expect(partOf(id)?.kind === 'solenoid' || partOf(id)?.open === false).toBe(true);
  });
});

test('no refrigerant finds a way from what stays full to what is open', () => {
  forAll((found, circuit) => {
    const stands = circuit.parts.filter(({ id, open }) => open === false && !found.open.includes(id)).map((part) => part.id);
    // After a pump-down the compressor's own valves hold; the application says so where nothing else does.
    const walls = new Set([...found.close, ...found.closeAfter, ...stands, ...(found.method === 'pump-down' ? ['compressor'] : [])]);
    const full = walkedTo(circuit, found.staysFull, walls);
    for (const id of found.opened) expect(full.has(id) && !found.staysFull.includes(id)).toBe(false);
  });
});

test('never pumped down by a compressor that stands, and never with a valve shut between it and the condenser', () => {
  forAll((found, circuit) => {
    const compressor = circuit.parts.find((part) => part.kind === 'compressor');
    if (found.method !== 'pump-down') return;
    expect(compressor?.runs).toBe(true);
    const hot = walkedTo(circuit, ['condenser'], new Set(['evaporator', 'expansion-valve', 'compressor']));
    const order = circuit.parts.map((part) => part.id);
    const before = [...hot].filter((id) => order.indexOf(id) < order.indexOf('condenser'));
    for (const id of found.close) expect(before).not.toContain(id);
  });
});
