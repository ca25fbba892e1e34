import { effectiveTime } from '../ledger/effectiveTime';
import type { LedgerLink } from '../ledger/entry';
import { stagedKinds } from '../ledger/kinds';
import { canonicalHash, type EntryPhoto, type RecordEntry } from '../record/chain';
import { isLedgerLink, saidBy } from '../record/jointEntry';
import type { KeptStage } from '../vocabulary/stage';
import type { JOB_KINDS_1 } from '../ledger/formerKinds';
import type { StageFact } from './entry';

/** What one link of a job's chain says in the format before 3. All of it is hashed. */
export interface StageEntryContent {
  readonly format: 1;
  readonly id: string;
  readonly job: { readonly id: string; readonly number: number };
  readonly sequence: number;
  readonly stage: KeptStage;
  readonly kind: (typeof JOB_KINDS_1)[number];
  readonly person: { readonly id: string; readonly name: string };
  readonly deviceTime: string;
  readonly serverTime: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly EntryPhoto[];
  readonly previous: string | null;
}

export interface StageEntry {
  readonly content: StageEntryContent;
  readonly hash: RecordEntry['hash'];
}

/** A link of a job's chain of the format before 3: the content with the SHA-256 of its canonical JSON (RFC 8785). */
export const sealStageEntry = (content: StageEntryContent): StageEntry => ({ content, hash: canonicalHash(content) });

/** A link of a job's chain to the letter that was hashed, of any format. */
export type JobLink = StageEntry | LedgerLink;

/** A link of a job's chain as today's program reads it: of a stage, or of the job as a whole. */
export interface JobEntry {
  readonly id: string;
  readonly kind: string;
  readonly stage: KeptStage | null;
  readonly person: { readonly id: string; readonly name: string };
  /** Whose words they are, who had left the shop before they came. */
  readonly onBehalfOf?: string;
  readonly deviceTime: string;
  readonly serverTime: string;
  readonly offsetS: number | null;
  readonly values: Readonly<Record<string, unknown>>;
  readonly photos: readonly EntryPhoto[];
  readonly corrects: { readonly entry: string; readonly why: string } | null;
}

/** What was read of a link: a link never changes, and a long chain is read again with every entry that is added to it. */
const READ = new WeakMap<JobLink, JobEntry>();

export function readJobLink(link: JobLink): JobEntry {
  const before = READ.get(link);
  if (before) return before;
  const entry = read(link);
  READ.set(link, entry);
  return entry;
}

function read(link: JobLink): JobEntry {
  if (!isLedgerLink(link)) {
    const { id, kind, stage, person, deviceTime, serverTime, values, photos } = link.content;
    return { id, kind, stage, person, deviceTime, serverTime, offsetS: null, values, photos, corrects: null };
  }
  const { told, id, person, onBehalfOf, deviceTime, serverTime, photos, corrects } = saidBy(link);
  const { said, worked, at } = link.content;
  const own = { id, person, deviceTime, serverTime, photos, corrects, ...(onBehalfOf ? { onBehalfOf } : {}) };
  return { ...own, kind: said.kind, stage: said.stage, offsetS: at.offsetS, values: { ...told, ...worked?.values } };
}

/** What was said of an entry later: its values anew, or what Kesto made of them again. */
function laterOf(entries: readonly JobEntry[], id: string): Readonly<Record<string, unknown>> {
  const anew = (entry: JobEntry) =>
    (entry.kind === 'corrected' && entry.corrects?.entry === id) || (entry.kind === 'worked-out' && entry.values['of'] === id);
  return Object.assign({}, ...entries.filter(anew).map(({ values }) => values['values'])) as Readonly<Record<string, unknown>>; // cast: both tell an object
}

/** What is noted of a job's stages by the links of its chain, of any format: see {@link factsAmong}. */
export const factsIn = (links: readonly JobLink[]): readonly StageFact[] => factsAmong(links.map(readJobLink));

/**
 * What is noted of a job's stages, as it counts: struck out ones are left out, corrected ones say what they say since.
 *
 * @param entries  of the job's chain, in their order, with what only a device has yet at the end
 * @returns        facts in the same order
 */
export function factsAmong(entries: readonly JobEntry[]): readonly StageFact[] {
  const struck = new Set(entries.filter(({ kind }) => kind === 'struck-out').map(({ corrects }) => corrects?.entry));
  const changed = entries.some(({ kind }) => kind === 'corrected' || kind === 'worked-out');
  const staged: ReadonlySet<string> = new Set(stagedKinds());
  const lastOfHand = new Map<string, string>();
  return entries.flatMap((entry): readonly StageFact[] => {
    const { id, stage, kind, values, person, onBehalfOf, deviceTime, serverTime, offsetS, photos } = entry;
    const at = effectiveTime({ device: deviceTime, server: serverTime, offsetS }, lastOfHand.get(person.id) ?? null);
    lastOfHand.set(person.id, at);
    if (stage === null || !staged.has(kind) || struck.has(id)) return [];
    const aheadMs = Math.max(0, Date.parse(deviceTime) - Date.parse(serverTime));
    const now = changed ? { ...values, ...laterOf(entries, id) } : values;
    const forWhom = onBehalfOf ? { onBehalfOf } : {};
    return [{ id, stage, kind, values: now, by: person.name, ...forWhom, at, takenAt: serverTime, aheadMs, photos } as StageFact]; // cast: values were checked against their kind when the entry was taken
  });
}

/** Joints that a job's chain says do not belong to it after all: who took each off, and why. */
export const removedJoints = (links: readonly JobLink[]): ReadonlyMap<string, { readonly by: string; readonly why: string }> =>
  new Map(
    links
      .map(readJobLink)
      .flatMap(({ kind, values, person }) =>
        kind === 'joint-removed' ? [[String(values['joint']), { by: person.name, why: String(values['why']) }]] : [],
      ),
  );
