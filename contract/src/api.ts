/** What both sides of the wire know: types, limits and the table of routes. No sentence and no schema, so that the first screen waits for neither. */
export { STAGES, type Stage } from '@kesto/core/vocabulary';
export * from './session/types';
export * from './audit/types';
export * from './people/types';
export * from './shop/types';
export * from './units/types';
export * from './circuits/types';
export * from './dayPins/pin';
export * from './dayPins/types';
export * from './jobs/types';
export * from './joints/types';
export * from './ledger/types';
export * from './search/types';
export * from './stages/types';
export * from './photos/types';
export * from './system/types';
export * from './route';
export * from './routes';
