import { ENTRY_WORDS, HOLD_VERDICT_WORDS, PULL_VERDICT_WORDS } from '@kesto/contract/wording';
import { readEntry, type HoldVerdict, type JointEntry, type JointLink, type PullVerdict } from '@kesto/core';
import { format } from 'date-fns/format';
import { WORDS } from './words';

/** One entry of the chain as it lies on the paper. */
export interface StripNode {
  readonly place: number;
  readonly kind: JointEntry['kind'];
  readonly says: string;
  readonly time: string;
  readonly who: string;
  /** What it ends in: the beginning of its hash, on the link to the next. */
  readonly hash: string;
  /** The entry it puts right or strikes out, counted from 1; null: none. */
  readonly corrects: number | null;
  readonly why: string;
}

/** Entries one after the other that came in one way. */
export interface StripBracket {
  readonly from: number;
  readonly to: number;
  readonly says: string;
  /** Where there is no room for more. */
  readonly day: string;
}

const MINUTE_MS = 60_000;
const isLate = ({ deviceTime, serverTime }: JointEntry) => Math.abs(Date.parse(serverTime) - Date.parse(deviceTime)) > MINUTE_MS;
const dayOf = ({ deviceTime }: JointEntry) => format(new Date(deviceTime), 'd MMMM');
const firstName = (name: string) => name.split(' ')[0] ?? name;

/** What it is called; of a hold or a pull with what it showed. */
function saysOf({ kind, values }: JointEntry): string {
  const { verdict } = values;
  if (kind === 'held' && typeof verdict === 'string') return WORDS.showed(ENTRY_WORDS.held, HOLD_VERDICT_WORDS[verdict as HoldVerdict]); // cast: the schema of this kind
  if (kind === 'pulled') return WORDS.showed(ENTRY_WORDS.pulled, PULL_VERDICT_WORDS[verdict as PullVerdict]); // cast: as above
  return ENTRY_WORDS[kind];
}

function nodeOf(entry: JointEntry, link: JointLink | undefined, placeOf: (id: string) => number): StripNode {
  const corrects = entry.corrects ? placeOf(entry.corrects.entry) : null;
  const puts = entry.kind === 'struck-out' ? WORDS.strikes : WORDS.corrects;
  return {
    ...{ place: entry.sequence, kind: entry.kind, corrects, why: entry.corrects?.why ?? '' },
    says: corrects === null ? saysOf(entry) : puts(corrects),
    time: format(new Date(entry.deviceTime), 'HH:mm'),
    who: firstName(entry.person.name),
    hash: link?.hash.slice(0, 4) ?? '',
  };
}

/** Whether two neighbours came in one way: on one day by the device, and together where they came late. */
function isOneRun(before: JointEntry, entry: JointEntry): boolean {
  if (dayOf(before) !== dayOf(entry) || isLate(before) !== isLate(entry)) return false;
  return !isLate(entry) || Math.abs(Date.parse(entry.serverTime) - Date.parse(before.serverTime)) <= MINUTE_MS;
}

function bracketOf(run: readonly JointEntry[]): StripBracket {
  const [first, last] = [run[0], run.at(-1)];
  if (!first || !last) return { from: 0, to: 0, says: '', day: '' };
  const day = dayOf(first);
  const at = format(new Date(last.serverTime), 'HH:mm');
  const says = isLate(first) ? (run.length > 1 ? WORDS.together(day, at) : WORDS.late(day, at)) : WORDS.withinAMinute(day);
  return { from: first.sequence, to: last.sequence, says, day };
}

/** The chain as a row: its entries, and what came to the server together. */
export function stripOf(links: readonly JointLink[]): { readonly nodes: readonly StripNode[]; readonly brackets: readonly StripBracket[] } {
  const read = links.map(readEntry);
  const placeOf = (id: string) => read.find((entry) => entry.id === id)?.sequence ?? 0;
  const runs: JointEntry[][] = [];
  for (const entry of read) {
    const before = runs.at(-1)?.at(-1);
    if (before && isOneRun(before, entry)) runs.at(-1)?.push(entry);
    else runs.push([entry]);
  }
  return { nodes: read.map((entry, i) => nodeOf(entry, links[i], placeOf)), brackets: runs.map(bracketOf) };
}

/** A name in at most two lines of so many letters. */
export function twoLines(text: string, most: number): readonly string[] {
  if (text.length <= most || !text.includes(' ')) return [text];
  const end = text.lastIndexOf(' ', most);
  const first = text.slice(0, end > 0 ? end : text.indexOf(' '));
  const rest = text.slice(first.length).trim();
  return rest === '' ? [first] : [first, rest.length > most ? `${rest.slice(0, most - 1)}…` : rest];
}
