import { MOST_SITES, type UnitsOfSite } from '@kesto/contract';
import { AppError, notFound } from '../../platform/errors';
import { isId } from '../../platform/http/params';
import type { ShopWork } from '../shopWork';
import { behindOf, keyOf } from './unitKey';
import type { Unit } from './units.repository';
import { toPlate } from './views';

/** So many are named beside their site; those behind them come a page at a time. */
const BESIDE = 12;
const PAGE = 50;

function pageOf(site: string, found: readonly Unit[], most: number): UnitsOfSite {
  const shown = found.slice(0, most);
  const last = shown.at(-1);
  return { site, units: shown.map(toPlate), next: found.length > most && last ? keyOf(last) : null };
}

/** The first machines of each of these sites, whose ids stand with commas between; of one that is not there nothing is said. */
export async function unitsOnSites(shop: ShopWork, sites: string): Promise<readonly UnitsOfSite[]> {
  const ids = [...new Set(sites.toLowerCase().split(','))];
  if (ids.length > MOST_SITES || !ids.every(isId))
    throw new AppError('INVALID_INPUT', `sites must be 1 to ${MOST_SITES} ids of sites with commas between`, 'sites');
  const known = (await shop.sites.byIds(ids)).map(({ id }) => id);
  const found = await shop.units.ofSites(known, null, BESIDE + 1);
  return known.map((id) => {
    const its = found.filter(({ siteId }) => siteId === id);
    return pageOf(id, its, BESIDE);
  });
}

/** One page of a site's machines. */
export async function unitsAtSite(shop: ShopWork, site: string, after: string): Promise<UnitsOfSite> {
  const behind = behindOf(after);
  if (!(await shop.sites.byId(site))) throw notFound('This site');
  return pageOf(site, await shop.units.ofSites([site], behind, PAGE + 1), PAGE);
}
