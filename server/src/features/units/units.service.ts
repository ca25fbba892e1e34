import type { PutSiteRequest, PutUnitRequest, SiteView, UnitView } from '@kesto/contract';
import { ALTITUDE_RANGE_M, FieldReader, readPlate } from '@kesto/core';
import type { CircuitRow, UnitRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { AppError, notFound } from '../../platform/errors';
import { refusal } from '../../platform/http/refusal';
import {
  allSites,
  allUnits,
  circuitsByIds,
  circuitsOfUnits,
  hasJoints,
  saveCircuit,
  saveSite,
  saveUnit,
  siteById,
  sitesByIds,
  toCircuit,
  toPlate,
  toSite,
  unitById,
  unitByTag,
  unitCount,
} from './units.repository.typeorm';

export const sites = async (shop: ShopWork): Promise<readonly SiteView[]> => (await allSites(shop)).map(toSite);

export async function putSite(shop: ShopWork, id: string, { name, altitude }: PutSiteRequest): Promise<SiteView> {
  const read = new FieldReader();
  const altitude_m = read.lengthM('altitude', altitude, ALTITUDE_RANGE_M);
  if (read.errors.length > 0) throw refusal(read.errors);
  await saveSite(shop, { id, name, altitude_m });
  return { id, name, altitudeM: altitude_m };
}

/** Of one model: what leaks on one is looked for on the other. */
export const isSister = (unit: UnitRow, other: UnitRow): boolean =>
  other.id !== unit.id && unit.details.model !== undefined && other.details.model === unit.details.model;

async function unitViews(shop: ShopWork, units: readonly UnitRow[]): Promise<readonly UnitView[]> {
  const found = new Map((await sitesByIds(shop, [...new Set(units.map((unit) => unit.site_id))])).map((site) => [site.id, site]));
  const circuits = await circuitsOfUnits(
    shop,
    units.map((unit) => unit.id),
  );
  const all = await allUnits(shop);
  return units.map((unit) => {
    const site = found.get(unit.site_id);
    if (!site) throw notFound('This unit’s site');
    const sisters = all.filter((other) => isSister(unit, other)).map((other) => other.tag);
    return {
      ...toPlate(unit),
      ...unit.details,
      sisters,
      site: toSite(site),
      circuits: circuits.filter((c) => c.unit_id === unit.id).map(toCircuit),
    };
  });
}

export const units = async (shop: ShopWork): Promise<readonly UnitView[]> => unitViews(shop, await allUnits(shop));

export async function unitView(shop: ShopWork, id: string): Promise<UnitView> {
  const row = await unitById(shop, id);
  const [view] = row ? await unitViews(shop, [row]) : [];
  if (!view) throw notFound('This unit');
  return view;
}

/** Every plate in SI, or what is wrong with the first that cannot be. */
function platesOf(body: PutUnitRequest): readonly Omit<CircuitRow, 'shop_id' | 'unit_id'>[] {
  return body.circuits.map(({ id, name, ...plate }, i) => {
    const facts = readPlate(plate, `circuits[${i}].`);
    if (!facts.ok) throw refusal(facts.errors);
    return { id: id.toLowerCase(), details: { name, ...facts.value } };
  });
}

/** Tags are given once in a shop, and stay once joints carry them; a circuit stays with its unit. */
async function checkUnit(shop: ShopWork, unitId: string, body: PutUnitRequest, before: UnitRow | null): Promise<void> {
  if (!(await siteById(shop, body.siteId.toLowerCase()))) throw new AppError('INVALID_INPUT', 'is not a site of this shop', 'siteId');
  const namesake = await unitByTag(shop, body.tag);
  if (namesake && namesake.id !== unitId)
    throw new AppError('CONFLICT', `${body.tag} is another unit: give this one a tag of its own.`, 'tag');
  const asked = body.circuits.map((circuit) => circuit.id.toLowerCase());
  const elsewhere = (await circuitsByIds(shop, asked)).find((circuit) => circuit.unit_id !== unitId);
  if (elsewhere) throw new AppError('CONFLICT', 'This circuit belongs to another unit.', `circuits[${asked.indexOf(elsewhere.id)}].id`);
  if (!before) return;
  const own = (await circuitsOfUnits(shop, [unitId])).map((circuit) => circuit.id);
  if (own.some((id) => !asked.includes(id)))
    throw new AppError('INVALID_INPUT', 'A circuit stays with its unit: send all of them.', 'circuits');
  if (before.tag !== body.tag && (await hasJoints(shop, own))) {
    throw new AppError('INVALID_INPUT', `The joints of ${before.tag} carry its tag: it stays.`, 'tag');
  }
}

/** Adds a unit with its circuits, or puts right what its plate says; kept plans stand as they were kept. */
export async function putUnit(shop: ShopWork, unitId: string, body: PutUnitRequest): Promise<UnitView> {
  const plates = platesOf(body);
  const before = await unitById(shop, unitId);
  await checkUnit(shop, unitId, body, before);
  const { tag, name, kind, siteId: _site, circuits: _circuits, ...details } = body;
  const place = before?.place ?? (await unitCount(shop));
  await saveUnit(shop, { id: unitId, site_id: body.siteId.toLowerCase(), tag, name, kind, place, details });
  for (const circuit of plates) await saveCircuit(shop, { ...circuit, unit_id: unitId });
  return unitView(shop, unitId);
}
