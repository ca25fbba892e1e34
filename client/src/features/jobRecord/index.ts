export { checkJobFile, type JobCheck } from './checkJobFile';
export { JobMark } from './JobMark';
export { JobRecord } from './JobRecord';
