import type { Found } from '@kesto/contract';
import type { ShopWork } from '../../platform/db/shop';
import { jobsSql, jointsSql, unitsSql } from './search.sql';

/** The word as a pattern: what stands for anything in SQL stands for itself. */
const patternOf = (text: string) => `%${text.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;

/** Everything of this shop that a word is found in. */
export async function foundBy({ shopId, manager }: ShopWork, text: string): Promise<Found> {
  const ask = async <Row>(sql: string) => (await manager.query(sql, [shopId, patternOf(text)])) as Row[];
  return {
    units: await ask<Found['units'][number]>(unitsSql),
    jobs: await ask<Found['jobs'][number]>(jobsSql),
    joints: await ask<Found['joints'][number]>(jointsSql),
  };
}
