/** What other features may use of this one; everything else in its folder is its own. */
export { CheckedFile } from './CheckedFile';
export { pickRecord } from './pickRecord';
export { VerifyScreen } from './VerifyScreen';
