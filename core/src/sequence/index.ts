export * from './request';
export * from './sequence';
export * from './orderBreaks';
export * from './ofDrawing';
export type { GasWay } from './gasWays';
export { heatAdvice, heatSteps, isOneHeat, type HeatAdvice, type HeatJoint } from './oneHeat';
