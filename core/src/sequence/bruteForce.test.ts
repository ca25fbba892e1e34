import type { CircuitGraph } from '../circuit/graph';
import { seeded } from '../testing/seeded';
import type { SequenceJointRequest, SequenceRequest } from './request';
import { sequence } from './sequence';

/** 200 circuits of 8 take a minute: tried by hand when the search changes. */
const [CIRCUITS, MOST] = [40, 6];

/** A ring of parts with ports hung on some of them, now and then a shut valve, a capillary, a branch across. */
function drawn(random: () => number): CircuitGraph {
  const n = 5 + Math.floor(random() * 4);
  const parts: CircuitGraph['parts'][number][] = [{ id: 'p0', kind: 'compressor' }];
  for (let i = 1; i < n; i++) {
    const roll = random();
    const id = `p${i}`;
    parts.push(roll < 0.12 ? { id, kind: 'capillary' } : roll < 0.25 ? { id, kind: 'valve', open: false } : { id, kind: 'drier' });
  }
  const links = parts.map(({ id }, i) => ({ from: id, to: parts[(i + 1) % n]?.id ?? '' }));
  for (let i = 0; i < 3; i++) {
    parts.push({ id: `port${i}`, kind: 'port' });
    links.push({ from: `p${1 + Math.floor(random() * (n - 1))}`, to: `port${i}` });
  }
  return { parts, links };
}

function asked(random: () => number): SequenceRequest {
  const circuit = drawn(random);
  const ring = circuit.links.filter(({ to }) => !to.startsWith('port'));
  const joints: SequenceJointRequest[] = [];
  const want = 2 + Math.floor(random() * (MOST - 1));
  for (const link of [...ring].sort(() => random() - 0.5).slice(0, want)) {
    const id = `j${joints.length}`;
    joints.push({
      ...{ id, a: link.from, b: link.to },
      ...(random() < 0.3 ? { place: random() < 0.5 ? 'roof' : 'room' } : {}),
      ...(random() < 0.2 && joints[0] ? { after: [joints[0].id] } : {}),
      ...(random() < 0.15 ? { bench: true } : {}),
      ...(random() < 0.2 && joints[0] ? { above: [joints[0].id] } : {}),
    });
  }
  return { circuit, joints, ports: ['port0', 'port1'], inlet: 'port2' };
}

/** All ways of the gas at a joint's turn, found by another road: every path is written down, then looked at. */
function rigs(
  request: SequenceRequest,
  made: readonly string[],
  joint: SequenceJointRequest,
): readonly (readonly [string, string, boolean])[] {
  const { circuit, joints } = request;
  const kindOf = (id: string) => circuit.parts.find((part) => part.id === id)?.kind ?? 'tube';
  const isOn = (one: SequenceJointRequest, x: string, y: string) => (one.a === x && one.b === y) || (one.a === y && one.b === x);
  const neighbours = (id: string) => circuit.links.flatMap(({ from, to }) => (from === id ? [to] : to === id ? [from] : []));
  const ends = ['capillary', 'compressor'];
  const found: [string, string, boolean][] = [];
  const ports = [request.inlet, ...request.ports];
  for (const inlet of ports) {
    let paths: string[][] = [[inlet]];
    const all: string[][] = [...paths];
    while (paths.length > 0) {
      paths = paths.flatMap((path) => {
        const at = path.at(-1) ?? '';
        if (path.length > 1 && ends.includes(kindOf(at))) return [];
        return neighbours(at)
          .filter((to) => !path.includes(to))
          .filter((to) => joints.every((one) => one.id === joint.id || made.includes(one.id) || !isOn(one, at, to)))
          .map((to) => [...path, to]);
      });
      all.push(...paths);
    }
    for (const path of all) {
      const at = path.at(-1) ?? '';
      const passes = path.some((id, i) => i > 0 && isOn(joint, path[i - 1] ?? '', id));
      const [a, b] = [ends.includes(kindOf(joint.a)), ends.includes(kindOf(joint.b))];
      const alone = a === b ? null : a ? joint.b : joint.a;
      if (!passes && !(alone !== null && path.includes(alone))) continue;
      if (ports.includes(at) && at !== inlet) found.push([inlet, at, false]);
      for (const one of joints)
        if (one.id !== joint.id && !made.includes(one.id) && (one.a === at || one.b === at)) found.push([inlet, one.id, true]);
    }
  }
  return found;
}

/** The least that any order costs; null where there is none. */
function cheapest(request: SequenceRequest): number | null {
  let best: number | null = null;
  const { joints } = request;
  const go = (made: readonly string[], cost: number, inlet: string, port: string | null, place: string | undefined): void => {
    if (best !== null && cost >= best) return;
    if (made.length === joints.length) {
      best = cost;
      return;
    }
    const benchLeft = joints.some((one) => one.bench && !made.includes(one.id));
    for (const joint of joints) {
      if (made.includes(joint.id) || (benchLeft && !joint.bench)) continue;
      if ((joint.after ?? []).some((id) => !made.includes(id))) continue;
      // A place that is not told is no walk.
      const walk = made.length > 0 && place !== undefined && joint.place !== undefined && place !== joint.place ? 3 : 0;
      const below = joints.filter((one) => made.includes(one.id) && one.above?.includes(joint.id)).length * 3;
      const own = cost + walk + below;
      if (joint.bench) {
        go([...made, joint.id], own, inlet, port, joint.place);
        continue;
      }
      const tried = new Set<string>();
      for (const [from, out, isJoint] of rigs(request, made, joint)) {
        const key = `${from}|${isJoint ? 'joint' : out}`;
        if (tried.has(key)) continue;
        tried.add(key);
        const rig = (from === inlet ? 0 : 4) + (isJoint || port === null || port === out ? 0 : 2);
        go([...made, joint.id], own + rig, from, isJoint ? port : out, joint.place);
      }
    }
  };
  go([], 0, request.inlet, null, undefined);
  return best;
}

test(`the order costs no more than the best of all orders, on ${CIRCUITS} random circuits`, () => {
  const random = seeded(2711);
  const compared = Array.from({ length: CIRCUITS }, () => {
    const request = asked(random);
    const found = sequence(request);
    return [found.ok ? found.value.minutes : null, cheapest(request)] as const;
  });
  expect(compared.map(([ours]) => ours)).toEqual(compared.map(([, best]) => best));
  // Some have an order and some have none, or nothing was compared.
  expect(compared.filter(([, best]) => best !== null).length).toBeGreaterThan(CIRCUITS / 4);
});
