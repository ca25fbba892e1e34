import { unitContent, unitRequestOf, type PutUnitRequest, type UnitPage, type UnitView } from '@kesto/contract';
import { readPlate } from '@kesto/core';
import { AppError, notFound } from '../../platform/errors';
import { checkMadeFrom } from '../../platform/madeFrom';
import { photosOf } from '../photos';
import { refusal } from '../../platform/http/refusal';
import type { ShopWork } from '../shopWork';
import { behindOf, keyOf } from './unitKey';
import type { Circuit, Unit } from './units.repository';
import { toCircuit, toPlate, toSite } from './views';

/** Of one model: what leaks on one is looked for on the other. */
export const isSister = (unit: Unit, other: Unit): boolean =>
  other.id !== unit.id && unit.details.model !== undefined && other.details.model === unit.details.model;

/** So many machines of one model are named. */
const SISTERS = 20;

async function unitViews(shop: ShopWork, units: readonly Unit[]): Promise<readonly UnitView[]> {
  const found = new Map((await shop.sites.byIds([...new Set(units.map((unit) => unit.siteId))])).map((site) => [site.id, site]));
  const circuits = await shop.circuits.ofUnits(units.map((unit) => unit.id));
  const models = units.flatMap(({ details }) => details.model ?? []);
  const kin = await shop.units.ofModels([...new Set(models)], SISTERS + 1);
  return units.map((unit) => {
    const site = found.get(unit.siteId);
    if (!site) throw notFound('This unit’s site');
    const sisters = kin
      .filter((other) => isSister(unit, other))
      .toSorted((a, b) => a.place - b.place)
      .slice(0, SISTERS)
      .map((other) => other.tag);
    return {
      ...toPlate(unit),
      ...unit.details,
      sisters,
      site: toSite(site),
      circuits: circuits.filter((c) => c.unitId === unit.id).map(toCircuit),
    };
  });
}

const PAGE = 50;
/** One page of the shop's units; however many there are, no more are read. */
export async function unitPage(shop: ShopWork, after: string): Promise<UnitPage> {
  const found = await shop.units.page(behindOf(after), PAGE + 1);
  const shown = found.slice(0, PAGE);
  const last = shown.at(-1);
  return { units: await unitViews(shop, shown), next: found.length > PAGE && last ? keyOf(last) : null };
}

export async function unitView(shop: ShopWork, id: string): Promise<UnitView> {
  const row = await shop.units.byId(id);
  const [view] = row ? await unitViews(shop, [row]) : [];
  if (!view) throw notFound('This unit');
  return view;
}

/** Every plate in SI, or what is wrong with the first that cannot be. */
function platesOf(body: PutUnitRequest): readonly Omit<Circuit, 'unitId'>[] {
  return body.circuits.map(({ id, name, ...plate }, i) => {
    const facts = readPlate(plate, `circuits[${i}].`);
    if (!facts.ok) throw refusal(facts.errors);
    return { id: id.toLowerCase(), details: { name, ...facts.value } };
  });
}

/** Tags are given once in a shop, and stay once joints carry them; a circuit stays with its unit. */
async function checkUnit(shop: ShopWork, unitId: string, body: PutUnitRequest, before: Unit | null): Promise<void> {
  if (!(await shop.sites.byId(body.siteId.toLowerCase()))) throw new AppError('INVALID_INPUT', 'is not a site of this shop', 'siteId');
  const namesake = await shop.units.byTag(body.tag);
  if (namesake && namesake.id !== unitId)
    throw new AppError('CONFLICT', `${body.tag} is another unit: give this one a tag of its own.`, 'tag');
  const asked = body.circuits.map((circuit) => circuit.id.toLowerCase());
  const elsewhere = (await shop.circuits.byIds(asked)).find((circuit) => circuit.unitId !== unitId);
  if (elsewhere) throw new AppError('CONFLICT', 'This circuit belongs to another unit.', `circuits[${asked.indexOf(elsewhere.id)}].id`);
  if (!before) return;
  const own = (await shop.circuits.ofUnits([unitId])).map((circuit) => circuit.id);
  if (own.some((id) => !asked.includes(id)))
    throw new AppError('INVALID_INPUT', 'A circuit stays with its unit: send all of them.', 'circuits');
  if (before.tag !== body.tag && (await shop.circuits.haveJoints(own))) {
    throw new AppError('INVALID_INPUT', `The joints of ${before.tag} carry its tag: it stays.`, 'tag');
  }
}

interface AskedUnit {
  readonly unitId: string;
  readonly body: PutUnitRequest;
  /** Hash of what the change was made from; null where nobody says. */
  readonly madeFrom: string | null;
}

/** What is asked for, in the form in which what stands is shown. */
const contentOf = (id: string, { circuits: _circuits, ...plate }: PutUnitRequest, plates: readonly Omit<Circuit, 'unitId'>[]) => ({
  ...{ id, ...plate },
  circuits: plates.map((circuit) => ({ id: circuit.id, ...circuit.details })),
});

/** Adds a unit with its circuits, or puts right what its plate says; kept plans stand as they were kept. */
export async function putUnit(shop: ShopWork, { unitId, body, madeFrom }: AskedUnit): Promise<UnitView> {
  const plates = platesOf(body);
  await photosOf(shop, body.platePhotos ?? [], 'platePhotos');
  const before = await shop.units.lock(unitId);
  await checkUnit(shop, unitId, body, before);
  if (before) {
    const view = await unitView(shop, unitId);
    checkMadeFrom(madeFrom, { content: unitContent(view), asked: contentOf(unitId, body, plates), stands: unitRequestOf(view) });
  }
  const { tag, name, kind, siteId: _site, circuits: _circuits, ...details } = body;
  const place = before?.place ?? (await shop.units.count());
  await shop.units.save({ id: unitId, siteId: body.siteId.toLowerCase(), tag, name, kind, place, details });
  for (const circuit of plates) await shop.circuits.save({ ...circuit, unitId });
  return unitView(shop, unitId);
}
