// How long the search for an order takes on a line with a port at every third part: every joint may be made nearly any time.
import { sequence, type SequenceRequest } from '@kesto/core';

export function orderRequest(joints: number): SequenceRequest {
  const ids = Array.from({ length: joints + 1 }, (_, i) => `t${i}`);
  const ports = ids.filter((_, i) => i % 3 === 0).map((id) => `port-${id}`);
  return {
    circuit: {
      parts: [...ids.map((id) => ({ id, kind: 'tube' as const })), ...ports.map((id) => ({ id, kind: 'port' as const }))],
      links: [
        ...ids.slice(1).map((to, i) => ({ from: ids[i] ?? '', to })),
        ...ports.map((port) => ({ from: port.replace('port-', ''), to: port })),
      ],
    },
    joints: Array.from({ length: joints }, (_, i) => ({ id: `j${i}`, a: `t${i}`, b: `t${i + 1}` })),
    ports: ports.slice(1),
    inlet: ports[0] ?? '',
  };
}

/** Of one search [ms]; it says how many steps of progress were told. */
export function searchMs(joints: number): { readonly ms: number; readonly steps: number } {
  let steps = 0;
  const began = performance.now();
  const found = sequence(orderRequest(joints), () => (steps += 1) > 0);
  if (!found.ok) throw new Error(JSON.stringify(found.errors));
  return { ms: performance.now() - began, steps };
}
