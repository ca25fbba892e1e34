import { STANDS } from '../ledger';

/** What a place was found to be, by the last that was said of it. */
const RESULT = `coalesce((select anew.result from ledger anew where anew.shop_id = entry.shop_id and anew.chain = 'job' and anew.about = entry.id
  and anew.kind = 'corrected' and anew.result is not null order by anew.sequence desc limit 1), entry.result)`;
const LEAKS = `entry.chain = 'job' and entry.kind = 'checked-place' and ${RESULT} = 'leak' and ${STANDS}`;
const DAY = `to_char(entry.at at time zone 'UTC', 'YYYY-MM-DD')`;

/** $2: of this circuit, or of a machine of the same model. */
const SAME_OR_SISTER = `(job.circuit_id = $2 or unit.details->>'model' = (
    select own.details->>'model' from unit own join circuit c on c.shop_id = own.shop_id and c.unit_id = own.id
    where c.shop_id = $1 and c.id = $2))`;

/** Leaks found in other jobs than this one on the same circuit, or on one of a machine of the same model, newest first. */
export const leaksBeforeSql = `
select entry.place, ${DAY} as day, case when job.circuit_id = $2 then null else unit.tag end as unit
from ledger entry join job on job.shop_id = entry.shop_id and job.id = entry.job_id
join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id
where entry.shop_id = $1 and job.id <> $3 and ${SAME_OR_SISTER} and ${LEAKS}
order by entry.at desc limit 50`;

/** Jobs that left a note for the next person, newest first: read whole, so a few are enough. */
export const jobsWithNotesSql = `
select job.id as "jobId", job.number, case when job.circuit_id = $2 then null else unit.tag end as unit
from ledger entry join job on job.shop_id = entry.shop_id and job.id = entry.job_id
join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id
where entry.shop_id = $1 and job.id <> $3 and ${SAME_OR_SISTER}
  and entry.chain = 'job' and entry.kind = 'next-person-note' and ${STANDS}
group by job.id, job.number, job.circuit_id, unit.tag order by max(entry.at) desc limit 4`;

/** Joints that were made on the circuit before, by the part they are at. */
export const jointsBeforeSql = `
select at->>'part' as place, tag from joint
where shop_id = $1 and circuit_id = $2 and at is not null
  and id not in (select joint_id from job_joint where shop_id = $1 and job_id = $3) order by tag`;

/** $1 shop, $2 circuits: leaks found in any job on them, newest first. */
export const leaksOfCircuitsSql = `
select job.circuit_id as "circuitId", entry.place, ${DAY} as "on", job.id as "jobId", job.number as "jobNumber",
  coalesce(content::jsonb #>> '{said,told,gramsPerYear}', content::jsonb #>> '{values,gramsPerYear}')::float8 as "gramsPerYear"
from ledger entry join job on job.shop_id = entry.shop_id and job.id = entry.job_id
where entry.shop_id = $1 and job.circuit_id = any($2::uuid[]) and ${LEAKS}
order by entry.at desc limit 200`;
