import { ok, type Result } from '../result';
import type { SequenceRequest } from './request';
import { bit, has, readTask, SOLIDUS_C } from './task';

/** What an order breaks, at which joint. */
export interface OrderBreak {
  readonly joint: string;
  readonly rule: 'no-way' | 'bench-first' | 'before' | 'melts';
  /** That should have come before, or would melt. */
  readonly others: readonly string[];
}

/**
 * Which rules an order breaks, joint by joint, by the same rules that one is searched by.
 *
 * @param request  as for `sequence`
 * @param order    ids of all its joints; ids of others are passed over
 * @returns        none where the order may be made. Refused: what `sequence` refuses but for a search that finds nothing
 */
export function orderBreaks(request: SequenceRequest, order: readonly string[]): Result<readonly OrderBreak[]> {
  const asked = readTask(request);
  if (!asked.ok) return asked;
  const task = asked.value;
  const breaks: OrderBreak[] = [];
  let made = 0;
  for (const id of order) {
    const joint = task.joints.findIndex((other) => other.id === id);
    const own = task.joints[joint];
    if (!own || has(made, joint)) continue;
    const late = (test: (i: number) => boolean) => task.joints.filter((_, i) => test(i)).map((other) => other.id);
    const needs = late((i) => has(task.before[joint] ?? 0, i) && !has(made, i));
    const bench = own.bench === true ? [] : late((i) => task.joints[i]?.bench === true && !has(made, i));
    const melts = late((i) => has(made, i) && (task.reheatC(joint, i) ?? 0) > SOLIDUS_C);
    if (needs.length > 0) breaks.push({ joint: id, rule: 'before', others: needs });
    if (bench.length > 0) breaks.push({ joint: id, rule: 'bench-first', others: bench });
    if (melts.length > 0) breaks.push({ joint: id, rule: 'melts', others: melts });
    if (own.bench !== true && task.inlets.every((inlet) => task.ways(inlet, joint, made).length === 0))
      breaks.push({ joint: id, rule: 'no-way', others: [] });
    made += bit(joint);
  }
  return ok(breaks);
}
