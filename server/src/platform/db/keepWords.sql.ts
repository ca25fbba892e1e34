/** $1 shop, $2 kind of thing, $3 its id, $4 its turn, $5 words. */
export const keepWordsSql = `
insert into search_word (shop_id, thing, word, turn, id) select $1, $2, word, $4, $3 from unnest($5::text[]) word on conflict do nothing`;

/** $1 shop, $2 kind of thing, $3 its id. */
export const dropWordsSql = `delete from search_word where shop_id = $1 and thing = $2 and id = $3`;

/** $1 shop, $2 what for: words that lead to jobs lead there from now on; $3 jobs. */
export const keepJobsWordsSql = `
insert into search_word (shop_id, thing, word, turn, id)
select $1, 'job', word, -job.number, job.id from job, unnest($2::text[]) word where job.shop_id = $1 and job.id = any($3::uuid[]) on conflict do nothing`;

/** $1 shop, $2 joints, $3 words. */
export const keepJointsWordsSql = `
insert into search_word (shop_id, thing, word, turn, id)
select $1, 'joint', word, -floor(extract(epoch from joint.added_at))::bigint, joint.id from joint, unnest($3::text[]) word
where joint.shop_id = $1 and joint.id = any($2::uuid[]) on conflict do nothing`;

/** $1 shop, $2 units. */
export const jobsOfUnitsSql = `
select job.id from job join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
where job.shop_id = $1 and circuit.unit_id = any($2::uuid[])`;

/** $1 shop, $2 circuit. */
export const placeOfCircuitSql = `
select unit.tag, unit.name, site.name as site from circuit join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id
join site on site.shop_id = unit.shop_id and site.id = unit.site_id where circuit.shop_id = $1 and circuit.id = $2`;

/** $1 shop, $2 person: what they wrote in, and what they brazed. */
export const writtenBySql = `
select distinct chain, chain_id as id from ledger
where shop_id = $1 and person_id = $2 and (chain = 'job' or (chain = 'joint' and kind in ('brazed', 'reworked')))`;
