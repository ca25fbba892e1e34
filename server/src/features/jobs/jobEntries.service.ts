import type { JobSchools, JobSum, PutJobEntryRequest } from '@kesto/contract';
import { schoolName } from '@kesto/contract/wording';
import { differingSchool, withSchoolIds, type Schools } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import type { JobEntryRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { AppError, notFound } from '../../platform/errors';
import { namesOf } from '../joints';
import { schoolsOf } from '../shop';
import { addJobEntry, entriesOfJob, jobEntryById, lockJob } from './jobEntries.repository.typeorm';

export interface JobNotes {
  /** The last answer counts; null where the job does as the shop does. */
  readonly schools: JobSchools | null;
  readonly sums: readonly JobSum[];
}

export async function jobNotes(shop: ShopWork, jobId: string): Promise<JobNotes> {
  const rows = await entriesOfJob(shop, jobId);
  const names = await namesOf(shop, [...new Set(rows.map((row) => row.person_id))]);
  const signed = (row: JobEntryRow) => ({ id: row.id, by: names.get(row.person_id) ?? '', at: row.made_at.toISOString() });
  const last = rows.findLast((row) => row.kind === 'schools');
  const schools =
    last?.kind === 'schools' && Object.keys(last.values.schools).length > 0
      ? { ...last.values, schools: withSchoolIds(last.values.schools), ...signed(last) }
      : null;
  const sums = rows.flatMap((row) => (row.kind === 'sum' ? [{ ...row.values, ...signed(row) }] : []));
  return { schools, sums };
}

/** The schools a job is worked by: its own where it has them, else the shop's. */
export async function schoolsOfJob(shop: ShopWork, jobId: string | null): Promise<Schools> {
  const own = jobId ? (await jobNotes(shop, jobId)).schools?.schools : null;
  return { ...(await schoolsOf(shop)), ...own };
}

async function checkReason(shop: ShopWork, body: PutJobEntryRequest): Promise<void> {
  if (body.kind !== 'schools' || body.values.reason) return;
  const { schools } = body.values;
  const differs = differingSchool(schools, await schoolsOf(shop));
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
  readonly personId: string;
  readonly body: PutJobEntryRequest;
  readonly now: Date;
}

/** Notes something of a job; the same again changes nothing. */
export async function storeJobEntry(shop: ShopWork, { jobId, entryId, personId, body, now }: Asked): Promise<void> {
  if (!(await lockJob(shop, jobId))) throw notFound('This job');
  const hash = requestHash({ job: jobId, ...body });
  const before = await jobEntryById(shop, entryId);
  if (before) return sameOrConflict(before, hash, 'note');
  await checkReason(shop, body);
  await addJobEntry(shop, { id: entryId, job_id: jobId, person_id: personId, made_at: now, request_hash: hash, ...body });
}
