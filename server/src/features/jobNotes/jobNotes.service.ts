import type { JobSchools, JobSum, PutJobEntryRequest } from '@kesto/contract';
import { schoolName } from '@kesto/contract/wording';
import { differingSchool, withSchoolIds, type Schools } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import type { JobEntry } from '../jobs';

export interface JobNotes {
  /** The last answer counts; null where the job does as the shop does. */
  readonly schools: JobSchools | null;
  readonly sums: readonly JobSum[];
}

export async function jobNotes(shop: ShopWork, jobId: string): Promise<JobNotes> {
  const entries = await shop.jobEntries.ofJob(jobId);
  const names = await shop.people.namesOf([...new Set(entries.map((entry) => entry.personId))]);
  const signed = (entry: JobEntry) => ({ id: entry.id, by: names.get(entry.personId) ?? '', at: entry.madeAt.toISOString() });
  const last = entries.findLast((entry) => entry.kind === 'schools');
  const schools =
    last?.kind === 'schools' && Object.keys(last.values.schools).length > 0
      ? { ...last.values, schools: withSchoolIds(last.values.schools), ...signed(last) }
      : null;
  const sums = entries.flatMap((entry) => (entry.kind === 'sum' ? [{ ...entry.values, ...signed(entry) }] : []));
  return { schools, sums };
}

/** The schools a job is worked by: its own where it has them, else the shop's. */
export async function schoolsOfJob(shop: ShopWork, jobId: string | null): Promise<Schools> {
  const own = jobId ? (await jobNotes(shop, jobId)).schools?.schools : null;
  return { ...(await shop.shop.get()).schools, ...own };
}

async function checkReason(shop: ShopWork, body: PutJobEntryRequest): Promise<void> {
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
  readonly personId: string;
  readonly body: PutJobEntryRequest;
  readonly now: Date;
}

/** Notes something of a job; the same again changes nothing. */
export async function storeJobEntry(shop: ShopWork, { jobId, entryId, personId, body, now }: Asked): Promise<void> {
  if (!(await shop.jobs.lock(jobId))) throw notFound('This job');
  const hash = requestHash({ job: jobId, ...body });
  const before = await shop.jobEntries.byId(entryId);
  if (before) return sameOrConflict(before.requestHash, hash, 'note');
  await checkReason(shop, body);
  await shop.jobEntries.add({ id: entryId, jobId, personId, madeAt: now, requestHash: hash, ...body });
}
