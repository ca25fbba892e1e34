/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { jobNotes, schoolsOfJob, storeJobEntry, type JobNotes } from './jobNotes.service';
export { notesBefore } from './notesBefore';
