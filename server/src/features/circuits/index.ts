/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { drawing } from './drawings.service';
export { circuitRoutes } from './circuits.routes';
export type * from './drawings.repository';
