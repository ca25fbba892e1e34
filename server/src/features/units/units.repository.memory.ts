import { byId, saveRow, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { BehindUnit, CircuitRepository, Site, SiteRepository, Unit, UnitRepository } from './units.repository';

/** No two sites have the same: the name in small letters, then the id, which is always as long. */
const order = ({ name, id }: Site): string => `${name.toLowerCase()}\0${id}`;

export const memorySites = ({ sites }: MemoryRows): SiteRepository => ({
  page: async (behind, most) =>
    sortedBy(
      sites.filter((site) => !behind || order(site) > order(behind)),
      order,
    ).slice(0, most),
  byId: async (id) => byId(sites, id),
  byIds: async (ids) => sites.filter(({ id }) => ids.includes(id)),
  save: async (site) => saveRow(sites, site),
});

const isBehind = ({ place, id }: Unit, behind: BehindUnit | null) =>
  !behind || place > behind.place || (place === behind.place && id > behind.id);

export const memoryUnits = ({ units }: MemoryRows): UnitRepository => ({
  page: async (behind, most) =>
    sortedBy(
      units.filter((unit) => isBehind(unit, behind)),
      ({ place }) => place,
    ).slice(0, most),
  ofSites: async (siteIds, behind, most) =>
    siteIds.flatMap((siteId) =>
      sortedBy(
        units.filter((unit) => unit.siteId === siteId && isBehind(unit, behind)),
        ({ place }) => place,
      ).slice(0, most),
    ),
  ofModels: async (models, most) =>
    models.flatMap((model) =>
      sortedBy(
        units.filter(({ details }) => details.model === model),
        ({ place }) => place,
      ).slice(0, most),
    ),
  byId: async (id) => byId(units, id),
  byTag: async (tag) => units.find((unit) => unit.tag === tag) ?? null,
  count: async () => units.length,
  lock: async (id) => byId(units, id),
  save: async (unit) => saveRow(units, unit),
});

export const memoryCircuits = ({ circuits, joints }: MemoryRows): CircuitRepository => ({
  byId: async (id) => byId(circuits, id),
  byIds: async (ids) => circuits.filter(({ id }) => ids.includes(id)),
  ofUnits: async (unitIds) =>
    sortedBy(
      circuits.filter(({ unitId }) => unitIds.includes(unitId)),
      ({ id }) => id,
    ),
  haveJoints: async (ids) => joints.some(({ circuitId }) => ids.includes(circuitId)),
  save: async (circuit) => saveRow(circuits, circuit),
});
