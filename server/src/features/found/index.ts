/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './found.repository';
export { foundRoutes } from './found.routes';
export { freshen, workOff } from './found.service';
