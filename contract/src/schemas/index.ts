export * from './quantity';
export * from './plan';
export * from './check';
export * from './api';
