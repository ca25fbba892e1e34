/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { lockJob } from './jobEntries.repository.typeorm';
export { schoolsOfJob, storeJobEntry } from './jobEntries.service';
export { jobById, jointsOfJobs } from './jobs.repository.typeorm';
export { jobRoutes } from './jobs.routes';
export { jobWithNotes } from './jobs.service';
