/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './jobs.repository';
export { jobRoutes } from './jobs.routes';
export { jobView, jobWithNotes, nearOf, tellJoint } from './jobs.service';
