import { planAnswer } from '@kesto/contract';
import { METRIC_PREFERENCES, planJoint } from '@kesto/core';
import { DataSource } from 'typeorm';
import { MIGRATIONS } from '../migrations';
import { BRASS_STUB } from './examples';
import { FORMER_SHOP, formerId } from './formerDatabase';

/** Migrations before whole answers were kept beside the request. */
const BEFORE_KEPT_PLANS = 4;

const ROWS = [
  `insert into shop (shop_id, name, van, schools) values ('${FORMER_SHOP}', 'Orangery', '{}', '{}')`,
  `insert into person (shop_id, id, login, name, role, password_hash, units, approvals)
   values ('${FORMER_SHOP}', '${formerId(2, 1)}', 'ilta', 'Ilta Varro', 'lead', 'x', '${JSON.stringify(METRIC_PREFERENCES)}', '[]')`,
  `insert into site (shop_id, id, name, altitude_m) values ('${FORMER_SHOP}', '${formerId(3, 1)}', 'x', 0)`,
  `insert into unit (shop_id, id, site_id, tag, name, kind, place)
   values ('${FORMER_SHOP}', '${formerId(3, 2)}', '${formerId(3, 1)}', 'CR2', 'x', 'cold room', 0)`,
  `insert into circuit (shop_id, id, unit_id, details) values ('${FORMER_SHOP}', '${formerId(3, 3)}', '${formerId(3, 2)}', '{}')`,
  `insert into joint (shop_id, id, circuit_id, tag, title, request_hash)
   values ('${FORMER_SHOP}', '${formerId(6, 1)}', '${formerId(3, 3)}', 'CR2-1', 'x', '')`,
];

/** A database of the first weeks: plans with their answers, whose start has each of them to bring up to date. */
export async function formerPlans(url: string, plans: number): Promise<void> {
  const planned = planJoint(BRASS_STUB);
  if (!planned.ok) throw new Error('the example is planned');
  const migrations = MIGRATIONS.slice(0, BEFORE_KEPT_PLANS);
  const db = await new DataSource({ type: 'postgres', url, entities: [], migrations }).initialize();
  try {
    await db.runMigrations({ transaction: 'each' });
    for (const row of ROWS) await db.query(row);
    await db.query(
      `insert into joint_plan (shop_id, id, joint_id, person_id, request, answer, chosen, engine_version, made_at, place, request_hash)
       select $1, gen_random_uuid(), $2, $3, $4, $5, 'BAg-36', '1.0.0', now(), n, '' from generate_series(1, $6) n`,
      [...[FORMER_SHOP, formerId(6, 1), formerId(2, 1), JSON.stringify(BRASS_STUB)], ...[JSON.stringify(planAnswer(planned.value)), plans]],
    );
  } finally {
    await db.destroy();
  }
}
