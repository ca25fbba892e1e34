import type { CircuitView, PutCircuitRequest, PutSiteRequest, PutUnitRequest, SiteView, UnitPlate, UnitView } from '@kesto/contract';
import { ALTITUDE_RANGE_M, FieldReader, readPlate } from '@kesto/core';
import { bodyOf, goes, type Command } from '@/outbox';

/** A site as the server will show it. */
function siteOf(command: Command): SiteView {
  const { name, altitude } = bodyOf<PutSiteRequest>(command);
  return { id: command.params['site'] ?? '', name, altitudeM: new FieldReader().lengthM('altitude', altitude, ALTITUDE_RANGE_M) };
}

const circuitsOf = (circuits: readonly PutCircuitRequest[]): readonly CircuitView[] =>
  circuits.flatMap(({ id, name, ...plate }) => {
    const facts = readPlate(plate);
    return facts.ok ? [{ id, name, ...facts.value }] : [];
  });

/** A unit as the server will show it; null where its site is not known here. */
function unitOf(command: Command, sites: readonly SiteView[]): UnitView | null {
  const { siteId, tag, name, kind, circuits, ...details } = bodyOf<PutUnitRequest>(command);
  const site = sites.find((s) => s.id === siteId);
  return site ? { id: command.params['unit'] ?? '', tag, name, kind, ...details, sisters: [], site, circuits: circuitsOf(circuits) } : null;
}

/** The list with each of these in the place of its namesake, or at its end. */
const merged = <T extends { readonly id: string }>(list: readonly T[], newer: readonly T[]): readonly T[] => [
  ...list.map((item) => newer.findLast((n) => n.id === item.id) ?? item),
  ...newer.filter((item, i) => !list.some((l) => l.id === item.id) && newer.findIndex((n) => n.id === item.id) === i),
];

export const sitesWith = (sites: readonly SiteView[], kept: readonly Command[]): readonly SiteView[] =>
  merged(sites, kept.filter(goes('putSite')).map(siteOf));

export const unitsWith = (units: readonly UnitView[], sites: readonly SiteView[], kept: readonly Command[]): readonly UnitView[] => {
  const known = sitesWith(
    merged(
      sites,
      units.map((unit) => unit.site),
    ),
    kept,
  );
  return merged(
    units,
    kept.filter(goes('putUnit')).flatMap((command) => unitOf(command, known) ?? []),
  );
};

/** The machines of a site with what is kept here: those that come or are called otherwise, without those that go elsewhere. */
export function platesAt(site: string, plates: readonly UnitPlate[], kept: readonly Command[]): readonly UnitPlate[] {
  const newest = new Map(
    kept.filter(goes('putUnit')).map((command) => [command.params['unit'] ?? '', bodyOf<PutUnitRequest>(command)] as const),
  );
  const here = [...newest].filter(([, { siteId }]) => siteId === site).map(([id, { tag, name, kind }]) => ({ id, tag, name, kind }));
  return merged(
    plates.filter(({ id }) => (newest.get(id)?.siteId ?? site) === site),
    here,
  );
}
