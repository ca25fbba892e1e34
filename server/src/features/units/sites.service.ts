import { SEARCH_LIMIT, SITES_START, type PutSiteRequest, type SitePage, type SiteView } from '@kesto/contract';
import { ALTITUDE_RANGE_M, FieldReader } from '@kesto/core';
import { validate } from 'uuid';
import { AppError, notFound } from '../../platform/errors';
import { refusal } from '../../platform/http/refusal';
import type { ShopWork } from '../shopWork';
import type { Site } from './units.repository';
import { toSite } from './views';

const PAGE = 50;

async function behindOf(shop: ShopWork, after: string): Promise<Site | null> {
  if (after === SITES_START) return null;
  const site = validate(after) ? await shop.sites.byId(after) : null;
  if (!site) throw new AppError('INVALID_INPUT', `after must be "${SITES_START}" or what a page named as its next`, 'after');
  return site;
}

/** One page of the shop's sites; however many there are, no more are read. */
export async function sitePage(shop: ShopWork, after: string): Promise<SitePage> {
  const found = await shop.sites.page(await behindOf(shop, after), PAGE + 1);
  const shown = found.slice(0, PAGE);
  return { sites: shown.map(toSite), next: found.length > PAGE ? (shown.at(-1)?.id ?? null) : null };
}

/** The first sites whose words begin as these do. */
export async function sitesNamed(shop: ShopWork, name: string): Promise<readonly SiteView[]> {
  if (name.length > SEARCH_LIMIT) throw new AppError('INVALID_INPUT', `name must have 1 to ${SEARCH_LIMIT} letters`, 'name');
  return shop.search.sites(name);
}

export async function siteView(shop: ShopWork, id: string): Promise<SiteView> {
  const site = await shop.sites.byId(id);
  if (!site) throw notFound('This site');
  return toSite(site);
}

export async function putSite(shop: ShopWork, id: string, { name, altitude }: PutSiteRequest): Promise<SiteView> {
  const read = new FieldReader();
  const altitudeM = read.lengthM('altitude', altitude, ALTITUDE_RANGE_M);
  if (read.errors.length > 0) throw refusal(read.errors);
  await shop.sites.save({ id, name, altitudeM });
  return { id, name, altitudeM };
}
