export { charge, type Charge } from './charge';
export type { ChargeRequest, CylinderRequest, LinesRequest, RecoveryRequest } from './request';
export { annualRatePercent, byLaw, type ByLaw, type RepairDuty } from './leakRecord';
export { GWP } from '../refrigerant/gwp';
export { roomCharge, type HungAt } from './roomCharge';
export { CHARGE_WAYS, leavesAsLiquid, waysIn, type ChargeWay } from './ways';
