import type { Beside, EntryKind, JobLink } from '@kesto/core';
import { In } from 'typeorm';
import { Jobs } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import { toLink, type LedgerRepository, type StoredLink } from '../ledger';
import { keepWords } from '../../platform/db/keepWords';
import { withoutRemoved, type JobRepository, type ToldJob, type ToldJoint } from './jobs.repository';
import { todaysJobsSql, toldJobSql } from './jobs.sql';

interface ToldRow extends Omit<ToldJob, 'joints' | 'entries' | 'lastFlame'> {
  readonly joints: readonly (Omit<ToldJoint, 'facts'> & {
    readonly facts: readonly { readonly kind: EntryKind; readonly result: string | null }[];
  })[];
  readonly entries: readonly StoredLink[];
  readonly words: Beside;
  readonly lastFlame: Date | null;
}

const toTold = ({ joints, entries, words, lastFlame, job, circuit, unit, site }: ToldRow): ToldJob => ({
  ...{ job, circuit, unit, site },
  joints: joints.map((joint) => ({ ...joint, facts: joint.facts.map(({ kind, result }) => ({ kind, values: { result } })) })),
  entries: entries.map((entry) => toLink(entry, words) as JobLink), // cast: a job's chain holds its own links
  lastFlame: lastFlame?.toISOString() ?? null,
});

export const typeormJobs = (transaction: ShopTransaction, ledger: LedgerRepository): JobRepository => {
  const { shopId, manager } = transaction;
  return {
    byId: (id) => manager.findOneBy(Jobs, { shopId, id }),
    lock: (id) => manager.findOne(Jobs, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
    hold: (id) => manager.findOne(Jobs, { where: { shopId, id }, lock: { mode: 'pessimistic_read' } }),
    ofCircuits: (circuitIds) => manager.find(Jobs, { where: { shopId, circuitId: In([...circuitIds]) }, order: { number: 'DESC' } }),
    async told(id) {
      const [row] = await manager.query<ToldRow[]>(toldJobSql, [shopId, id]);
      return row ? withoutRemoved({ ...toTold(row), entries: await ledger.of({ of: 'job', id }) }) : null;
    },
    toldToday: async (mostDone) => (await manager.query<ToldRow[]>(todaysJobsSql, [shopId, mostDone])).map(toTold).map(withoutRemoved),
    nextNumber: async () => 1 + ((await manager.maximum(Jobs, 'number', { shopId })) ?? 0),
    async add(job) {
      await manager.insert(Jobs, { ...job, shopId });
      await keepWords(transaction).job(job.id, job.circuitId, [job.title, String(job.number)]);
    },
    async close(id, done) {
      await manager.update(Jobs, { shopId, id }, { done });
    },
    async changeCircuit(id, circuitId) {
      await manager.update(Jobs, { shopId, id }, { circuitId });
      await keepWords(transaction).job(id, circuitId, []);
    },
  };
};
