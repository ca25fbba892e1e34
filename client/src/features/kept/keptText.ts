import type { PutEntryRequest, PutStageEntryRequest } from '@kesto/contract';
import { ENTRY_WORDS, stageWriteWord, WRITE_WORDS } from '@kesto/contract/wording';
import { bodyOf, type Command, type Line } from '@/outbox';

/** What it is, in words: an entry by its own kind, what has a name by that. */
export function whatOf(command: Command): string {
  if (command.state.status === 'set-aside') return 'something this version of Kesto does not know';
  if (command.route === 'putEntry') return `entry: ${ENTRY_WORDS[bodyOf<PutEntryRequest>(command).kind]}`;
  if (command.route === 'putStageEntry') return `of the job: ${stageWriteWord(bodyOf<PutStageEntryRequest>(command).kind)}`;
  const named = bodyOf<{ tag?: string; title?: string; name?: string } | undefined>(command);
  const name = named?.tag ?? named?.title ?? named?.name;
  return name ? `${WRITE_WORDS[command.route]}: ${name}` : WRITE_WORDS[command.route];
}

/** Whose it is to whoever reads: their own, somebody's who may still come, or somebody's who left the shop. */
export type Owner = 'own' | 'other' | 'left';

const OTHERS: Readonly<Record<Exclude<Owner, 'own'>, (name: string) => string>> = {
  other: (name) => `waits until ${name || 'whoever kept it'} signs in here`,
  left: (name) =>
    `${name || 'whoever kept it'} has left the shop: a lead takes it into the record on that person’s behalf, or off this device`,
};

/** How it stands, and what is to be done. */
export function stateText({ state, byName }: Command, owner: Owner): string {
  if (owner !== 'own') return OTHERS[owner](byName);
  switch (state.status) {
    case 'waiting':
      return 'on its way';
    case 'later':
      return state.message ?? 'the server does not answer; it is tried again by itself';
    case 'other-person':
    case 'refused':
      return state.message;
    case 'changed':
      return 'somebody changed the same since: say line by line what stands';
    case 'set-aside':
      return 'kept as it is and not sent: open Kesto anew, or copy it for a lead';
  }
}

/** A line's place in words, from its keys: `fillers, BAg-36, count`. */
export const placeOf = ({ path }: Line): string =>
  path.map((key) => key.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)).join(', ');

/** What one side says on a line. */
export function saidOn(value: unknown): string {
  if (value === undefined) return 'not there';
  if (value === null || typeof value !== 'object') return String(value);
  if (Array.isArray(value)) return value.map(saidOn).join(', ') || 'none';
  if ('value' in value && 'unit' in value) return `${String(value.value)} ${String(value.unit)}`;
  return Object.entries(value)
    .filter(([key]) => key !== 'id')
    .map(([key, said]) => `${key} ${saidOn(said)}`)
    .join(', ');
}

/** All of it, to be copied and given to somebody. */
export const copyOf = ({ route, params, body, at, byName, by }: Command): string =>
  JSON.stringify({ kept: route, by: byName || by, at, for: params, says: body }, null, 2);
