import type { Isolation } from '@kesto/core';

/** One step of getting at the work: what is done, to which parts. */
export interface Step {
  readonly number: number;
  readonly does: 'open' | 'hold-open' | 'shut' | 'run-down' | 'wait' | 'shut-after' | 'shut-off' | 'recover';
  readonly parts: readonly string[];
}

const numbered = (steps: readonly Omit<Step, 'number'>[]): readonly Step[] =>
  steps
    .filter(({ does, parts }) => parts.length > 0 || ['run-down', 'wait', 'recover'].includes(does))
    .map((step, i) => ({ ...step, number: i + 1 }));

/** In the order they are done. */
export function stepsOf(answer: Isolation): readonly Step[] {
  const { close, closeAfter } = answer;
  const held = answer.why.flatMap((why) => (why.code === 'held-open' ? why.parts : []));
  const open = answer.open.filter((id) => !held.includes(id));
  if (answer.method !== 'pump-down')
    return numbered([
      { does: 'shut-off', parts: close },
      { does: 'open', parts: open },
      { does: 'hold-open', parts: held },
      { does: 'recover', parts: [] },
    ]);
  return numbered([
    { does: 'open', parts: open },
    { does: 'hold-open', parts: held },
    { does: 'shut', parts: close },
    { does: 'run-down', parts: [] },
    { does: 'wait', parts: [] },
    { does: 'shut-after', parts: closeAfter },
  ]);
}

/** The numbers a part carries on the drawing. */
export function numbersOf(answer: Isolation): ReadonlyMap<string, readonly number[]> {
  const found = new Map<string, readonly number[]>();
  for (const { number, parts } of stepsOf(answer)) for (const id of parts) found.set(id, [...(found.get(id) ?? []), number]);
  return found;
}
