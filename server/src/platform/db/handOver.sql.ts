const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`;

/** A table, view, sequence or function of the schema that belongs to somebody else goes to the role that owns the tables. */
const giveAll = (tables: string) => `
do $$
declare thing record;
begin
  for thing in
    select format('%I.%I', n.nspname, c.relname) as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where n.nspname = 'public' and c.relkind in ('r', 'p', 'v', 'm') and pg_get_userbyid(c.relowner) <> '${tables}'
  loop execute format('alter table %s owner to ${tables}', thing.name); end loop;
  for thing in
    select p.oid::regprocedure::text as name from pg_proc p join pg_namespace n on n.oid = p.pronamespace
    where n.nspname = 'public' and pg_get_userbyid(p.proowner) <> '${tables}'
  loop execute format('alter function %s owner to ${tables}', thing.name); end loop;
end $$`;

/** Statements for whoever made the database: the schema's things to `tables`, and nobody makes objects in it but `tables`. */
export const handOver = (database: string, { app, tables }: { app: string; tables: string }): readonly string[] => [
  `revoke all on database ${quoted(database)} from public`,
  `grant connect on database ${quoted(database)} to ${app}`,
  `revoke all on schema public from public`,
  `grant usage, create on schema public to ${tables}`,
  `grant usage on schema public to ${app}`,
  // A login that is no superuser must belong to the role it hands things to.
  `do $$ begin if not pg_has_role(session_user, '${tables}', 'member') then execute format('grant ${tables} to %I', session_user); end if; end $$`,
  giveAll(tables),
];
