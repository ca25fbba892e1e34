import type { Found } from '@kesto/contract';
import type { ShopTransaction } from '../../platform/db/shop';
import type { SearchRepository } from './search.repository';
import { jobsSql, jointsSql, unitsSql } from './search.sql';

/** The word as a pattern: what stands for anything in SQL stands for itself. */
const patternOf = (text: string) => `%${text.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;

export const typeormSearch = ({ shopId, manager }: ShopTransaction): SearchRepository => ({
  async find(text) {
    const ask = async <Row>(sql: string) => (await manager.query(sql, [shopId, patternOf(text)])) as Row[];
    return {
      units: await ask<Found['units'][number]>(unitsSql),
      jobs: await ask<Found['jobs'][number]>(jobsSql),
      joints: await ask<Found['joints'][number]>(jointsSql),
    };
  },
});
