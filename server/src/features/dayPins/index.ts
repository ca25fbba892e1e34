/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './dayPins.repository';
export { dayPinRoutes } from './dayPins.routes';
