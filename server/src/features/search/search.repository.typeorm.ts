import type { Found } from '@kesto/contract';
import type { ShopTransaction } from '../../platform/db/shop';
import type { SearchRepository } from './search.repository';
import { importedSql, ledToSql, searchSql, type Sought } from './search.sql';
import { beginningsOf } from '../../platform/words';

export const typeormSearch = ({ shopId, manager }: ShopTransaction): SearchRepository => ({
  async find(text) {
    const beginnings = beginningsOf(text);
    if (beginnings.length === 0) return { units: [], jobs: [], joints: [], imported: [] };
    const ledTo = async (thing: Sought, beginning: string) =>
      (await manager.query<{ things: number }[]>(ledToSql, [shopId, thing, beginning]))[0]?.things ?? 0;
    /** The rarest first: what it leads to is looked at, and no more. */
    async function rarestFirst(thing: Sought): Promise<readonly string[]> {
      if (beginnings.length === 1) return beginnings;
      const counted = [];
      for (const beginning of beginnings) counted.push({ beginning, things: await ledTo(thing, beginning) });
      return counted.toSorted((a, b) => a.things - b.things).map(({ beginning }) => beginning);
    }
    const ask = async <Row>(thing: Sought) =>
      (await manager.query(searchSql(thing, beginnings.length), [shopId, thing, ...(await rarestFirst(thing))])) as Row[];
    return {
      units: await ask<Found['units'][number]>('unit'),
      jobs: await ask<Found['jobs'][number]>('job'),
      joints: await ask<Found['joints'][number]>('joint'),
      imported: (await manager.query(importedSql, [shopId, text.trim().toUpperCase()])) as Found['imported'], // cast: by the statement
    };
  },
});
