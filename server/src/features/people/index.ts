/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { codeHash, newCode, readable } from './codes';
export { firstCode, openFirstShop } from './firstShop';
export { join } from './join.service';
export type * from './people.repository';
export { peopleRoutes } from './people.routes';
