export { charge, type Charge } from './charge';
export { PLACES, type ChargeRequest, type CylinderRequest, type LinesRequest, type PlaceOfLaw, type RecoveryRequest } from './request';
export { annualRatePercent, byLaw, type ByLaw } from './leakRecord';
export { roomCharge, type HungAt } from './roomCharge';
export { CHARGE_WAYS, leavesAsLiquid, type ChargeWay } from './ways';
