export * from './isolate';
export * from './request';
export type { HeldSection } from './sections';
export * from './sight';
export * from './takeOut';
export * from './usualHold';
export type { IsolationWhy, IsolationWhyCode } from './why';
export * from './leftOut';
