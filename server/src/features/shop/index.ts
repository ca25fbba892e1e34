/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { schoolsOf, vanOf } from './shop.repository.typeorm';
export { shopRoutes } from './shop.routes';
