export { pull, type Pull, type Rise } from './pull';
export type { BreakRequest, HoseRequest, PullRequest, PullSampleRequest } from './request';
export { pumpDown, speedAtCircuit, secondsAt, secondsTo, type ForecastPoint, type Hose, type Pumping } from './forecast';
export { judgeRise, RISE, type JudgedRise, type RiseFor } from './judgeRise';
export type { RiseReading } from './fitRise';
export { airLeft, type Break } from './breaks';
export { pullReach, type PullReach } from './reach';
export { drying, waterPressurePa, type Drying } from './water';
export { MICRON_PA, micronOf, micronPa, micronPerMin } from './units';
