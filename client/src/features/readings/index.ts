/** What other features may use of this one; everything else in its folder is its own. */
export { ReadingsFields } from './ReadingsFields';
export { ReadingsFound } from './ReadingsFound';
export { ReadingTable } from './ReadingTable';
export { readingRows } from './readingRows';
export { useReadings } from './useReadings';
