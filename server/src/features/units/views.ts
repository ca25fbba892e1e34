import type { CircuitView, SiteView, UnitPlate } from '@kesto/contract';
import type { Circuit, Site, Unit } from './units.repository';

export const toSite = ({ id, name, altitudeM }: Site): SiteView => ({ id, name, altitudeM });
export const toPlate = ({ id, tag, name, kind }: Unit): UnitPlate => ({ id, tag, name, kind });
export const toCircuit = ({ id, details }: Circuit): CircuitView => ({ id, ...details });
