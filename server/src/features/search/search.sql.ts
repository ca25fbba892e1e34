/** $1 shop, $2 pattern. Machines by tag, name, model or site. */
export const unitsSql = `
select unit.id, unit.tag, unit.name, unit.kind, site.name as site
from unit join site on site.shop_id = unit.shop_id and site.id = unit.site_id
where unit.shop_id = $1 and (unit.tag ilike $2 or unit.name ilike $2 or site.name ilike $2 or unit.details->>'model' ilike $2)
order by unit.place limit 8`;

/** $1 shop, $2 pattern. Jobs by number, title, machine, site, or whoever noted something in them. */
export const jobsSql = `
select job.id, job.number, job.title, unit.tag, job.done
from job join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id
join site on site.shop_id = unit.shop_id and site.id = unit.site_id
where job.shop_id = $1 and (job.title ilike $2 or job.number::text ilike $2 or unit.tag ilike $2 or unit.name ilike $2 or site.name ilike $2
  or exists (select 1 from ledger entry join person on person.shop_id = entry.shop_id and person.id = entry.person_id
    where entry.shop_id = job.shop_id and entry.chain = 'job' and entry.chain_id = job.id and person.name ilike $2))
order by job.number desc limit 8`;

/** $1 shop, $2 pattern. Joints by tag, where they are, or whoever brazed them last. */
export const jointsSql = `
select joint.id, joint.tag, joint.title, maker.name as by
from joint left join lateral (
  select person.name from ledger entry join person on person.shop_id = entry.shop_id and person.id = entry.person_id
  where entry.shop_id = joint.shop_id and entry.chain = 'joint' and entry.chain_id = joint.id and entry.kind in ('brazed', 'reworked')
  order by entry.sequence desc limit 1) maker on true
where joint.shop_id = $1 and (joint.tag ilike $2 or joint.title ilike $2 or maker.name ilike $2)
order by joint.tag desc limit 8`;
