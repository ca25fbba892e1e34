export { planHold, type HoldPlan } from './planHold';
export type { HoldLimit } from './limits';
export { LIMIT_KINDS, TEST_PRACTICES, type LimitKind, type TestPractice } from '../ledger/words';
export type { HoldReach } from './reach';
export type { HoldPlanRequest } from './request';
export { keepAwayM, storedEnergyJ } from './steps';
export type { StrengthPlan } from './strength';
