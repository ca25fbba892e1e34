import { todaysKind, todaysValues, type StageEntryContent } from '@kesto/core';
import { In } from 'typeorm';
import { JobEntries, Jobs } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { JobEntryRepository, JobRepository, ToldJob, ToldJoint } from './jobs.repository';
import { todaysJobsSql, toldJobsSql } from './jobs.sql';

interface ToldRow extends Omit<ToldJob, 'joints' | 'entries'> {
  readonly joints: readonly (Omit<ToldJoint, 'facts'> & {
    readonly facts: readonly { readonly kind: string; readonly result: string | null }[];
  })[];
  readonly entries: readonly { readonly content: string; readonly hash: string }[];
}

const toTold = ({ joints, entries, ...places }: ToldRow): ToldJob => ({
  ...places,
  joints: joints.map((joint) => ({
    ...joint,
    facts: joint.facts.map(({ kind, result }) => ({ kind: todaysKind(kind), values: todaysValues({ result }) })),
  })),
  entries: entries.map(({ content, hash }) => ({ content: JSON.parse(content) as StageEntryContent, hash })), // cast: written by its repository alone
});

export const typeormJobs = ({ shopId, manager }: ShopTransaction): JobRepository => ({
  byId: (id) => manager.findOneBy(Jobs, { shopId, id }),
  lock: (id) => manager.findOne(Jobs, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
  ofCircuits: (circuitIds) => manager.find(Jobs, { where: { shopId, circuitId: In([...circuitIds]) }, order: { number: 'DESC' } }),
  told: async (id) => (await manager.query<ToldRow[]>(toldJobsSql, [shopId, [id]])).map(toTold)[0] ?? null,
  toldToday: async (mostDone) => (await manager.query<ToldRow[]>(todaysJobsSql, [shopId, mostDone])).map(toTold),
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
