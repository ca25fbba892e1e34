import { JobEntries, Jobs, type JobEntryRow, type JobRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

/** Holds the job until the transaction ends: what counts up within it cannot be counted twice. */
export const lockJob = ({ shopId, manager }: ShopWork, id: string): Promise<JobRow | null> =>
  manager.findOne(Jobs, { where: { shop_id: shopId, id }, lock: { mode: 'pessimistic_write' } });

export const jobEntryById = ({ shopId, manager }: ShopWork, id: string): Promise<JobEntryRow | null> =>
  manager.findOneBy(JobEntries, { shop_id: shopId, id });

export const entriesOfJob = ({ shopId, manager }: ShopWork, jobId: string): Promise<JobEntryRow[]> =>
  manager.find(JobEntries, { where: { shop_id: shopId, job_id: jobId }, order: { place: 'ASC' } });

export async function addJobEntry({ shopId, manager }: ShopWork, entry: Omit<JobEntryRow, 'shop_id' | 'place'>): Promise<void> {
  const place = 1 + (await manager.countBy(JobEntries, { shop_id: shopId, job_id: entry.job_id }));
  await manager.insert(JobEntries, { ...entry, place, shop_id: shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
}
