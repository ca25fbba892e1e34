import { In } from 'typeorm';
import { JobEntries, Jobs } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { JobEntryRepository, JobRepository } from './jobs.repository';

export const typeormJobs = ({ shopId, manager }: ShopTransaction): JobRepository => ({
  byId: (id) => manager.findOneBy(Jobs, { shopId, id }),
  lock: (id) => manager.findOne(Jobs, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
  ofCircuits: (circuitIds) => manager.find(Jobs, { where: { shopId, circuitId: In([...circuitIds]) }, order: { number: 'DESC' } }),
  open: () => manager.find(Jobs, { where: { shopId, done: false }, order: { number: 'DESC' } }),
  lastDone: (most) => manager.find(Jobs, { where: { shopId, done: true }, order: { number: 'DESC' }, take: most }),
  nextNumber: async () => 1 + ((await manager.maximum(Jobs, 'number', { shopId })) ?? 0),
  async add(job) {
    await manager.insert(Jobs, { ...job, shopId });
  },
});

export const typeormJobEntries = ({ shopId, manager }: ShopTransaction): JobEntryRepository => ({
  byId: (id) => manager.findOneBy(JobEntries, { shopId, id }),
  ofJob: (jobId) => manager.find(JobEntries, { where: { shopId, jobId }, order: { place: 'ASC' } }),
  async add(entry) {
    const place = 1 + (await manager.countBy(JobEntries, { shopId, jobId: entry.jobId }));
    await manager.insert(JobEntries, { ...entry, place, shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
  },
});
