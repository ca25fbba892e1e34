export {
  isWorked,
  kindIds,
  KINDS,
  kindsOf,
  shapeOf,
  stagedKinds,
  toldOf,
  type KindId,
  type KindOf,
  type StagedKind,
  type Told,
  type Worked,
  type WorkedKind,
} from './kinds';
export { CHAINS, type Chain, type KindRow, type Writers } from './row';
export type { EngineValue, Field, Fields, Spec, ValuesOf } from './fields';
export * from './entry';
export * from './openWords';
export { figuresOf } from './figuresOf';
export { makeStatement, type ToSay } from './statement';
export { closeWords, type Closed } from './closeWords';
export { CLOCKS_APART_MS, effectiveTime, type Clocked } from './effectiveTime';
export * from './verifyChain';
export { isOnDrawing, placesIn, type NamedPlace } from './placesIn';
export { POINT_ROWS } from './pointRows';
export { isDrawnWell } from './strokes';
export { tellsWell, type Misfit } from './tells';
export { chargeOf, workOutChargeBegan, workOutCharged, type ChargedFor } from './workOutCharge';
export { forecastCurve, judgePull, pumpingOf, workOutPullBegan, workOutRigAlone, type LivePulled, type PulledFor } from './workOutPull';
export { countedReadings, judgeKept, requestOfKept, type LiveHeld, type LiveJudged } from './judgeHold';
export { heldFigures, holdRequestOf, planOfHold, workOutHoldBegan, type WorkedHoldFor } from './workOutHold';
export { withCompressors, workOut, type Held, type HeldAtFlame, type HeldFor } from './workOut';
export * from './findings';
