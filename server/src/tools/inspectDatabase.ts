// Reads a whole database as its superuser and prints one line of JSON: rows by table, chains, and those that do not hold.
// Run after a restore; what it finds is compared with what the backup says it holds.
import { firstBreakOf, firstStageBreak, linksMisfit, type RecordEntry, type StageEntry } from '@kesto/core';
import { ownerDataSource } from '../platform/db/dataSource';
import { SHOP_TABLES } from '../platform/db/tables';

interface Inspection {
  readonly counts: Readonly<Record<string, number>>;
  readonly chains: number;
  readonly entries: number;
  readonly broken: readonly { readonly chain: string; readonly why: string }[];
}

/** Where the chains stand: one row a table, judged alike. */
const CHAINS = [
  { of: 'joint', table: 'record_entry', owner: 'joint_id' },
  { of: 'job', table: 'stage_entry', owner: 'job_id' },
] as const;

type Rows = <Row>(sql: string, values?: unknown[]) => Promise<Row[]>;

const PHOTOS = 'select sha256, bytes from photo where shop_id = $1 and sha256 = any($2)';

/** Photos that a chain names, by their hash. */
async function photosOf(rows: Rows, shop: string, links: readonly RecordEntry[]) {
  const hashes = [...new Set(links.flatMap(({ content }) => content.photos.map((photo) => photo.sha256)))];
  const found = await rows<{ sha256: string; bytes: Buffer }>(PHOTOS, [shop, hashes]);
  const byHash = new Map(found.map(({ sha256, bytes }) => [sha256, new Uint8Array(bytes)]));
  return (sha256: string) => byHash.get(sha256);
}

/** Why a chain does not hold; null where it does. */
async function breakIn(rows: Rows, shop: string, of: 'joint' | 'job', stored: readonly { content: string; hash: string }[]) {
  const links = stored.map(({ content, hash }) => ({ content: JSON.parse(content) as RecordEntry['content'], hash })); // cast: judged below
  const misfit = linksMisfit(of, links);
  if (misfit) return `not a record: ${misfit.field}`;
  const bytesOf = await photosOf(rows, shop, links);
  const found = of === 'joint' ? firstBreakOf(links, bytesOf) : firstStageBreak(links as unknown as StageEntry[], bytesOf); // cast: it has that shape
  return found?.why ?? null;
}

async function brokenOf(rows: Rows, { of, table, owner }: (typeof CHAINS)[number]) {
  const owners = await rows<{ shop_id: string; id: string }>(`select distinct shop_id, ${owner} as id from ${table} order by 1, 2`);
  const ofOne = `select content, hash from ${table} where shop_id = $1 and ${owner} = $2 order by sequence`;
  const broken: { chain: string; why: string }[] = [];
  for (const { shop_id, id } of owners) {
    const why = await breakIn(rows, shop_id, of, await rows(ofOne, [shop_id, id]));
    if (why) broken.push({ chain: `${of} ${id}`, why });
  }
  return { chains: owners.length, broken };
}

async function inspect(url: string): Promise<Inspection> {
  const db = await ownerDataSource(url).initialize();
  const rows: Rows = (sql, values = []) => db.query(sql, values);
  try {
    const counts: Record<string, number> = {};
    for (const { name } of SHOP_TABLES) counts[name] = (await rows<{ n: number }>(`select count(*)::int as n from "${name}"`))[0]?.n ?? 0;
    const [joints, jobs] = [await brokenOf(rows, CHAINS[0]), await brokenOf(rows, CHAINS[1])];
    return {
      counts,
      chains: joints.chains + jobs.chains,
      entries: CHAINS.reduce((sum, { table }) => sum + (counts[table] ?? 0), 0),
      broken: [...joints.broken, ...jobs.broken],
    };
  } finally {
    await db.destroy();
  }
}

process.stdout.write(`${JSON.stringify(await inspect(process.env['DATABASE_URL'] ?? ''))}\n`);
