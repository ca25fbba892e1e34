export { pull } from './pull';
export { pumpDown, speedAtCircuit, secondsTo } from './forecast';
export { judgeRise, RISE } from './judgeRise';
export { RISE_MODELS } from './fitRise';
export { airLeft } from './breaks';
export { pullReach } from './reach';
export { drying, waterPressurePa } from './water';
export { MICRON_PA, micronOf, micronPa, micronPerMin } from './units';
