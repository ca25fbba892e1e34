import type { JobChange, PutJobEntryRequest } from '@kesto/contract';
import { factsIn, isFlame, type EntryFact, type StageEntryKind } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { append, authorOf, type Author } from '../ledger';
import type { ShopWork } from '../shopWork';
import type { Job } from './jobs.repository';

export interface AskedChange {
  readonly jobId: string;
  readonly entryId: string;
  readonly person: Author;
  readonly body: JobChange;
  readonly now: Date;
  readonly offsetS: number | null;
}

export const isChange = (body: PutJobEntryRequest): body is JobChange => body.kind === 'joint-removed' || body.kind === 'circuit-changed';

const isLit = ({ kind }: EntryFact) => isFlame(kind);

/** A joint that no flame touched is taken off its job; one that was lit stays for ever. */
async function checkRemoved(shop: ShopWork, jobId: string, joint: string): Promise<void> {
  const told = await shop.jobs.told(jobId);
  const found = told?.joints.find(({ id }) => id === joint);
  if (!found) throw new AppError('INVALID_INPUT', 'values.joint is not a joint of this job.', 'values.joint');
  if (found.facts.some(isLit)) {
    throw new AppError(
      'GATE',
      `${found.tag} was lit: its record stays. Strike out the entry that is wrong, or cut the joint out.`,
      'values.joint',
    );
  }
}

/** What says nothing of the drawing it was noted on. */
const OF_NO_DRAWING: readonly StageEntryKind[] = ['began', 'complaint', 'loss', 'waiting'];

/** Another circuit of the same machine, as long as nothing stands on the drawing of the first. */
async function checkCircuit(shop: ShopWork, job: Job, to: string): Promise<void> {
  const told = await shop.jobs.told(job.id);
  const circuit = await shop.circuits.byId(to);
  if (!told || circuit?.unitId !== told.unit.id) {
    throw new AppError('INVALID_INPUT', `values.to is not a circuit of ${told?.unit.tag ?? 'this machine'}.`, 'values.to');
  }
  const onDrawing = factsIn(told.entries).some(({ kind }) => !OF_NO_DRAWING.includes(kind));
  if (told.joints.length > 0 || onDrawing) {
    throw new AppError('GATE', 'Something was noted on this circuit already: open a job on the other one.', 'values.to');
  }
}

/** Changes what belongs to a job, and says so in its chain; the same again changes nothing. */
export async function changeJob(shop: ShopWork, { jobId, entryId, person, body, now, offsetS }: AskedChange): Promise<void> {
  const job = await shop.jobs.lock(jobId);
  if (!job) throw notFound('This job');
  const hash = requestHash({ job: jobId, ...body });
  const before = await shop.ledger.taken('job', entryId);
  if (before) return sameOrConflict(before.requestHash, hash, 'note');
  if (body.kind === 'joint-removed') await checkRemoved(shop, jobId, body.values.joint);
  else await checkCircuit(shop, job, body.values.to);
  const chain = { of: 'job', id: jobId } as const;
  const told = body.kind === 'joint-removed' ? body.values : { from: job.circuitId, to: body.values.to };
  await append(shop, await shop.ledger.of(chain), {
    ...{ chain, id: entryId, kind: body.kind, told, requestHash: hash },
    ...{ person: authorOf(person), deviceTime: null, offsetS, now },
  });
  if (body.kind === 'circuit-changed') await shop.jobs.changeCircuit(jobId, body.values.to);
}
