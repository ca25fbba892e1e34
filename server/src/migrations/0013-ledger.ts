import { randomUUID } from 'node:crypto';
import type { MigrationInterface, QueryRunner } from 'typeorm';
import { canonical, committed, sealed } from './frozen/ledgerEntry';
import { rowLevelSecurity } from './rowLevelSecurity';

/** One table for every chain: a joint's, a job's, the shop's. What is hashed is `content`, to the letter; the columns beside it are what lists ask by. */
const TABLES = `
create table ledger (
  shop_id uuid not null, chain text not null check (chain in ('joint', 'job', 'shop')), chain_id uuid not null, sequence integer not null,
  id uuid not null, format integer not null, kind text not null, stage text, person_id uuid, about uuid, place text, result text,
  at timestamptz not null, content text not null, hash text not null, request_hash text not null,
  joint_id uuid generated always as (case when chain = 'joint' then chain_id end) stored,
  job_id uuid generated always as (case when chain = 'job' then chain_id end) stored,
  primary key (shop_id, chain, chain_id, sequence), unique (shop_id, chain, id),
  foreign key (shop_id, joint_id) references joint, foreign key (shop_id, job_id) references job,
  foreign key (shop_id, person_id) references person);
create index ledger_by_kind on ledger (shop_id, kind, at);
create index ledger_by_about on ledger (shop_id, chain, about) where about is not null;
create table ledger_words (
  shop_id uuid not null, chain text not null, chain_id uuid not null, commitment text not null, salt text not null, words text not null,
  primary key (shop_id, chain, chain_id, commitment));
`;

/** Added to, never changed; words are taken away only where an entry of their chain says so. */
const GUARDS = `
create function ledger_stands() returns trigger language plpgsql as $$ begin raise exception 'the ledger is only added to'; end $$;
create trigger ledger_stands before update or delete on ledger for each row execute function ledger_stands();
create trigger ledger_stands_whole before truncate on ledger execute function ledger_stands();
create trigger ledger_words_stand before update on ledger_words for each row execute function ledger_stands();
create trigger ledger_words_stand_whole before truncate on ledger_words execute function ledger_stands();
create function ledger_words_erased() returns trigger language plpgsql as $$
begin
  if not exists (select 1 from ledger where shop_id = old.shop_id and chain = old.chain and chain_id = old.chain_id
      and kind = 'erased' and position(old.commitment in content) > 0)
  then raise exception 'words are taken away only after an entry says so'; end if;
  return old;
end $$;
create trigger ledger_words_erased before delete on ledger_words for each row execute function ledger_words_erased();
`;

const WALLED = ['job', 'joint', 'job_joint', 'job_entry', 'stage_entry', 'record_entry'];

/** Chains that do not hold, by content, link and count: nothing is moved of a database that has one. */
const brokenIn = (table: string, owner: string) => `
select ${owner} as id, sequence from (
  select ${owner}, sequence, hash, content, lag(hash) over w as before, row_number() over w as place from ${table}
  window w as (partition by shop_id, ${owner} order by sequence)) link
where encode(sha256(convert_to(content, 'UTF8')), 'hex') <> hash or sequence <> place
  or (content::jsonb ->> 'previous') is distinct from before limit 1`;

/** An entry is known by its id among the chains of one sort; joints' and jobs' ids never met, and those of the demo are alike. */
const TWICE = `
select id from (select shop_id, id from stage_entry union all select shop_id, id from job_entry) every
group by shop_id, id having count(*) > 1 limit 1`;

/** The device's word, never after the server had it. */
const AT = `least((content::jsonb ->> 'deviceTime')::timestamptz, (content::jsonb ->> 'serverTime')::timestamptz)`;

const MOVE_JOINTS = `
insert into ledger (shop_id, chain, chain_id, sequence, id, format, kind, person_id, about, result, at, content, hash, request_hash)
select shop_id, 'joint', joint_id, sequence, id, (content::jsonb ->> 'format')::int, replace(kind, ' ', '-'), person_id,
  (content::jsonb #>> '{corrects,entry}')::uuid,
  case when kind in ('looked at', 'looked-at') then replace(content::jsonb #>> '{values,result}', ' ', '-') end, ${AT}, content, hash, request_hash
from record_entry`;

const MOVE_JOBS = `
insert into ledger (shop_id, chain, chain_id, sequence, id, format, kind, stage, person_id, place, result, at, content, hash, request_hash)
select shop_id, 'job', job_id, sequence, id, 1, kind, stage, person_id, content::jsonb #>> '{values,place}', content::jsonb #>> '{values,result}',
  ${AT}, content, hash, request_hash
from stage_entry`;

const NOTES = `select shop_id, job_id, id, person_id, kind, values, made_at, request_hash from job_entry order by shop_id, job_id, place`;
const JOINTS = `
select link.shop_id, link.job_id, joint.id, joint.tag from job_joint link
join joint on joint.shop_id = link.shop_id and joint.id = link.joint_id order by link.shop_id, link.job_id, link.place`;
const HEADS = `
select distinct on (shop_id, chain_id) shop_id, chain_id as job_id, sequence, hash from ledger where chain = 'job'
order by shop_id, chain_id, sequence desc`;

interface OfJob {
  readonly shop_id: string;
  readonly job_id: string;
}
interface Note extends OfJob {
  readonly id: string;
  readonly person_id: string;
  readonly kind: string;
  readonly values: never;
  readonly made_at: Date;
  readonly request_hash: string;
}
type Head = { readonly sequence: number; readonly hash: string };

const INSERT = `
insert into ledger (shop_id, chain, chain_id, sequence, id, format, kind, at, content, hash, request_hash)
values ($1, 'job', $2, $3, $4, 3, $5, $6, $7, $8, $9)`;
const WORDS = `insert into ledger_words (shop_id, chain, chain_id, commitment, salt, words) values ($1, 'job', $2, $3, $4, $5)`;

/** Adds Kesto's own entries at the ends of jobs' chains. */
class Appender {
  private readonly heads = new Map<string, Head>();
  constructor(
    private readonly runner: QueryRunner,
    private readonly server: string,
  ) {}

  async begin(): Promise<void> {
    const heads = (await this.runner.query(HEADS)) as (OfJob & Head)[];
    for (const { shop_id, job_id, ...head } of heads) this.heads.set(`${shop_id} ${job_id}`, head);
  }

  async add({ shop_id, job_id }: OfJob, entry: { id: string; kind: 'carried-over' | 'joint-added'; told: never; requestHash: string }) {
    const key = `${shop_id} ${job_id}`;
    const head = this.heads.get(key);
    const [sequence, previous] = [(head?.sequence ?? 0) + 1, head?.hash ?? null];
    const { id, kind, told, requestHash } = entry;
    const { content, hash } = sealed({ shop: shop_id, job: job_id, id, sequence, previous, kind, told, server: this.server });
    await this.runner.query(INSERT, [shop_id, job_id, sequence, id, kind, this.server, content, hash, requestHash]);
    this.heads.set(key, { sequence, hash });
  }
}

/** Every joint's and job's chain into one table, to the letter; notes of jobs and which joints they have go to the ends of the jobs' chains. */
export class Ledger1764000000013 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    const began = Date.now();
    await runner.query(TABLES);
    for (const table of WALLED) await runner.query(`alter table ${table} no force row level security`);
    await refuseWhatDoesNotHold(runner);
    await runner.query(MOVE_JOINTS);
    await runner.query(MOVE_JOBS);
    const moved = await appendNotes(runner);
    for (const table of ['job_entry', 'stage_entry', 'record_entry']) await runner.query(`drop table ${table}`);
    for (const table of ['job', 'joint', 'job_joint']) await runner.query(`alter table ${table} force row level security`);
    await runner.query(GUARDS);
    for (const table of ['ledger', 'ledger_words']) await runner.query(rowLevelSecurity(table));
    if (moved > 0) process.stdout.write(`ledger: ${moved} entries went over in ${((Date.now() - began) / 1000).toFixed(1)} s\n`);
  }

  async down(): Promise<void> {
    throw new Error('migrations only go forward');
  }
}

async function refuseWhatDoesNotHold(runner: QueryRunner): Promise<void> {
  for (const [table, owner] of [
    ['record_entry', 'joint_id'],
    ['stage_entry', 'job_id'],
  ] as const) {
    const [broken] = (await runner.query(brokenIn(table, owner))) as { id: string; sequence: number }[];
    if (broken)
      throw new Error(
        `The chain of ${owner.replace('_id', '')} ${broken.id} does not hold at entry ${broken.sequence}: nothing was moved.`,
      );
  }
  const [twice] = (await runner.query(TWICE)) as { id: string }[];
  if (twice) throw new Error(`The id ${twice.id} stands twice among the entries and notes of jobs: nothing was moved.`);
}

async function appendNotes(runner: QueryRunner): Promise<number> {
  const chains = new Appender(runner, new Date().toISOString());
  await chains.begin();
  for (const note of (await runner.query(NOTES)) as Note[]) {
    const words = committed(canonical(note.values));
    const told = {
      kind: note.kind,
      writer: note.person_id,
      madeAt: note.made_at.toISOString(),
      values: { words: words.commitment },
    } as never; // cast: JSON
    await chains.add(note, { id: note.id, kind: 'carried-over', told, requestHash: note.request_hash });
    await runner.query(WORDS, [note.shop_id, note.job_id, words.commitment, words.salt, words.words]);
  }
  for (const joint of (await runner.query(JOINTS)) as (OfJob & { id: string; tag: string })[]) {
    const told = { joint: joint.id, tag: joint.tag } as never; // cast: JSON
    await chains.add(joint, { id: randomUUID(), kind: 'joint-added', told, requestHash: '' });
  }
  const [count] = (await runner.query('select count(*)::int as n from ledger')) as { n: number }[];
  return count?.n ?? 0;
}
