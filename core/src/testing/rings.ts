import type { CircuitGraph, CircuitLink, CircuitPart } from '../circuit/graph';

/** A ring of parts in flow order, with stubs: `a>b` hangs b on a. Kinds are told by the id's first word. */
export function ring(
  order: string,
  rest: { more?: readonly string[]; parts?: Readonly<Record<string, Partial<CircuitPart>>> } = {},
): CircuitGraph {
  const names = order.split(' ');
  const pairs = [...names.map((name, i) => [name, names[(i + 1) % names.length] ?? name]), ...(rest.more ?? []).map((m) => m.split('>'))];
  const links = pairs.map(([from = '', to = '']): CircuitLink => ({ from, to }));
  const ids = [...new Set(links.flatMap((link) => [link.from, link.to]))];
  const kind = (id: string) => KINDS[id.replace(/\d+$/, '')] ?? 'tube';
  return { links, parts: ids.map((id) => ({ id, kind: kind(id), ...DEFAULTS[id.replace(/\d+$/, '')], ...rest.parts?.[id] })) };
}
const KINDS: Readonly<Record<string, CircuitPart['kind']>> = {
  comp: 'compressor',
  cond: 'condenser',
  rec: 'receiver',
  king: 'valve',
  valve: 'valve',
  suction: 'valve',
  drier: 'drier',
  sol: 'solenoid',
  exp: 'expansion-valve',
  evap: 'evaporator',
  check: 'check-valve',
  rev: 'reversing-valve',
  dual: 'switch',
  port: 'port',
  acc: 'accumulator',
  relief: 'relief-valve',
  sep: 'oil-separator',
  pump: 'pump',
  chiller: 'evaporator',
};
const DEFAULTS: Readonly<Record<string, Partial<CircuitPart>>> = {
  comp: { runs: true },
  king: { closes: true },
  suction: { closes: true },
  chiller: { water: true },
};
