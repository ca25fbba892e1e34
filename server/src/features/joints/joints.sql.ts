import { STANDS } from '../ledger';

/** $1 shop, $2 joint. */
export const newestJobOfSql = `
select job.id from job_joint link join job on job.shop_id = link.shop_id and job.id = link.job_id
where link.shop_id = $1 and link.joint_id = $2 order by job.number desc limit 1`;

/** $1 shop, $2 tag of a unit: no joint is read for it. */
export const nextTagSql = `select last_joint + 1 as next from unit where shop_id = $1 and tag = $2`;

/** $1 shop, $2 circuit, $3 tag: what it counts up to is never given again. */
export const tagTakenSql = `
update unit set last_joint = greatest(last_joint, (regexp_match($3, '-(\\d{1,6})$'))[1]::int)
from circuit where circuit.shop_id = $1 and circuit.id = $2 and unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id`;

/** $1 shop, $2 joints. */
export const chosenFillersSql = `
select distinct on (joint_id) joint_id, chosen from joint_plan
where shop_id = $1 and joint_id = any($2::uuid[]) order by joint_id, place desc`;

/** $1 shop, $2 joints. */
export const entryFactsSql = `
select joint_id, kind, result from ledger entry
where shop_id = $1 and chain = 'joint' and chain_id = any($2::uuid[]) and ${STANDS} order by joint_id, sequence`;

/** $1 shop, $2 joints. */
export const lastFlamesSql = `
select joint_id, to_char(max(at) at time zone 'UTC', 'YYYY-MM-DD') as day from ledger entry
where shop_id = $1 and chain = 'joint' and chain_id = any($2::uuid[]) and kind in ('lit', 'brazed', 'reworked') and ${STANDS} group by joint_id`;

/** $1 shop, $2 moment or null: what was brazed since, and what was said of those entries later. */
export const brazedSinceSql = `
with recursive said as (
  select shop_id, chain, chain_id, id, sequence, content, hash from ledger entry
  where shop_id = $1 and chain = 'joint' and kind in ('brazed', 'reworked') and ($2::timestamptz is null or at > $2)
  union all
  select later.shop_id, later.chain, later.chain_id, later.id, later.sequence, later.content, later.hash
  from said join ledger later on later.shop_id = said.shop_id and later.chain = said.chain and later.about = said.id)
select chain_id as "jointId", content, hash from said order by chain_id, sequence`;

/** $1 shop, $2 circuits: joints that their job's chain says do not belong to it after all. */
export const removedJointsSql = `
select joint.id from joint
join job_joint link on link.shop_id = joint.shop_id and link.joint_id = joint.id
join ledger entry on entry.shop_id = link.shop_id and entry.chain = 'job' and entry.chain_id = link.job_id and entry.kind = 'joint-removed'
where joint.shop_id = $1 and joint.circuit_id = any($2::uuid[]) and entry.content::jsonb #>> '{said,told,joint}' = joint.id::text`;
