// Adds a shop with many joints to a folder of data in which the demo was started before: `npm run seed:big -- --data var/data --joints 100000`.
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { seedBigShop } from './lib/bigShop.mjs';
import { DATABASE, startCluster } from './lib/postgres.mjs';
import { step, stop } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const { values } = parseArgs({ options: { data: { type: 'string', default: 'var/data' }, joints: { type: 'string', default: '100000' } } });
const joints = Number(values.joints);
if (!Number.isInteger(joints) || joints < 1000 || joints > 2_000_000)
  stop(`--joints ${values.joints}`, 'must be a whole number from 1000 to 2000000');
const cluster = await startCluster(path.resolve(values.data, 'pg'));
step(`${joints} joints`);
const login = await seedBigShop(cluster.url(DATABASE), joints);
step(`made; sign in as "${login}", password "copper-before-filler"`);
process.exit(0);
