import { thing, type CommandState } from './command';
import type { KeptCommand } from './kept';

/** A command as version 1 of the device's database kept it. Frozen. */
export interface FormerCommand extends Omit<KeptCommand, 'about' | 'needs' | 'makes' | 'state' | 'byName' | 'madeFrom'> {
  /** What it writes to, then what has to be there before it. */
  readonly things: readonly string[];
  readonly refused: { readonly message: string; readonly field: string | null } | null;
  readonly stalled: { readonly message: string | null } | null;
}

/** Routes that made what they were about first. */
const MAKERS: readonly string[] = ['putJob', 'putJoint', 'putUnit', 'putSite', 'putPhoto'];

function stateOf({ refused, stalled }: FormerCommand): CommandState {
  if (refused) return { status: 'refused', ...refused };
  return stalled ? { status: 'later', ...stalled } : { status: 'waiting' };
}

/** As today's version keeps it: nothing of what it says is changed. */
export function ofFormerVersion(former: FormerCommand): KeptCommand {
  const { things, refused: _refused, stalled: _stalled, ...command } = former;
  const [first, ...rest] = things;
  const isMaker = MAKERS.includes(command.route) && first !== undefined;
  const makes = isMaker ? first : command.route === 'putPlan' ? thing.plan(command.params['joint'] ?? '') : null;
  const needs = isMaker ? rest : things;
  return { ...command, byName: '', about: things, needs, makes, state: stateOf(former) };
}
