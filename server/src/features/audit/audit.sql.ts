import { AUDITED_IN_ANY_CHAIN } from './audit.repository';

const KINDS = AUDITED_IN_ANY_CHAIN.map((kind) => `'${kind}'`).join(', ');
const told = (key: string) => `entry.content::jsonb #>> '{said,told,${key}}'`;

/** Of a refused try: the moment is its minute, the id its person's, as far as two of one minute have to be told apart. */
const LINES = `
select id, at, what, person_id, whom, null::text as role, null::integer as job, null::text as joint, about, device, null::text as address, 1 as times
from audit where shop_id = $1
union all
select entry.id, entry.at, entry.kind, entry.person_id, (${told('person')})::uuid, ${told('role')}, job.number, joint.tag, null, null, null, 1
from ledger entry
left join job on entry.chain = 'job' and job.shop_id = entry.shop_id and job.id = entry.chain_id
left join joint on entry.chain = 'joint' and joint.shop_id = entry.shop_id and joint.id = entry.chain_id
where entry.shop_id = $1 and (entry.chain = 'shop' or entry.kind in (${KINDS}))
union all
select md5(person_id::text || address)::uuid, minute, 'sign-in-refused', null, person_id, null, null, null, null, null, address, tries
from refused_try where shop_id = $1`;

/** $1 shop, $2 and $3 the line that was shown last or null, $4 how many. */
export const pageSql = `
select id, at, what, person_id as "personId", whom, role, job, joint, about, device, address, times from (${LINES}) line
where $2::timestamptz is null or (at, id) < ($2::timestamptz, $3::uuid)
order by at desc, id desc limit $4`;

/** $1 shop, $2 person, $3 address, $4 minute. */
export const refusedSql = `
insert into refused_try (shop_id, person_id, address, minute, tries) values ($1, $2, $3, $4, 1)
on conflict (shop_id, person_id, address, minute) do update set tries = refused_try.tries + 1`;
