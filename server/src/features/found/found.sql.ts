import type { FoundAsked } from '@kesto/contract';
import { placeIn } from './found.repository';

/** $1 shop, $2 how many. */
export const TAKE_STALE = `
with taken as (
  delete from joint_stale where (shop_id, joint_id) in (select shop_id, joint_id from joint_stale where shop_id = $1 limit $2) returning joint_id)
select joint_id as id from taken`;

/** $1 shop. */
export const IS_BEHIND = `select exists (select 1 from joint_stale where shop_id = $1) as behind`;

/** $1 shop, $2 joints, $3 makers, $4 fillers, $5 lots, $6 when, $7 states. */
export const SAVE = `
insert into joint_found (shop_id, joint_id, tag, unit_id, maker_id, filler, lot, made_at, state)
select $1, joint.id, joint.tag, circuit.unit_id, said.maker_id, said.filler, said.lot, said.made_at, said.state
from unnest($2::uuid[], $3::uuid[], $4::text[], $5::text[], $6::timestamptz[], $7::text[]) as said(joint_id, maker_id, filler, lot, made_at, state)
join joint on joint.shop_id = $1 and joint.id = said.joint_id join circuit on circuit.shop_id = $1 and circuit.id = joint.circuit_id
on conflict (shop_id, joint_id) do update set tag = excluded.tag, unit_id = excluded.unit_id, maker_id = excluded.maker_id, filler = excluded.filler,
  lot = excluded.lot, made_at = excluded.made_at, state = excluded.state`;

interface Where {
  readonly sql: string;
  readonly values: readonly unknown[];
}

/** Each what is asked, as a condition on a row called `found`; `$` stands for its value's place. */
const CONDITIONS: Readonly<Record<Exclude<keyof FoundAsked, 'after'>, string>> = {
  tag: 'found.tag ^@ upper($)',
  unit: 'found.unit_id = (select id from unit where unit.shop_id = $1 and unit.tag = upper($))',
  person: 'found.maker_id = $::uuid',
  filler: 'found.filler = $',
  lot: 'found.lot ^@ $',
  from: "found.made_at >= $::date::timestamp at time zone 'UTC'",
  to: "found.made_at < ($::date + 1)::timestamp at time zone 'UTC'",
  state: 'found.state = $',
};

/** What fits, from $2 on; $1 is the shop. */
function whereOf({ after, ...asked }: FoundAsked): Where {
  const values: unknown[] = [];
  const place = (value: unknown) => `$${values.push(value) + 1}`;
  const sql = Object.entries(asked).map(([key, value]) => CONDITIONS[key as keyof typeof CONDITIONS].replaceAll(/\$(?!\d)/g, place(value))); // cast: its own keys
  if (after !== undefined) {
    const { madeAt, id } = placeIn(after);
    sql.push(`(found.made_at, found.joint_id) < (${place(madeAt)}::timestamptz, ${place(id)}::uuid)`);
  }
  return { sql: ['found.shop_id = $1', ...sql].join(' and '), values };
}

export interface Asked {
  readonly sql: string;
  readonly parameters: readonly unknown[];
}

/** Found first, by the narrow table alone; what is shown of them is fetched for those. Counted in the same question, where that is asked. */
export function pageSql(
  shopId: string,
  asked: FoundAsked,
  { most, counted }: { readonly most: number; readonly counted?: number | undefined },
): Asked {
  const { sql, values } = whereOf(asked);
  const inAll =
    counted === undefined ? 'null' : `(select count(*)::int from (select 1 from joint_found found where ${sql} limit ${counted}) counted)`;
  return {
    sql: `
with shown as materialized (select * from joint_found found where ${sql} order by made_at desc, joint_id desc limit ${most})
select joint.id, joint.tag, joint.title, unit.id as "unitId", unit.tag as "unitTag", unit.name as "unitName", site.name as site, maker.name as maker,
  shown.filler, shown.lot, shown.made_at as "madeAt", shown.state, ${inAll} as "inAll"
from shown join joint on joint.shop_id = $1 and joint.id = shown.joint_id join unit on unit.shop_id = $1 and unit.id = shown.unit_id
join site on site.shop_id = $1 and site.id = unit.site_id left join person maker on maker.shop_id = $1 and maker.id = shown.maker_id
order by shown.made_at desc, shown.joint_id desc`,
    parameters: [shopId, ...values],
  };
}
