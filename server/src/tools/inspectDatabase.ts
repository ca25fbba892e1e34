// Reads a whole database as its superuser and prints one line of JSON: rows by table, chains, and those that do not hold.
// Run after a restore; what it finds is compared with what the backup says it holds.
import { RECORD_FORMAT, RECORD_VERSION, verifyRecord, type EntryContent, type RecordEntry } from '@kesto/core';
import { ownerDataSource } from '../platform/db/dataSource';
import { SHOP_TABLES } from '../platform/db/tables';

interface Inspection {
  readonly counts: Readonly<Record<string, number>>;
  readonly chains: number;
  readonly entries: number;
  readonly broken: readonly { readonly joint: string; readonly why: string }[];
}

const ENTRIES = 'select content, hash from record_entry where shop_id = $1 and joint_id = $2 order by sequence';
const PHOTOS = `select sha256, encode(bytes, 'base64') as base64 from photo where shop_id = $1 and sha256 = any($2)`;

async function inspect(url: string): Promise<Inspection> {
  const db = await ownerDataSource(url).initialize();
  const rows = <Row>(sql: string, values: unknown[] = []) => db.query(sql, values) as Promise<Row[]>;
  try {
    const counts: Record<string, number> = {};
    for (const { name } of SHOP_TABLES) counts[name] = (await rows<{ n: number }>(`select count(*)::int as n from "${name}"`))[0]?.n ?? 0;
    const joints = await rows<{ shop_id: string; joint_id: string }>('select distinct shop_id, joint_id from record_entry order by 1, 2');
    const broken: { joint: string; why: string }[] = [];
    for (const { shop_id, joint_id } of joints) {
      const stored = await rows<{ content: string; hash: string }>(ENTRIES, [shop_id, joint_id]);
      const entries = stored.map(({ content, hash }): RecordEntry => ({ content: JSON.parse(content) as EntryContent, hash })); // cast: judged below
      const hashes = [...new Set(entries.flatMap((e) => e.content.photos.map((p) => p.sha256)))];
      const photos = await rows<{ sha256: string; base64: string }>(PHOTOS, [shop_id, hashes]);
      const byHash = Object.fromEntries(photos.map(({ sha256, base64 }) => [sha256, base64.replaceAll('\n', '')]));
      const result = verifyRecord({ format: RECORD_FORMAT, version: RECORD_VERSION, entries, photos: byHash });
      if (!result.ok) broken.push({ joint: joint_id, why: 'not a record' });
      else if (!result.value.intact) broken.push({ joint: joint_id, why: result.value.firstBroken.why });
    }
    return { counts, chains: joints.length, entries: counts['record_entry'] ?? 0, broken };
  } finally {
    await db.destroy();
  }
}

process.stdout.write(`${JSON.stringify(await inspect(process.env['DATABASE_URL'] ?? ''))}\n`);
