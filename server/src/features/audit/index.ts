/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './audit.repository';
export { AUDITED_IN_ANY_CHAIN } from './audit.repository';
export { audited, auditRefused } from './audit.service';
export { sayRestored } from './restored';
export { auditRoutes } from './audit.routes';
