/** What other features may use of this one; everything else in its folder is its own. */
export { ApprovalNote } from './ApprovalNote';
export { differsFromPlan } from './brazeForm';
export { useEntry } from './useEntry';
