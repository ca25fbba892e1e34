import type { Found, SiteView } from '@kesto/contract';
import type { ShopTransaction } from '../../platform/db/shop';
import type { SearchRepository } from './search.repository';
import { importedSql, ledToSql, searchSql, type Sought } from './search.sql';
import { beginningsOf } from '../../platform/words';

export function typeormSearch({ shopId, manager }: ShopTransaction): SearchRepository {
  const ledTo = async (thing: Sought, beginning: string) =>
    (await manager.query<{ things: number }[]>(ledToSql, [shopId, thing, beginning]))[0]?.things ?? 0;
  /** The rarest first: what it leads to is looked at, and no more. */
  async function rarestFirst(thing: Sought, beginnings: readonly string[]): Promise<readonly string[]> {
    if (beginnings.length === 1) return beginnings;
    const counted = [];
    for (const beginning of beginnings) counted.push({ beginning, things: await ledTo(thing, beginning) });
    return counted.toSorted((a, b) => a.things - b.things).map(({ beginning }) => beginning);
  }
  async function ask<Row>(thing: Sought, text: string): Promise<readonly Row[]> {
    const beginnings = beginningsOf(text);
    if (beginnings.length === 0) return [];
    return (await manager.query(searchSql(thing, beginnings.length), [shopId, thing, ...(await rarestFirst(thing, beginnings))])) as Row[]; // cast: by the statement
  }
  return {
    async find(text) {
      if (beginningsOf(text).length === 0) return { units: [], jobs: [], joints: [], imported: [] };
      return {
        units: await ask<Found['units'][number]>('unit', text),
        jobs: await ask<Found['jobs'][number]>('job', text),
        joints: await ask<Found['joints'][number]>('joint', text),
        imported: (await manager.query(importedSql, [shopId, text.trim().toUpperCase()])) as Found['imported'], // cast: by the statement
      };
    },
    sites: (text) => ask<SiteView>('site', text),
  };
}
