import { plateRequestOf } from '@kesto/core';
import type { PutUnitRequest, UnitView } from './types';

/** A unit as it stands, in the form in which it is written: exact, in kPa, °C and kg. */
export const unitRequestOf = ({ id: _id, sisters: _sisters, site, circuits, ...plate }: UnitView): PutUnitRequest => ({
  ...plate,
  siteId: site.id,
  circuits: circuits.map((circuit) => ({ id: circuit.id, name: circuit.name, ...plateRequestOf(circuit) })),
});
