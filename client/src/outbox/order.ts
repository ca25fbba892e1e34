import { MOST_ENTRIES_AT_ONCE } from '@kesto/contract/api';
import { isEntryRoute, isHeld, type Command } from './command';
import type { KeptCommand } from './kept';

const shares = (a: Command, b: Command) => a.by === b.by && a.about.some((thing) => b.about.includes(thing));
const makesFor = (a: Command, b: Command) => a.makes !== null && b.needs.includes(a.makes);

/** Those that go no further for now: held themselves, another person's, or in need of one that is. */
function stuckAmong(commands: readonly KeptCommand[], person: string | null): ReadonlySet<KeptCommand> {
  const stuck = new Set<KeptCommand>();
  for (const command of commands) {
    const needsStuck = [...stuck].some((earlier) => makesFor(earlier, command));
    if (command.by !== person || isHeld(command) || needsStuck) stuck.add(command);
  }
  return stuck;
}

/** The first that may go: signed, not stuck nor tried in this round, what it needs is there, and nothing given earlier about the same things still goes. */
function nextToSend(commands: readonly KeptCommand[], person: string | null, tried: ReadonlySet<string>): KeptCommand | undefined {
  const stuck = stuckAmong(commands, person);
  const going = commands.filter((command) => !stuck.has(command));
  const mayGo = (command: KeptCommand, i: number) =>
    !command.toSign &&
    !tried.has(command.id) &&
    !going.slice(0, i).some((earlier) => makesFor(earlier, command) || shares(earlier, command));
  return going.find(mayGo);
}

/** A request that a slow line carries in one piece, well under what the server takes. */
const MOST_LETTERS_AT_ONCE = 256_000;

const lettersOf = (command: Command) => JSON.stringify(command.body).length;

/** May go in one request with what goes before it: an entry, in the same name, that stands without any of them. */
const goesAlong = (command: KeptCommand, before: readonly KeptCommand[]) =>
  isEntryRoute(command.route) && command.onBehalfOf?.id === before[0]?.onBehalfOf?.id && !before.some((b) => makesFor(b, command));

/** The next to be sent and those that would be sent after it, as far as they may go along; none where nothing may go. */
export function togetherFrom(commands: readonly KeptCommand[], person: string | null, tried: ReadonlySet<string>): readonly KeptCommand[] {
  const first = nextToSend(commands, person, tried);
  if (!first || !isEntryRoute(first.route)) return first ? [first] : [];
  const together = [first];
  let letters = lettersOf(first);
  while (together.length < MOST_ENTRIES_AT_ONCE) {
    const left = commands.filter((command) => !together.includes(command));
    const next = nextToSend(left, person, tried);
    if (!next || !goesAlong(next, together)) break;
    letters += lettersOf(next);
    if (letters > MOST_LETTERS_AT_ONCE) break;
    together.push(next);
  }
  return together;
}
