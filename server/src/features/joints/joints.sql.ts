/** $1 shop, $2 joint. */
export const newestJobOfSql = `
select job.id from job_joint link join job on job.shop_id = link.shop_id and job.id = link.job_id
where link.shop_id = $1 and link.joint_id = $2 order by job.number desc limit 1`;

/** $1 shop, $2 joints. */
export const chosenFillersSql = `
select distinct on (joint_id) joint_id, chosen from joint_plan
where shop_id = $1 and joint_id = any($2::uuid[]) order by joint_id, place desc`;

/** $1 shop, $2 joints. Of an entry's content only a look's result is read. */
export const entryFactsSql = `
select joint_id, kind, case when kind in ('looked at', 'looked-at') then content::jsonb -> 'values' ->> 'result' end as result
from record_entry where shop_id = $1 and joint_id = any($2::uuid[]) order by joint_id, sequence`;

/** $1 shop, $2 joints. */
export const lastFlamesSql = `
select joint_id, max(left(content::jsonb->>'deviceTime', 10)) as day
from record_entry where shop_id = $1 and joint_id = any($2::uuid[]) and kind in ('brazed', 'reworked') group by joint_id`;

/** $1 shop, $2 moment or null. Times are ISO 8601 in UTC, which sort as text. */
export const litSinceSql = `
select distinct joint_id from record_entry
where shop_id = $1 and kind in ('brazed', 'reworked') and ($2::text is null or content::jsonb->>'deviceTime' > $2)`;
