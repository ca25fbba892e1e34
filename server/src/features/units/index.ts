/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export {
  allUnits,
  circuitById,
  circuitsByIds,
  lockUnit,
  sitesByIds,
  toCircuit,
  toPlate,
  toSite,
  unitsByIds,
} from './units.repository.typeorm';
export { unitRoutes } from './units.routes';
