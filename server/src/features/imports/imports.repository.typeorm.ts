import type { ShopTransaction } from '../../platform/db/shop';
import { ImportedFiles, ImportedJoints } from '../../platform/db/importRows';
import type { ImportFacts, ImportRepository } from './imports.repository';

/** $1 shop, $2 how many, $3 one file or null. */
const FACTS = `
select file.sha256, file.of_chain as "of", file.name, file.their_shop as shop, file.person_id as "personId", file.taken_at as at,
  octet_length(file.bytes) as size, person.name as by,
  (select coalesce(json_agg(json_build_object('chain', joint.chain_id, 'tag', joint.tag, 'sequence', joint.sequence, 'head', joint.head)
     order by joint.tag), '[]') from imported_joint joint where joint.shop_id = $1 and joint.sha256 = file.sha256) as joints
from imported_file file join person on person.shop_id = $1 and person.id = file.person_id
where file.shop_id = $1 and ($3::text is null or file.sha256 = $3) order by file.taken_at desc, file.sha256 limit $2`;

export function typeormImports({ shopId, manager }: ShopTransaction): ImportRepository {
  const factsOf = async (most: number, sha256: string | null) =>
    (await manager.query(FACTS, [shopId, most, sha256])) as readonly ImportFacts[]; // cast: by the statement
  return {
    async add({ joints, bytes, of, shop, at, ...row }) {
      const file = { shopId, ...row, ofChain: of, theirShop: shop, takenAt: at, bytes: Buffer.from(bytes) };
      await manager.createQueryBuilder().insert().into(ImportedFiles).values(file).orIgnore().execute();
      const own = joints.map(({ chain, ...joint }) => ({ shopId, sha256: row.sha256, chainId: chain, ...joint }));
      if (own.length > 0) await manager.createQueryBuilder().insert().into(ImportedJoints).values(own).orIgnore().execute();
    },
    newest: (most) => factsOf(most, null),
    byHash: async (sha256) => (await factsOf(1, sha256))[0] ?? null,
    bytesOf: async (sha256) => (await manager.findOneBy(ImportedFiles, { shopId, sha256 }))?.bytes ?? null,
  };
}
