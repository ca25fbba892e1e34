/** Row-level security of one table: a transaction sees the rows of the shop it was opened for, and adds to that shop alone. */
export const rowLevelSecurity = (table: string) => `
alter table ${table} enable row level security;
alter table ${table} force row level security;
create policy ${table}_of_shop on ${table}
  using (shop_id = nullif(current_setting('app.shop', true), '')::uuid)
  with check (shop_id = nullif(current_setting('app.shop', true), '')::uuid);
`;
