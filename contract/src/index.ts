export * from './api/types';
export * from './answers/plan';
export * from './answers/reach';
