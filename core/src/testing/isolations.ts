import type { CircuitGraph } from '../circuit/graph';
import { isolate, type Isolation, type IsolateRequest } from '../isolate';

/** How a piece of a circuit is cut off to work on those parts. */
export const isolated = (circuit: CircuitGraph, work: readonly string[], rest: Partial<IsolateRequest> = {}): Isolation => {
  const result = isolate({ circuit, work, ...rest });
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};
export const codes = (found: Isolation) => found.cautions.map((c) => c.code);
export const whys = (found: Isolation) => found.why.map((w) => w.code);
