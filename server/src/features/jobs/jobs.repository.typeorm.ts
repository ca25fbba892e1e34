import type { Beside, EntryKind, JobLink } from '@kesto/core';
import { In } from 'typeorm';
import { Jobs } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import { toLink, type StoredLink } from '../ledger';
import type { JobRepository, ToldJob, ToldJoint } from './jobs.repository';
import { todaysJobsSql, toldJobsSql } from './jobs.sql';

interface ToldRow extends Omit<ToldJob, 'joints' | 'entries' | 'lastFlame'> {
  readonly joints: readonly (Omit<ToldJoint, 'facts'> & {
    readonly facts: readonly { readonly kind: EntryKind; readonly result: string | null }[];
  })[];
  readonly entries: readonly StoredLink[];
  readonly words: Beside;
  readonly lastFlame: Date | null;
}

const toTold = ({ joints, entries, words, lastFlame, ...places }: ToldRow): ToldJob => ({
  ...places,
  joints: joints.map((joint) => ({ ...joint, facts: joint.facts.map(({ kind, result }) => ({ kind, values: { result } })) })),
  entries: entries.map((entry) => toLink(entry, words) as JobLink), // cast: a job's chain holds its own links
  lastFlame: lastFlame?.toISOString() ?? null,
});

export const typeormJobs = ({ shopId, manager }: ShopTransaction): JobRepository => ({
  byId: (id) => manager.findOneBy(Jobs, { shopId, id }),
  lock: (id) => manager.findOne(Jobs, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
  hold: (id) => manager.findOne(Jobs, { where: { shopId, id }, lock: { mode: 'pessimistic_read' } }),
  ofCircuits: (circuitIds) => manager.find(Jobs, { where: { shopId, circuitId: In([...circuitIds]) }, order: { number: 'DESC' } }),
  told: async (id) => (await manager.query<ToldRow[]>(toldJobsSql, [shopId, [id]])).map(toTold)[0] ?? null,
  toldToday: async (mostDone) => (await manager.query<ToldRow[]>(todaysJobsSql, [shopId, mostDone])).map(toTold),
  nextNumber: async () => 1 + ((await manager.maximum(Jobs, 'number', { shopId })) ?? 0),
  async add(job) {
    await manager.insert(Jobs, { ...job, shopId });
  },
});
