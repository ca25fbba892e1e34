import {
  canonicalText,
  METRIC_PREFERENCES,
  sealEntry,
  sealStageEntry,
  type RecordEntry,
  type SealedContent,
  type StageEntry,
} from '@kesto/core';
import { DataSource } from 'typeorm';
import { MIGRATIONS } from '../migrations';

/** Ids of the same kind that can be told apart and made again. */
export const formerId = (kind: number, i: number) =>
  `0193b000-0000-7000-8${String(kind).padStart(3, '0')}-${i.toString(16).padStart(12, '0')}`;
export const FORMER_SHOP = formerId(1, 1);
const PERSON = { id: formerId(2, 1), name: 'Ilta Varro' };
const AT = '2026-10-01T08:00:00.000Z';
const LEDGER_MIGRATION = 12;

type Query = (sql: string, values?: unknown[]) => Promise<unknown>;

const joined = (tag: string, count: number, format: (i: number) => 1 | 2): readonly RecordEntry[] => {
  const chain: RecordEntry[] = [];
  for (let i = 0; i < count; i++) {
    const looked =
      format(i) === 1 ? ['looked at', { result: 'cut out', findings: ['ring not closed'], note: '' }] : ['soaped', { note: '' }];
    const [kind, values] = i === 0 ? ['planned', {}] : i === 1 ? ['brazed', { filler: 'BAg-36', rodMm: 40 }] : looked;
    const joint = { id: formerId(6, Number(tag.slice(4))), tag };
    const place = { sequence: i + 1, previous: chain.at(-1)?.hash ?? null, id: formerId(20 + Number(tag.slice(4)), i + 1) };
    const content = {
      ...place,
      format: format(i),
      joint,
      kind,
      person: PERSON,
      deviceTime: AT,
      serverTime: AT,
      values,
      photos: [],
      corrects: null,
    };
    chain.push(sealEntry(content as SealedContent)); // cast: what a program of those days wrote
  }
  return chain;
};

const staged = (job: number, count: number): readonly StageEntry[] => {
  const chain: StageEntry[] = [];
  for (let i = 0; i < count; i++) {
    chain.push(
      sealStageEntry({
        ...{ format: 1, id: formerId(100 + job, i + 1), job: { id: formerId(5, job), number: job }, sequence: i + 1, stage: 'find' },
        ...{ kind: 'checked-place', person: PERSON, deviceTime: AT, serverTime: AT, photos: [], previous: chain.at(-1)?.hash ?? null },
        values: { place: 'drier', method: 'soap', result: i % 2 === 0 ? 'leak' : 'nothing' },
      }),
    );
  }
  return chain;
};

async function addBase(query: Query, jobs: number, joints: number): Promise<void> {
  const [site, unit, circuit] = [formerId(3, 1), formerId(3, 2), formerId(3, 3)];
  await query(`insert into shop (shop_id, name, van, schools) values ($1, 'Orangery', '{}', '{}')`, [FORMER_SHOP]);
  await query(
    `insert into person (shop_id, id, login, name, role, password_hash, units, approvals) values ($1, $2, 'ilta', $3, 'lead', 'x', $4, '[]')`,
    [FORMER_SHOP, PERSON.id, PERSON.name, JSON.stringify(METRIC_PREFERENCES)],
  );
  await query(`insert into site (shop_id, id, name, altitude_m) values ($1, $2, 'x', 0)`, [FORMER_SHOP, site]);
  await query(`insert into unit (shop_id, id, site_id, tag, name, kind, place) values ($1, $2, $3, 'CR2', 'x', 'cold-room', 0)`, [
    FORMER_SHOP,
    unit,
    site,
  ]);
  await query(`insert into circuit (shop_id, id, unit_id, details) values ($1, $2, $3, '{}')`, [FORMER_SHOP, circuit, unit]);
  for (let i = 1; i <= jobs; i++) {
    const sql = `insert into job (shop_id, id, circuit_id, number, title, stage, began, done, request_hash) values ($1, $2, $3, $4, 'x', 'find', 'find', false, '')`;
    await query(sql, [FORMER_SHOP, formerId(5, i), circuit, i]);
  }
  for (let i = 1; i <= joints; i++) {
    await query(`insert into joint (shop_id, id, circuit_id, tag, title, request_hash) values ($1, $2, $3, $4, 'x', '')`, [
      FORMER_SHOP,
      formerId(6, i),
      circuit,
      `CR2-${i}`,
    ]);
    await query(`insert into job_joint (shop_id, job_id, joint_id, place) values ($1, $2, $3, $4)`, [
      FORMER_SHOP,
      formerId(5, 1 + (i % jobs)),
      formerId(6, i),
      i,
    ]);
  }
}

const column = <T, V>(all: readonly T[], of: (one: T) => V): readonly V[] => all.map(of);

async function addChain(query: Query, table: 'record_entry' | 'stage_entry', owner: string, chain: readonly (RecordEntry | StageEntry)[]) {
  const stage = table === 'stage_entry' ? { name: ', stage', value: `, 'find'` } : { name: '', value: '' };
  const sql = `
    insert into ${table} (shop_id, ${table === 'stage_entry' ? 'job_id' : 'joint_id'}, sequence, id${stage.name}, kind, person_id, content, hash, request_hash)
    select $1, $2, sequence, id${stage.value}, kind, $3, content, hash, 'r' from unnest($4::int[], $5::uuid[], $6::text[], $7::text[], $8::text[])
      as row (sequence, id, kind, content, hash)`;
  const of = [column(chain, (c) => c.content.sequence), column(chain, (c) => c.content.id), column(chain, (c) => c.content.kind)];
  await query(sql, [FORMER_SHOP, owner, PERSON.id, ...of, column(chain, (c) => canonicalText(c.content)), column(chain, (c) => c.hash)]);
}

export interface Former {
  readonly jobs: readonly (readonly StageEntry[])[];
  readonly joints: readonly (readonly RecordEntry[])[];
}

/** A database as the version before the ledger left it: chains of formats 1 and 2, and notes of jobs. */
export async function formerDatabase(url: string, size: { jobs: number; ofJob: number; joints: number; ofJoint: number }): Promise<Former> {
  const db = await new DataSource({ type: 'postgres', url, entities: [], migrations: MIGRATIONS.slice(0, LEDGER_MIGRATION) }).initialize();
  const query: Query = (sql, values) => db.query(sql, values);
  try {
    await db.runMigrations({ transaction: 'each' });
    await addBase(query, size.jobs, size.joints);
    const jobs = Array.from({ length: size.jobs }, (_, i) => staged(i + 1, size.ofJob));
    const joints = Array.from({ length: size.joints }, (_, i) =>
      joined(`CR2-${i + 1}`, size.ofJoint, (n) => (n < size.ofJoint / 2 ? 1 : 2)),
    );
    for (const [i, chain] of jobs.entries()) await addChain(query, 'stage_entry', formerId(5, i + 1), chain);
    for (const [i, chain] of joints.entries()) await addChain(query, 'record_entry', formerId(6, i + 1), chain);
    const note = `insert into job_entry (shop_id, id, job_id, person_id, kind, values, made_at, place, request_hash) values ($1, $2, $3, $4, 'schools', $5, $6, 1, 'r')`;
    await query(note, [
      FORMER_SHOP,
      formerId(7, 1),
      formerId(5, 1),
      PERSON.id,
      JSON.stringify({ schools: { wrap: 'putty' }, reason: 'no water here' }),
      AT,
    ]);
    return { jobs, joints };
  } finally {
    await db.destroy();
  }
}
