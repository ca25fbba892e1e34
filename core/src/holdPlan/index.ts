export { planHold, type HoldPlan } from './planHold';
export { LIMIT_KINDS, type HoldLimit, type LimitKind } from './limits';
export type { HoldReach } from './reach';
export { TEST_PRACTICES, type HoldPlanRequest, type TestPractice } from './request';
export { keepAwayM, storedEnergyJ } from './steps';
