// Reads a whole database as its superuser and prints one line of JSON: rows by table, chains, and those that do not hold.
// Run after a restore; what it finds is compared with what the backup says it holds.
import { firstBreakOf, linksMisfit, type AnyLink, type Chain } from '@kesto/core';
import { toLink, type StoredLink } from '../features/ledger';
import { ownerDataSource } from '../platform/db/dataSource';

interface Inspection {
  readonly counts: Readonly<Record<string, number>>;
  readonly shops: readonly string[];
  readonly chains: number;
  readonly entries: number;
  readonly broken: readonly { readonly chain: string; readonly why: string }[];
}

type Rows = <Row>(sql: string, values?: unknown[]) => Promise<Row[]>;

interface Owner {
  readonly shop_id: string;
  readonly chain: Chain;
  readonly chain_id: string;
}

const PHOTOS = 'select sha256, bytes from photo where shop_id = $1 and sha256 = any($2)';
const TABLES = `select table_name as name from information_schema.columns
where table_schema = 'public' and column_name = 'shop_id' order by 1`;
const WORDS = 'select commitment, salt, words from ledger_words where shop_id = $1 and chain = $2 and chain_id = $3';

/** Where the chains stand: in one table, or, in a database of before it, one for joints and one for jobs. */
const READ = {
  ledger: {
    owners: 'select distinct shop_id, chain, chain_id from ledger order by 1, 2, 3',
    links: 'select content, hash from ledger where shop_id = $1 and chain = $2 and chain_id = $3 order by sequence',
  },
  former: {
    owners: `select distinct shop_id, 'joint' as chain, joint_id as chain_id from record_entry
      union all select distinct shop_id, 'job', job_id from stage_entry order by 1, 2, 3`,
    links: `select content, hash from (select shop_id, 'joint' as chain, joint_id as chain_id, sequence, content, hash from record_entry
      union all select shop_id, 'job', job_id, sequence, content, hash from stage_entry) link
      where shop_id = $1 and chain = $2 and chain_id = $3 order by sequence`,
  },
} as const;
type Version = keyof typeof READ;

/** Photos that a chain names, by their hash. */
async function photosOf(rows: Rows, shop: string, links: readonly AnyLink[]) {
  const hashes = [...new Set(links.flatMap(({ content }) => content.photos.map((photo) => photo.sha256)))];
  const found = await rows<{ sha256: string; bytes: Buffer }>(PHOTOS, [shop, hashes]);
  const byHash = new Map(found.map(({ sha256, bytes }) => [sha256, new Uint8Array(bytes)]));
  return (sha256: string) => byHash.get(sha256);
}

/** Why a chain does not hold; null where it does. */
async function breakIn(rows: Rows, version: Version, { shop_id, chain, chain_id }: Owner): Promise<string | null> {
  const of = [shop_id, chain, chain_id];
  const words = version === 'former' ? [] : await rows<{ commitment: string; salt: string; words: string }>(WORDS, of);
  const beside = Object.fromEntries(words.map(({ commitment, ...salted }) => [commitment, salted]));
  const links = (await rows<StoredLink>(READ[version].links, of)).map((stored) => toLink(stored, beside));
  const misfit = linksMisfit(chain, links);
  if (misfit) return `not a record: ${misfit.field}`;
  return firstBreakOf(chain, links, await photosOf(rows, shop_id, links))?.why ?? null;
}

async function chainsIn(rows: Rows, version: Version) {
  const owners = await rows<Owner>(READ[version].owners);
  const broken: { chain: string; why: string }[] = [];
  for (const [i, owner] of owners.entries()) {
    if (i > 0 && i % PROGRESS_EVERY === 0) process.stderr.write(`checked ${i} of ${owners.length}\n`);
    const why = await breakIn(rows, version, owner);
    if (why) broken.push({ chain: `${owner.chain} ${owner.chain_id}`, why });
  }
  return { chains: owners.length, broken };
}

const PROGRESS_EVERY = 500;
/** As PostgreSQL names them. */
const SNAPSHOT = /^[0-9A-F-]+$/i;
/** Sign-ins are not backed up: whoever restores signs in again. */
const NOT_COUNTED = ['session'];

/** Looks at one moment: that of a snapshot another transaction holds, where one is named. */
async function inspect(url: string, snapshot: string): Promise<Inspection> {
  const db = await ownerDataSource(url).initialize();
  const runner = db.createQueryRunner();
  const rows: Rows = (sql, values = []) => runner.query(sql, values);
  try {
    await runner.startTransaction('REPEATABLE READ');
    if (SNAPSHOT.test(snapshot)) await runner.query(`set transaction snapshot '${snapshot}'`);
    const counts: Record<string, number> = {};
    for (const { name } of await rows<{ name: string }>(TABLES)) {
      if (!NOT_COUNTED.includes(name)) counts[name] = (await rows<{ n: number }>(`select count(*)::int as n from "${name}"`))[0]?.n ?? 0;
    }
    const version = 'ledger' in counts ? 'ledger' : 'former';
    const entries = counts['ledger'] ?? (counts['record_entry'] ?? 0) + (counts['stage_entry'] ?? 0);
    const shops = (await rows<{ shop_id: string }>('select shop_id from shop order by 1')).map(({ shop_id }) => shop_id);
    return { counts, shops, ...(await chainsIn(rows, version)), entries };
  } finally {
    await runner.release();
    await db.destroy();
  }
}

process.stdout.write(`${JSON.stringify(await inspect(process.env['DATABASE_URL'] ?? '', process.env['KESTO_SNAPSHOT'] ?? ''))}\n`);
