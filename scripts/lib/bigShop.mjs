// A shop with many joints, made by the database itself: for measuring what lists and searches cost.
import { readFileSync } from 'node:fs';

export const BIG_SHOP = '018f0000-0000-4000-8000-0000000000b1';
/** Longer than a million joints take; what hangs ends. */
const MOST_MS = 15 * 60_000;

/** Adds the big shop to a database that a server has prepared, as its owner. Its first person signs in with the demo's password. */
export async function seedBigShop(url, joints) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const sql = readFileSync('scripts/lib/bigShop.sql', 'utf8').replaceAll(':shop', BIG_SHOP).replaceAll(':joints', String(joints));
  try {
    await client.query(`set statement_timeout = ${MOST_MS}`);
    await client.query(`begin; select set_config('app.shop', '${BIG_SHOP}', true); ${sql}; commit`);
    await client.query(
      `update person set password_hash = known.password_hash from person known where known.login = 'ilta' and person.shop_id = '${BIG_SHOP}'`,
    );
    await client.query('vacuum analyze');
  } finally {
    await client.end();
  }
  return `big${BIG_SHOP.slice(0, 8)}0`;
}
