/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './units.repository';
export { unitRoutes } from './units.routes';
export { toCircuit, toPlate, toSite } from './views';
