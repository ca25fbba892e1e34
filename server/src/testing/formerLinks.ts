import type { RecordEntry, StageEntry } from '@kesto/core';
import { canonicalText } from '@kesto/core';
import { asOwner } from './database';

const INSERT = `
insert into ledger (shop_id, chain, chain_id, sequence, id, format, kind, stage, person_id, place, result, at, content, hash, request_hash)
values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, '')`;

/** A chain as a program of before format 3 left it, in today's table. */
export const storeFormer = (ownerUrl: string, shop: string, links: readonly (RecordEntry | StageEntry)[]): Promise<void> =>
  asOwner(ownerUrl, async (query) => {
    for (const { content, hash } of links) {
      const [of, owner] = 'joint' in content ? ['joint', content.joint.id] : ['job', content.job.id];
      const { sequence, id, format, kind, person, values, deviceTime } = content;
      const stage = 'stage' in content ? content.stage : null;
      const columns = [values['place'] ?? null, String(values['result'] ?? '').replace(' ', '-') || null, deviceTime];
      await query(INSERT, [
        shop,
        of,
        owner,
        sequence,
        id,
        format,
        kind.replace(' ', '-'),
        stage,
        person.id,
        ...columns,
        canonicalText(content),
        hash,
      ]);
    }
  });
