import { canonicalHash, type EntryPhoto, bytesHash } from '../record/chain';
import { isLedgerLink } from '../record/jointEntry';
import type { JointLink } from '../record/jointEntry';
import type { JobLink } from '../stage/jobLinks';
import { RULES, type Head, type LedgerLink } from './entry';
import { JOB_KINDS_1, JOINT_KINDS_1, JOINT_KINDS_2 } from './formerKinds';
import { kindsOf } from './kinds';
import { commitmentOf, commitmentsIn } from './openWords';
import type { Chain } from './row';

/** A link of any chain, of any format. */
export type AnyLink = JointLink | JobLink;

export const BREAK_REASONS = [
  ...(['entry-altered', 'link-broken', 'out-of-sequence', 'other-joint', 'other-job', 'other-shop', 'id-twice'] as const),
  ...(['time-runs-back', 'photo-altered', 'photo-missing', 'photo-unnamed', 'correction-of-nothing', 'unknown-kind'] as const),
  ...(['words-altered', 'words-missing', 'words-unnamed', 'head-missing'] as const),
] as const;
export type BreakReason = (typeof BREAK_REASONS)[number];

/** Where a chain stops holding; `entry` counts from 1. */
export interface ChainBreak {
  readonly entry: number;
  readonly why: BreakReason;
  readonly photo?: string;
}

/** A photo's bytes by its hash; undefined where there is none, null where what is there cannot be read. */
export type PhotoBytes = (sha256: string) => Uint8Array | null | undefined;

/** What is checked of a link, whatever its format. */
interface Checked {
  readonly id: string;
  readonly owner: string;
  readonly sequence: number;
  readonly previous: string | null;
  readonly corrects: string | null;
  readonly photos: readonly EntryPhoto[];
  readonly server: string;
  /** Whether its format and its tables know the kind; of tables newer than ours it is not judged. */
  readonly known: boolean;
}

const FORMER: Readonly<Record<Chain, Readonly<Record<number, readonly string[]>>>> = {
  joint: { 1: JOINT_KINDS_1, 2: JOINT_KINDS_2 },
  job: { 1: JOB_KINDS_1 },
  shop: {},
};
const OTHER = { joint: 'other-joint', job: 'other-job', shop: 'other-shop' } as const;

function checkedOf(of: Chain, link: AnyLink): Checked {
  if (isLedgerLink(link)) {
    const { said, chain, sequence, previous, photos, at, rules } = link.content;
    const known = rules > RULES || (kindsOf(of) as readonly string[]).includes(said.kind);
    const owner = chain.of === of && said.chain.of === of && said.chain.id === chain.id ? chain.id : '';
    return { id: said.id, owner, sequence, previous, corrects: said.corrects?.entry ?? null, photos, server: at.server, known };
  }
  const { id, sequence, previous, photos, format, kind, serverTime } = link.content;
  const own = 'joint' in link.content ? link.content.joint.id : link.content.job.id;
  const isOwn = ('joint' in link.content ? 'joint' : 'job') === of;
  const corrects = 'corrects' in link.content ? (link.content.corrects?.entry ?? null) : null;
  const known = FORMER[of][format]?.includes(kind) ?? false;
  return { id, owner: isOwn ? own : '', sequence, previous, corrects, photos, server: serverTime, known };
}

/** Which of a chain a link belongs to, whatever its format: the joint, job or shop it names. */
export const ownerOf = (of: Chain, link: AnyLink): string => checkedOf(of, link).owner;
/** Where a chain stands; one that has not begun stands at 0, with a hash of zeros. */
export const headOf = (of: Chain, id: string, links: readonly AnyLink[]): Head => ({
  ...{ of, id, sequence: links.length },
  hash: links.at(-1)?.hash ?? '0'.repeat(64),
});

interface At {
  readonly links: readonly AnyLink[];
  readonly all: readonly Checked[];
  readonly index: number;
}

const isMoment = (text: string) => !Number.isNaN(Date.parse(text));

/** Times of former formats are said, not judged: what they promised did not hold them to it. */
function timeBreak({ links, all, index }: At): BreakReason | null {
  const [link, checked, before] = [links[index], all[index], all[index - 1]];
  if (!link || !checked || !isLedgerLink(link)) return null;
  const runsBack = before !== undefined && Date.parse(checked.server) < Date.parse(before.server);
  return !isMoment(checked.server) || runsBack ? 'time-runs-back' : null;
}

function orderBreak(of: Chain, { links, all, index }: At): BreakReason | null {
  const [checked, first, before] = [all[index], all[0], links[index - 1]];
  if (!checked) return null;
  if (!checked.known) return 'unknown-kind';
  if (checked.previous !== (before?.hash ?? null)) return 'link-broken';
  if (checked.sequence !== index + 1) return 'out-of-sequence';
  if (checked.owner === '' || checked.owner !== first?.owner) return OTHER[of];
  const earlier = all.slice(0, index);
  if (earlier.some(({ id }) => id === checked.id)) return 'id-twice';
  return checked.corrects !== null && !earlier.some(({ id }) => id === checked.corrects) ? 'correction-of-nothing' : null;
}

/** Commitments that entries of these links say are no longer kept. */
export const erasedIn = (links: readonly AnyLink[]): ReadonlySet<string> =>
  new Set(
    links
      .filter(isLedgerLink)
      .filter(({ content }) => content.said.kind === 'erased')
      .flatMap(({ content }) => content.said.told['what'] as readonly string[]), // cast: the kind tells a list of hashes
  );

/** Whether words beside a link are those it commits to; `erased`: commitments of which no words are kept any more. */
export function wordsBreak({ content, beside }: LedgerLink, erased: ReadonlySet<string>): BreakReason | null {
  const named = commitmentsIn(content);
  for (const commitment of named) {
    const words = beside[commitment];
    if (words && commitmentOf(words) !== commitment) return 'words-altered';
    if (!words && !erased.has(commitment)) return 'words-missing';
  }
  return Object.keys(beside).some((commitment) => !named.includes(commitment)) ? 'words-unnamed' : null;
}

/** The first photo that is not there, or not the one its entry names. */
function photoBreakIn(photos: readonly EntryPhoto[], bytesOf: PhotoBytes): { why: BreakReason; photo: string } | null {
  for (const photo of photos) {
    const bytes = bytesOf(photo.sha256);
    if (bytes === undefined) return { why: 'photo-missing', photo: photo.sha256 };
    const fits = bytes !== null && bytes.length === photo.bytes && bytesHash(bytes) === photo.sha256;
    if (!fits) return { why: 'photo-altered', photo: photo.sha256 };
  }
  return null;
}

/**
 * The first link of a chain that does not hold: each entry's hash, the link to the one before, the sequence, that all speak of one joint,
 * job or shop, that no id stands twice, that corrections name an earlier entry, that the server's time does not run back (format 3), that
 * words beside are the ones committed to, and, where bytes are at hand, that every photo has the hash its entry names.
 *
 * @param of       what the chain is of
 * @param links    in their order, of any format
 * @param bytesOf  a photo's bytes by its hash; left out: photos are not looked at
 * @returns        where it stops holding, counted from 1; null where all of it holds
 */
export function firstBreakOf(of: Chain, links: readonly AnyLink[], bytesOf?: PhotoBytes): ChainBreak | null {
  const erased = erasedIn(links);
  const all = links.map((link) => checkedOf(of, link));
  for (const [index, link] of links.entries()) {
    const entry = index + 1;
    const at = { links, all, index };
    if (canonicalHash(link.content) !== link.hash) return { entry, why: 'entry-altered' };
    const why = orderBreak(of, at) ?? timeBreak(at) ?? (isLedgerLink(link) ? wordsBreak(link, erased) : null);
    if (why) return { entry, why };
    const photo = bytesOf ? photoBreakIn(link.content.photos, bytesOf) : null;
    if (photo) return { entry, ...photo };
  }
  return null;
}
