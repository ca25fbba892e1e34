/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { appendEntry } from './entries.service';
export type * from './joints.repository';
export { jointRoutes } from './joints.routes';
export { jointView, jointViews } from './joints.service';
export { storePlan } from './plans.service';
