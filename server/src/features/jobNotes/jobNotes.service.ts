import type { JobNote, JobSchools, JobSum, KeptKit, KeptOrder, StageNote, TakenOutNote } from '@kesto/contract';
import { schoolName } from '@kesto/contract/wording';
import { differingSchool, readJobLink, withSchoolIds, type JobEntry, type JobLink, type Schools } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { append, authorOf, type Author } from '../ledger';
import type { ShopWork } from '../shopWork';
import { checkKeptOrder } from './checkOrder';

export interface JobNotes {
  /** The last answer counts; null where the job does as the shop does. */
  readonly schools: JobSchools | null;
  readonly sums: readonly JobSum[];
  readonly stageNotes: readonly StageNote[];
  readonly keptOrder: KeptOrder | null;
  readonly kit: KeptKit | null;
  readonly takenOut: readonly TakenOutNote[];
}

type Note = { readonly id: string; readonly by: string; readonly at: string } & JobNote;

/** A note from before there were chains says its writer, its time and its values itself. */
function carriedOver(entry: JobEntry, names: ReadonlyMap<string, string>): Note {
  const { kind, writer, madeAt, values } = entry.values as Readonly<Record<'kind' | 'writer' | 'madeAt' | 'values', string>>; // cast: the kind tells these
  const said = { kind, values: values === '' ? { schools: {}, given: [], answers: [], calculator: '' } : (JSON.parse(values) as unknown) };
  return { id: entry.id, by: names.get(writer) ?? '', at: madeAt, ...said } as Note; // cast: as it was stored by its schema
}

const noteOf = ({ id, kind, values, person, serverTime }: JobEntry) =>
  ({ id, by: person.name, at: serverTime, kind, values }) as unknown as Note; // cast: kinds that are notes

const writersOf = (entries: readonly JobEntry[]) =>
  entries.filter(({ kind }) => kind === 'carried-over').map(({ values }) => String(values['writer']));

const NOTE_KINDS: readonly string[] = [
  ...(['schools', 'sum', 'stage-note', 'order-kept', 'kit-kept', 'taken-out', 'put-back'] as const satisfies readonly JobNote['kind'][]),
];
const isNote = (kind: string): kind is JobNote['kind'] => NOTE_KINDS.includes(kind);

/** What is noted of a job as a whole, in its order. */
async function notesIn(shop: ShopWork, links: readonly JobLink[]): Promise<readonly Note[]> {
  const entries = links.map(readJobLink);
  const names = await shop.people.namesOf([...new Set(writersOf(entries))]);
  return entries.flatMap((entry) => {
    if (entry.kind === 'carried-over') return [carriedOver(entry, names)];
    return isNote(entry.kind) ? [noteOf(entry)] : [];
  });
}

export async function jobNotes(shop: ShopWork, links: readonly JobLink[]): Promise<JobNotes> {
  const notes = await notesIn(shop, links);
  const last = notes.findLast((note) => note.kind === 'schools');
  const signed = ({ id, by, at }: Note) => ({ id, by, at });
  const schools =
    last?.kind === 'schools' && Object.keys(last.values.schools).length > 0
      ? { ...last.values, schools: withSchoolIds(last.values.schools), ...signed(last) }
      : null;
  const sums = notes.flatMap((note) => (note.kind === 'sum' ? [{ ...note.values, ...signed(note) }] : []));
  const stageNotes = notes.flatMap((note) => (note.kind === 'stage-note' ? [{ ...note.values, ...signed(note) }] : []));
  const kept = notes.findLast((note) => note.kind === 'order-kept');
  const keptOrder = kept?.kind === 'order-kept' ? { ...kept.values, ...signed(kept) } : null;
  const packed = notes.findLast((note) => note.kind === 'kit-kept');
  const kit = packed?.kind === 'kit-kept' ? { ...packed.values, ...signed(packed) } : null;
  const takenOut = notes.flatMap((note): readonly TakenOutNote[] => {
    if (note.kind === 'taken-out') return [{ kind: note.kind, ...note.values, ...signed(note) }];
    return note.kind === 'put-back' ? [{ kind: note.kind, ...note.values, ...signed(note) }] : [];
  });
  return { schools, sums, stageNotes, keptOrder, kit, takenOut };
}

/** The schools a job is worked by: its own where it has them, else the shop's. */
export async function schoolsOfJob(shop: ShopWork, jobId: string | null): Promise<Schools> {
  const own = jobId ? (await jobNotes(shop, await shop.ledger.of({ of: 'job', id: jobId }))).schools?.schools : null;
  return { ...(await shop.shop.get()).schools, ...own };
}

async function checkReason(shop: ShopWork, body: JobNote): Promise<void> {
  if (body.kind !== 'schools' || body.values.reason) return;
  const { schools } = body.values;
  const differs = differingSchool(schools, (await shop.shop.get()).schools);
  if (differs) {
    throw new AppError(
      'INVALID_INPUT',
      `“${schoolName(differs, schools[differs] ?? '')}” is not how this shop does it: write why this job differs.`,
      'values.reason',
    );
  }
}

interface Asked {
  readonly jobId: string;
  readonly entryId: string;
  readonly person: Author;
  readonly body: JobNote;
  readonly now: Date;
  readonly offsetS: number | null;
}

/** Notes something of a job, in the job's chain; the same again changes nothing. */
export async function storeJobEntry(shop: ShopWork, { jobId, entryId, person, body, now, offsetS }: Asked): Promise<void> {
  if (!(await shop.jobs.lock(jobId))) throw notFound('This job');
  const hash = requestHash({ job: jobId, ...body });
  const before = await shop.ledger.taken('job', entryId);
  if (before) return sameOrConflict(before.requestHash, hash, 'note');
  await checkReason(shop, body);
  if (body.kind === 'order-kept') await checkKeptOrder(shop, jobId, body.values);
  await append(shop, await shop.ledger.of({ of: 'job', id: jobId }), {
    ...{ chain: { of: 'job', id: jobId }, id: entryId, kind: body.kind, told: { ...body.values }, requestHash: hash },
    ...{ person: authorOf(person), deviceTime: null, offsetS, now },
  });
}
