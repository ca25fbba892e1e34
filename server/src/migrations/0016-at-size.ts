import type { MigrationInterface, QueryRunner } from 'typeorm';
import { wordsOf } from './frozen/words';
import { rowLevelSecurity } from './rowLevelSecurity';

/**
 * What lists and search ask of a shop with a million joints: words that lead to things, in an order that is nobody's locale; the last tag of
 * a machine; when a joint was added; and an index under every foreign key that is followed.
 */
const TABLES = `
create table search_word (
  shop_id uuid not null, thing text not null check (thing in ('unit', 'job', 'joint')), word text collate "C" not null, turn bigint not null, id uuid not null,
  primary key (shop_id, thing, word, turn, id));
create index search_word_of_thing on search_word (shop_id, id, thing, word);
alter table unit add last_joint integer not null default 0;
alter table joint add added_at timestamptz not null default now();
alter table unit add model text generated always as (details ->> 'model') stored;
create index unit_of_model on unit (shop_id, model, place) where model is not null;
create index unit_of_site on unit (shop_id, site_id);
create index unit_in_place on unit (shop_id, place, id);
create index circuit_of_unit on circuit (shop_id, unit_id);
create index joint_of_circuit on joint (shop_id, circuit_id);
create index job_of_circuit on job (shop_id, circuit_id, number desc);
create index job_open on job (shop_id, number desc) where not done;
create index job_done on job (shop_id, number desc) where done;
create index job_of_joint on job_joint (shop_id, joint_id);
create index ledger_by_person on ledger (shop_id, person_id, chain);
create index ledger_flames on ledger (shop_id, at) where chain = 'joint' and kind in ('lit', 'brazed', 'reworked');
`;

/** When a joint's chain began; where it has none, now. */
const FILLED = `
update joint set added_at = began.at from (select shop_id, chain_id, min(at) as at from ledger where chain = 'joint' group by shop_id, chain_id) began
where began.shop_id = joint.shop_id and began.chain_id = joint.id;
update unit set last_joint = highest.number from (
  select circuit.shop_id, circuit.unit_id, max((regexp_match(joint.tag, '-(\\d{1,6})$'))[1]::int) as number
  from joint join circuit on circuit.shop_id = joint.shop_id and circuit.id = joint.circuit_id group by circuit.shop_id, circuit.unit_id) highest
where highest.number is not null and highest.shop_id = unit.shop_id and highest.unit_id = unit.id;
`;

const UNITS = `
select unit.shop_id, 'unit' as thing, unit.id, unit.place::bigint as turn, array[unit.tag, unit.name, site.name, unit.details ->> 'model'] as texts
from unit join site on site.shop_id = unit.shop_id and site.id = unit.site_id`;
const JOBS = `
select job.shop_id, 'job' as thing, job.id, -job.number::bigint as turn, array[job.title, job.number::text, unit.tag, unit.name, site.name]
  || coalesce((select array_agg(distinct person.name) from ledger entry join person on person.shop_id = entry.shop_id and person.id = entry.person_id
    where entry.shop_id = job.shop_id and entry.chain = 'job' and entry.chain_id = job.id), '{}') as texts
from job join circuit on circuit.shop_id = job.shop_id and circuit.id = job.circuit_id
join unit on unit.shop_id = circuit.shop_id and unit.id = circuit.unit_id join site on site.shop_id = unit.shop_id and site.id = unit.site_id`;
const JOINTS = `
select joint.shop_id, 'joint' as thing, joint.id, -floor(extract(epoch from joint.added_at))::bigint as turn, array[joint.tag, joint.title]
  || coalesce((select array_agg(distinct person.name) from ledger entry join person on person.shop_id = entry.shop_id and person.id = entry.person_id
    where entry.shop_id = joint.shop_id and entry.chain = 'joint' and entry.chain_id = joint.id and entry.kind in ('brazed', 'reworked')), '{}') as texts
from joint`;

interface Found {
  readonly shop_id: string;
  readonly thing: string;
  readonly id: string;
  readonly turn: string;
  readonly texts: readonly (string | null)[];
}

const AT_ONCE = 2000;
const KEEP = `
insert into search_word (shop_id, thing, word, turn, id)
select * from unnest($1::uuid[], $2::text[], $3::text[], $4::bigint[], $5::uuid[]) on conflict do nothing`;

/** Words of all there is, a few thousand things at a time. */
async function keepWords(runner: QueryRunner, sql: string): Promise<void> {
  await runner.query(`declare things no scroll cursor for ${sql}`);
  for (;;) {
    const things = (await runner.query(`fetch ${AT_ONCE} from things`)) as Found[];
    if (things.length === 0) break;
    const rows = things.flatMap(({ shop_id, thing, id, turn, texts }) =>
      wordsOf(texts).map((word) => [shop_id, thing, word, turn, id] as const),
    );
    await runner.query(
      KEEP,
      [0, 1, 2, 3, 4].map((column) => rows.map((row) => row[column])),
    );
  }
  await runner.query('close things');
}

const READ = ['site', 'unit', 'circuit', 'job', 'joint', 'job_joint', 'ledger', 'person'];

export class AtSize1764000000016 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(TABLES);
    for (const table of READ) await runner.query(`alter table ${table} no force row level security`);
    await runner.query(FILLED);
    for (const sql of [UNITS, JOBS, JOINTS]) await keepWords(runner, sql);
    for (const table of READ) await runner.query(`alter table ${table} force row level security`);
    await runner.query(rowLevelSecurity('search_word'));
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}
