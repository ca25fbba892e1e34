import { ENGINE_VERSION } from '../plan/planJoint';
import { canonicalText } from '../record/chain';
import { isLedgerLink, readChain, readEntry, type JointLink } from '../record/jointEntry';
import { outOfTurn } from '../record/state';
import { factsIn, readJobLink, type JobLink } from '../stage/jobLinks';
import { watchOf } from '../stage/torch';
import { CLOCKS_APART_MS } from './effectiveTime';
import { RULES } from './entry';
import type { Told } from './kinds';
import { openWords } from './openWords';
import type { AnyLink } from './verifyChain';
import { workOut } from './workOut';

/** How far a check got, in its order. */
export const CHECK_LEVELS = ['read', 'hangs-together', 'keeps-rules', 'worked-again', 'signed'] as const;
export type CheckLevel = (typeof CHECK_LEVELS)[number];

export const FINDING_CODES = [
  ...(['out-of-turn', 'lit-while-locked', 'no-approval', 'overruled', 'not-witnessed', 'struck-out', 'words-erased'] as const),
  ...(['not-judged', 'worked-otherwise', 'clocks-apart', 'time-ran-back'] as const),
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];

/** What is to be said of an entry of a chain that hangs together: never a break. `entry` counts from 1. */
export interface Finding {
  readonly entry: number;
  readonly what: FindingCode;
}

const found = (entry: number, what: FindingCode, is: boolean): readonly Finding[] => (is ? [{ entry, what }] : []);

interface Times {
  readonly deviceTime: string;
  readonly serverTime: string;
}

/** Of entries before format 3 the server's time may run back; of every one the clocks may be apart. */
const timeFindings = (times: readonly Times[], links: readonly AnyLink[]): readonly Finding[] =>
  times.flatMap(({ deviceTime, serverTime }, i) => {
    const link = links[i];
    const offsetMs = link && isLedgerLink(link) && link.content.at.offsetS !== null ? Math.abs(link.content.at.offsetS) * 1000 : 0;
    const ahead = Date.parse(deviceTime) - Date.parse(serverTime);
    return [
      ...found(i + 1, 'clocks-apart', Math.max(ahead, offsetMs) > CLOCKS_APART_MS),
      ...found(i + 1, 'time-ran-back', Date.parse(serverTime) < Date.parse(times[i - 1]?.serverTime ?? serverTime)),
    ];
  });

const newerThanOurs = (links: readonly AnyLink[]): readonly Finding[] =>
  links.flatMap((link, i) => found(i + 1, 'not-judged', isLedgerLink(link) && link.content.rules > RULES));

/** A file may be sealed over values that no rule can be held against: then its last entry is said to be not judged, and nothing falls over. */
function judged<Link>(links: readonly Link[], find: (links: readonly Link[]) => readonly Finding[]): readonly Finding[] {
  try {
    return find(links);
  } catch {
    return [{ entry: links.length, what: 'not-judged' }];
  }
}

/** What is to be said of a joint's chain by the rules of its day. */
export const jointFindings = (links: readonly JointLink[]): readonly Finding[] => judged(links, findingsOfJoint);

function findingsOfJoint(links: readonly JointLink[]): readonly Finding[] {
  const entries = links.map(readEntry);
  const early = new Set(outOfTurn(readChain(links)).map(({ id }) => id));
  const struck = new Set(entries.filter(({ kind }) => kind === 'struck-out').map(({ corrects }) => corrects?.entry));
  const rules = entries.flatMap(({ id, values, erased }, i) => [
    ...found(i + 1, 'struck-out', struck.has(id)),
    ...found(i + 1, 'out-of-turn', early.has(id)),
    ...found(i + 1, 'lit-while-locked', values['torch'] === 'locked'),
    ...found(i + 1, 'no-approval', values['approval'] === null),
    ...found(i + 1, 'words-erased', erased.length > 0),
  ]);
  return [...rules, ...workedOtherwise(links), ...newerThanOurs(links), ...timeFindings(entries, links)];
}

/** What is to be said of a job's chain by the rules of its day. */
export const jobFindings = (links: readonly JobLink[]): readonly Finding[] => judged(links, findingsOfJob);

function findingsOfJob(links: readonly JobLink[]): readonly Finding[] {
  const entries = links.map(readJobLink);
  const struck = new Set(entries.filter(({ kind }) => kind === 'struck-out').map(({ corrects }) => corrects?.entry));
  const facts = factsIn(links);
  const ended = facts.findLast(({ kind }) => kind === 'watch-ended')?.id;
  const notWitnessed = watchOf(facts, null)?.isNotWitnessed ?? false;
  const rules = entries.flatMap(({ id, kind }, i) => [
    ...found(i + 1, 'struck-out', struck.has(id)),
    ...found(i + 1, 'overruled', kind === 'overruled' && !struck.has(id)),
    ...found(i + 1, 'not-witnessed', notWitnessed && id === ended),
    ...found(i + 1, 'words-erased', wordsGone(links[i])),
  ]);
  return [...rules, ...newerThanOurs(links), ...timeFindings(entries, links)];
}

const wordsGone = (link: JobLink | undefined): boolean =>
  link !== undefined && isLedgerLink(link) && openWords([link.content.said, link.content.author], link.beside).gone.length > 0;

/** Kinds that hold a plan. */
const PLANS: readonly string[] = ['planned', 'planned-anew'];
/** Plans that this very engine made: those it can make again. */
const plansOf = (links: readonly JointLink[]) =>
  links.flatMap((link, i) =>
    isLedgerLink(link) && PLANS.includes(link.content.said.kind) && link.content.worked?.engine === ENGINE_VERSION
      ? [{ link, entry: i + 1 }]
      : [],
  );

/** Whether something of a chain could be worked out again by this engine. */
export const isWorkedAgain = (links: readonly JointLink[]): boolean => plansOf(links).length > 0;

function workedOtherwise(links: readonly JointLink[]): readonly Finding[] {
  return plansOf(links).flatMap(({ link, entry }) => {
    const told = openWords(link.content.said.told, link.beside).value as Told<'planned-anew'>; // cast: both kinds tell these
    const again = workOut('planned-anew', told, undefined);
    const same = again.ok && canonicalText(again.value) === canonicalText(link.content.worked?.values);
    return found(entry, 'worked-otherwise', !same);
  });
}
