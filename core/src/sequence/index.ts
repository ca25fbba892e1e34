export * from './request';
export * from './sequence';
export * from './orderBreaks';
export * from './ofDrawing';
export type { GasWay } from './gasWays';
