/** One at a time seals a shop; let go with the transaction. */
export const LOCK = `select pg_advisory_xact_lock(hashtextextended('kesto.seal.' || $1, 0))`;

/** Where chains stand that are taken off the list of those that grew. */
const STANDING = `
select taken.chain as "of", taken.chain_id as id, last.sequence, last.hash
from taken cross join lateral (select sequence, hash from ledger
  where ledger.shop_id = taken.shop_id and ledger.chain = taken.chain and ledger.chain_id = taken.chain_id order by sequence desc limit 1) last
order by taken.chain, taken.chain_id`;

export const TAKE_GROWN = `
with taken as (delete from chain_grown where (shop_id, chain, chain_id) in (
  select shop_id, chain, chain_id from chain_grown where shop_id = $1 limit $2) returning *)${STANDING}`;

/** Of these alone. */
export const GROWN_OF = `
with taken as (delete from chain_grown where shop_id = $1 and (chain, chain_id) in (select * from unnest($2::text[], $3::uuid[])) returning *)${STANDING}`;

export const NEWEST_OF = `
select newest.place, newest.leaf, newest.sequence from unnest($2::text[], $3::uuid[]) as asked(chain, id) cross join lateral (
  select place, leaf, sequence from tree_leaf where shop_id = $1 and what = 'head' and chain = asked.chain and chain_id = asked.id
  order by place desc limit 1) newest`;

export const NODES = `
select node.level, node.place, node.hash from unnest($2::smallint[], $3::bigint[]) as asked(level, place)
join tree_node node on node.shop_id = $1 and node.level = asked.level and node.place = asked.place`;
