/** What other features may use of this one; everything else in its folder is its own. */
export { ImportScreen } from './ImportScreen';
export { ImportsScreen } from './ImportsScreen';
export { GoesOnNote, TheirRecord } from './TheirRecord';
