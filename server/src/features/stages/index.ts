/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './finds.repository';
export { stageRoutes } from './stages.routes';
export { appendStageEntry, checkTorch } from './stages.service';
