/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { metricsRoute } from './metrics.routes';
export { systemRoutes } from './system.routes';
