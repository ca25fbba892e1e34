/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './ledger.repository';
export { ledgerRoutes } from './ledger.routes';
export { append, authorOf, type Author, type SaidBy, type ToAppend } from './append';
export { STANDS } from './ledger.sql';
export { toLink } from './storedLink';
