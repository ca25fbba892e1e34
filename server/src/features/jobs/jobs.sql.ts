import { STANDS } from '../ledger';

/** Which jobs are told, found before anything of them is read: the one that is named, or all that are open and the newest of those that are done. */
const NAMED = `select * from job where shop_id = $1 and id = $2::uuid`;
const TODAYS = `
select * from job where shop_id = $1 and not done
union all (select * from job where shop_id = $1 and done order by number desc limit $2)`;

const FACTS = `
select coalesce(json_agg(json_build_object('kind', entry.kind, 'result', entry.result) order by entry.sequence), '[]')
from ledger entry where entry.shop_id = joint.shop_id and entry.chain = 'joint' and entry.chain_id = joint.id and ${STANDS}`;

const NEAR = `
select coalesce(json_agg(distinct part ->> 'kind'), '[]') from jsonb_array_elements(coalesce(plan.request -> 'near', '[]')) part`;

const JOINTS = `
select coalesce(json_agg(json_build_object('id', joint.id, 'tag', joint.tag, 'title', joint.title, 'calledAs', joint.called_as, 'at', joint.at,
    'filler', plan.chosen, 'near', (${NEAR}), 'facts', (${FACTS})) order by link.place), '[]')
from job_joint link join joint on joint.shop_id = link.shop_id and joint.id = link.joint_id
left join lateral (select chosen, request from joint_plan where shop_id = joint.shop_id and joint_id = joint.id
    order by place desc limit 1) plan on true
where link.shop_id = job.shop_id and link.job_id = job.id`;

const ENTRIES = `
select coalesce(json_agg(json_build_object('content', entry.content, 'hash', entry.hash) order by entry.sequence), '[]')
from ledger entry where entry.shop_id = job.shop_id and entry.chain = 'job' and entry.chain_id = job.id`;

const WORDS = `
select coalesce(json_object_agg(beside.commitment, json_build_object('salt', beside.salt, 'words', beside.words)), '{}')
from ledger_words beside where beside.shop_id = job.shop_id and beside.chain = 'job' and beside.chain_id = job.id`;

const LAST_FLAME = `
select max(entry.at) from job_joint link join ledger entry on entry.shop_id = link.shop_id and entry.chain = 'joint' and entry.chain_id = link.joint_id
where link.shop_id = job.shop_id and link.job_id = job.id and entry.kind in ('lit', 'brazed', 'reworked') and ${STANDS}`;

/** One row a job, with where it is, its joints as far as they stand, and its stages' entries. */
const told = (which: string, kept: { entries: string; words: string }) => `
with job as materialized (${which})
select
  json_build_object('id', job.id, 'circuitId', job.circuit_id, 'number', job.number, 'title', job.title, 'stage', job.stage,
    'began', job.began, 'done', job.done, 'requestHash', job.request_hash) as job,
  json_build_object('id', circuit.id, 'unitId', circuit.unit_id, 'details', circuit.details) as circuit,
  json_build_object('id', unit.id, 'siteId', unit.site_id, 'tag', unit.tag, 'name', unit.name, 'kind', unit.kind, 'place', unit.place,
    'details', unit.details) as unit,
  json_build_object('id', site.id, 'name', site.name, 'altitudeM', site.altitude_m) as site,
  (${JOINTS}) as joints,
  ${kept.entries} as entries,
  ${kept.words} as words,
  (${LAST_FLAME}) as "lastFlame"
from job
join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id
join site on site.shop_id = unit.shop_id and site.id = unit.site_id
order by job.done, job.number desc`;

const NOTHING = { entries: `'[]'::json`, words: `'{}'::json` };

/** $1 shop, $2 job. Its chain is read apart, since most of it was read before. */
export const toldJobSql = told(NAMED, NOTHING);

/** $1 shop, $2 how many of the jobs that are done: of those the history stays where it is. */
export const todaysJobsSql = told(TODAYS, {
  entries: `case when job.done then '[]'::json else (${ENTRIES}) end`,
  words: `case when job.done then '{}'::json else (${WORDS}) end`,
});
