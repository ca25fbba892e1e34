import { fail, ok, type Result } from '../result';
import type { SequenceRequest } from './request';
import { search, type State } from './search';
import { has, readTask, type Task } from './task';

export type StepWhy =
  | { readonly code: 'bench' }
  | { readonly code: 'out-at-port'; readonly port: string }
  | { readonly code: 'out-at-joint'; readonly joint: string }
  | { readonly code: 'after'; readonly joints: readonly string[] }
  | { readonly code: 'captive'; readonly names: readonly string[] }
  | { readonly code: 'last' };

export interface SequenceStep {
  readonly joint: string;
  /** Null on the bench. */
  readonly inlet: string | null;
  readonly outlet: string | null;
  /** Shut valves on the way, then the outlet. */
  readonly open: readonly string[];
  /** Parts the gas passes; none on the bench. */
  readonly path: readonly string[];
  readonly why: readonly StepWhy[];
}

export interface Sequence {
  readonly order: readonly SequenceStep[];
  readonly rigChanges: number;
  /** What the changes cost [min]. */
  readonly minutes: number;
}

function whyOf(task: Task, { order, steps }: State, i: number): readonly StepWhy[] {
  const joint = order[i] ?? -1;
  const own = task.joints[joint];
  const way = steps[i];
  const needs = task.joints.filter((_, k) => has(task.before[joint] ?? 0, k)).map(({ id }) => id);
  return [
    ...(own?.bench === true ? [{ code: 'bench' } as const] : []),
    ...(own?.captive && own.captive.length > 0 ? [{ code: 'captive', names: own.captive } as const] : []),
    ...(needs.length > 0 ? [{ code: 'after', joints: needs } as const] : []),
    ...(way
      ? [way.outletIsJoint ? ({ code: 'out-at-joint', joint: way.outlet } as const) : ({ code: 'out-at-port', port: way.outlet } as const)]
      : []),
    ...(i === order.length - 1 && order.length > 1 ? [{ code: 'last' } as const] : []),
  ];
}

/**
 * In which order joints are brazed, so that at each one gas gets in, through it and out beyond it, and the rig is changed least.
 *
 * @param request  the circuit as drawn, its joints by the two parts each joins, ports that may be opened, where the hose is at first
 * @param onStep   told how far the search is, 0..1; answers false to leave it
 * @returns        the order with the way of the gas at each step. Refused: parts that are not drawn, a joint twice, and where no order is
 *                 possible, naming the joints and the part to open
 * @accuracy       exact up to 12 joints; above, exact as long as 20 000 half-made orders are enough. Costs are trade habit
 * @source         purge practice of brazers: an open end lets the gas out and not past, the last joint has an open port
 */
export function sequence(request: SequenceRequest, onStep: (share: number) => boolean = () => true): Result<Sequence> {
  const asked = readTask(request);
  if (!asked.ok) return asked;
  const task = asked.value;
  const { best, farthest } = search(task, onStep);
  if (!best) return fail({ kind: 'no-order', field: 'joints', ...stuckAt(request, farthest) });
  const order = best.order.map((joint, i): SequenceStep => {
    const way = best.steps[i] ?? null;
    return {
      joint: task.joints[joint]?.id ?? '',
      inlet: way?.inlet ?? null,
      outlet: way?.outlet ?? null,
      open: way?.open ?? [],
      path: way?.path ?? [],
      why: whyOf(task, best, i),
    };
  });
  return ok({ order, rigChanges: best.rigChanges, minutes: best.cost });
}

/** Which joints have no turn, and a part whose opening would let the gas out. */
function stuckAt(
  { circuit, joints, ports, inlet }: SequenceRequest,
  { made }: State,
): { readonly joints: readonly string[]; readonly open: string } {
  const left = joints.filter((_, i) => !has(made, i));
  const other = circuit.parts.find(({ id, kind }) => kind === 'port' && id !== inlet && !ports.includes(id));
  return { joints: left.map(({ id }) => id), open: other?.id ?? left[0]?.b ?? '' };
}
