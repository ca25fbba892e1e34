/** What other features may use of this one; everything else in its folder is its own. */
export { BendsAsked, gatesOfItsOwn, useBendsAction } from './BendsAsked';
export { Facts } from './Facts';
export { Leaving } from './Leaving';
export { StageSheet } from './StageSheet';
export { NoteForm } from './NoteForm';
export { Undrawn } from './Undrawn';
export { WithCircuit } from './WithCircuit';
