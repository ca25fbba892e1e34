/** Of a row called `entry`: no later entry strikes it out. */
export const STANDS = `not exists (select 1 from ledger struck where struck.shop_id = entry.shop_id and struck.chain = entry.chain and struck.about = entry.id
  and struck.kind = 'struck-out')`;
