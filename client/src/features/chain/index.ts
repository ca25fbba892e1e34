/** What other features may use of this one; everything else in its folder is its own. */
export { Chain } from './Chain';
export { checkOnDevice } from './checkOnDevice';
export { KeyWords, SealMark } from './SealMark';
export { brokenEntry, Findings, hashInFours, type Integrity, IntegrityMark, integrityOf } from './IntegrityMark';
