/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { circuitRoutes } from './circuits.routes';
export { latestDrawing } from './drawings.repository.typeorm';
