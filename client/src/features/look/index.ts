/** What other features may use of this one; everything else in its folder is its own. */
export { LookScreen } from './LookScreen';
