// Empties the demo for --reset-demo; refuses where anything but the demo lives in the database.
import { DATABASE, ensureDatabase } from './postgres.mjs';
import { step, stop } from './report.mjs';

const DEMO_SHOP = '0193a000-0000-7000-8000-000000000001';

async function otherShops(url) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const { rows: found } = await client.query("select to_regclass('shop') is not null as exists");
    if (!found[0].exists) return 0;
    return (await client.query('select 1 from shop where shop_id <> $1', [DEMO_SHOP])).rowCount;
  } finally {
    await client.end();
  }
}

export async function resetDemo(cluster) {
  if ((await otherShops(cluster.url(DATABASE))) > 0) {
    stop(
      'this database holds a shop of its own, so --reset-demo leaves it alone',
      'use another folder for the demo: npm start -- --data DIR',
    );
  }
  step('emptying the demo');
  await ensureDatabase(cluster, DATABASE, { fresh: true });
}
