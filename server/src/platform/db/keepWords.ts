import { wordsOf } from '../words';
import {
  dropWordsSql,
  jobsOfUnitsSql,
  keepJobsWordsSql,
  keepJointsWordsSql,
  keepWordsSql,
  placeOfCircuitSql,
  writtenBySql,
} from './keepWords.sql';
import type { ShopTransaction } from './shop';

interface Named {
  readonly id: string;
  readonly tag: string;
  readonly name: string;
  readonly place: number;
  readonly details: { readonly model?: string };
}

/** Words are kept with the thing they lead to, in its own transaction: a search reads them and nothing else. */
export function keepWords({ shopId, manager }: ShopTransaction) {
  const jobs = (ids: readonly string[], texts: readonly string[]) =>
    ids.length === 0 ? Promise.resolve() : manager.query(keepJobsWordsSql, [shopId, wordsOf(texts), ids]);
  const joints = (ids: readonly string[], texts: readonly string[]) =>
    ids.length === 0 ? Promise.resolve() : manager.query(keepJointsWordsSql, [shopId, ids, wordsOf(texts)]);
  /** These words and no former ones. */
  async function only(thing: 'site' | 'unit', id: string, turn: number, texts: readonly (string | undefined)[]): Promise<void> {
    await manager.query(dropWordsSql, [shopId, thing, id]);
    await manager.query(keepWordsSql, [shopId, thing, id, turn, wordsOf(texts)]);
  }
  const idsOf = async (sql: string, given: unknown) => (await manager.query<{ id: string }[]>(sql, [shopId, given])).map(({ id }) => id);

  return {
    site: (id: string, name: string) => only('site', id, 0, [name]),
    /** A machine leads to its jobs too, by its name and its site's; former names go on leading to those. */
    async unit({ id, tag, name, place, details }: Named, site: string): Promise<void> {
      await only('unit', id, place, [tag, name, site, details.model]);
      await jobs(await idsOf(jobsOfUnitsSql, [id]), [tag, name, site]);
    },
    /** A job by its number and title, and by where it is. */
    async job(id: string, circuitId: string, own: readonly string[]): Promise<void> {
      const [place] = await manager.query<{ tag: string; name: string; site: string }[]>(placeOfCircuitSql, [shopId, circuitId]);
      await jobs([id], [...own, ...(place ? [place.tag, place.name, place.site] : [])]);
    },
    joint: (id: string, texts: readonly string[]) => joints([id], texts),
    /** Whoever wrote in a job, or brazed a joint. */
    writer: (chain: 'job' | 'joint', id: string, name: string) => (chain === 'job' ? jobs([id], [name]) : joints([id], [name])),
    /** A person who is called otherwise now: what they wrote and made is found by that too. */
    async renamed(personId: string, name: string): Promise<void> {
      const written = await manager.query<{ chain: 'job' | 'joint'; id: string }[]>(writtenBySql, [shopId, personId]);
      const of = (chain: string) => written.filter((one) => one.chain === chain).map(({ id }) => id);
      await jobs(of('job'), [name]);
      await joints(of('joint'), [name]);
    },
  };
}
