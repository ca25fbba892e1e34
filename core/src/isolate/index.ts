export * from './isolate';
export * from './request';
export type { HeldSection } from './sections';
export type { IsolationWhy, IsolationWhyCode } from './why';
