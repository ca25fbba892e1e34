/** $1 shop, $2 joints. */
export const plannedJointsSql = `select distinct joint_id from joint_plan where shop_id = $1 and joint_id = any($2::uuid[])`;

/** $1 shop, $2 joints. Of an entry's content only a look's result is read. */
export const entryFactsSql = `
select joint_id, kind, case when kind in ('looked at', 'looked-at') then content::jsonb -> 'values' ->> 'result' end as result
from record_entry where shop_id = $1 and joint_id = any($2::uuid[]) order by joint_id, sequence`;
