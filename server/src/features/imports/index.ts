/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './imports.repository';
export { importRoutes } from './imports.routes';
