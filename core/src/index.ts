export * from './result';
export * from './errors';
export * from './provenance';
export * from './unit/units';
export * from './unit/parse';
export * from './unit/format';
export * from './unit/write';
export { FieldReader } from './unit/fieldReader';
export { ALTITUDE_RANGE_M, standardAtmospherePressure } from './atmosphere/standardAtmosphere';
export * from './tube/tubes';
export * from './tube/findTube';
export * from './metal/metals';
export * from './filler/fillers';
export { VERDICTS, type FillerReasonCode, type Reason, type Verdict } from './filler/finding';
export type { FillerVerdict } from './filler/rules';
export * from './flux/fluxes';
export type { FluxChoice, FluxReason } from './flux/choose';
export { CUPS, cupForTube, type CupRow } from './fit/cups';
export { GAP_LIMITS_MM, growth, meanExpansionPerK, type FitVerdict } from './fit/gap';
export { weakerMember } from './fit/overlap';
export { annealedAllowableStressPa, annealedRating, enRating } from './pressure/annealedRating';
export { filletLegM, ROD_BEAD_M, ROD_WASTE, type RodAmount } from './rod/amount';
export { RODS } from './rod/rods';
export { TIP_POWERS_W, type HeatFlag, type HeatPlan } from './heat/heat';
export { guideSeconds } from './heat/guide';
export { heatReach, type Reach, type ReachPoint, type ReachRequest } from './reach/heatReach';
export * from './protection/limits';
export { heatAlongTube, type HeatAlong, type HeatAlongInput, type HeatFrame } from './plan/heatAlong';
export { heatedEdgeM, type NearPart } from './protection/nearPart';
export * from './plan/requestFor';
export {
  cylinderGauge,
  INSTRUMENT_KINDS,
  CYLINDER_GASES,
  readVan,
  WRAPS,
  type CarriedWrap,
  type CylinderGas,
  type GasCylinder,
  type Instrument,
  type InstrumentKind,
  type RecoveryCylinder,
  type VanCount,
} from './van/readVan';
export {
  ACETYLENE_SIZES,
  fuelGauge,
  fuelLeftM3,
  tipKw,
  type AcetyleneSize,
  type FuelCylinder,
  type VanTip,
  type VanTorch,
} from './van/vanTorch';
export { rodLength, sticksLengthM, usualRod } from './rod/rods';
export { FLUX_CLASSES, FLUXES, type FluxClass } from './flux/fluxes';
export { carriedRequest } from './plan/keptRequest';
export { drawnSince, type DrawnSince } from './plan/drawnSince';
export { plateRequestOf, readPlate, sweptSection, type PlateRequest, type SweptRequest } from './circuit/readPlate';
export { heatingS, type PartProtection } from './protection/planProtection';
export { MEASURES, type Measure } from './protection/measures';
export * from './purge/request';
export { planPurge, type PurgePlan } from './purge/planPurge';
export {
  isCarbonDioxide,
  REFRIGERANT_NAMES,
  refrigerantName,
  SAFETY_CLASS_NAMES,
  SAFETY_CLASSES,
  type SafetyClass,
} from './refrigerant/safetyClasses';
export * from './plan/request';
export type { NearRequest, Protection } from './protection/request';
export type { CircuitFacts } from './circuit/facts';
export type { Assumption, Member, ResolvedJoint } from './joint/resolvedJoint';
export { JOINT_LIMITS } from './plan/resolveJoint';
export { ENGINE_VERSION, planJoint, type JointPlan } from './plan/planJoint';
export * from './vocabulary';
export { CAUTIONS, type Authority, type Caution, type CautionCode, type Severity } from './caution/table';
export { jobStage, stageByJoints } from './record/jobStage';
export type { Strength, StrengthBasis } from './pressure/strength';
export type { InspectCode, InspectionPoint } from './plan/inspect';
export * from './record/allowed';
export { approvalFor, scopeOf } from './record/approvalFor';
export * from './record/chain';
export * from './record/formerWords';
export * from './record/jointEntry';
export { linksMisfit } from './record/recordShape';
export * from './record/verify';
export type { Parts } from './record/parts';
export * from './record/verifyJob';
export { seriesPath } from './record/seriesInFile';
export * from './record/recordText';
export * from './record/jsonValue';
export * from './record/flaw';
export * from './record/look';
export * from './record/state';
export * from './record/correct';
export * from './record/rodUsed';
export * from './record/fillersByLot';
export * from './sequence';
export * from './record/run';
export * from './found/foundOf';
export type { Captive, ColdCheck, DryFit, FlowTold, TakenOut } from './ledger/words';
export {
  BEFORE_START,
  HEAT_SIDES,
  type HeatSide,
  ACID_RESULTS,
  BENDS,
  PROOF_METHODS,
  GAUGE_PLACES,
  HAND_OVER_ANSWERS,
  HAND_OVER_POINTS,
  LEAK_LAWS,
  LEAK_USES,
  type LeakUse,
  MATERIAL_UNITS,
  PULL_REASONS,
  PULL_VERDICTS,
  RISE_LIMITS,
  type BeforeStart,
  type AcidResult,
  type Bend,
  type BendPoint,
  type ProofMethod,
  type GaugePlace,
  type HandOverAnswer,
  type HandOverPoint,
  type LeakLaw,
  type MaterialUnit,
  type PullReason,
  type PullVerdict,
  type RiseLimit,
  type RiseModel,
} from './ledger/words';
export { CAPTIVES, COLD_CHECKS, DRY_FITS, TAKEN_OUT } from './ledger/words';
export * from './cold/cold';
export * from './kit';
export * from './purge/oxygenRead';
export * from './plan/cooling';
export * from './purge/oxygen';
export * from './plan/fullRule';
export * from './heat/flame';
export * from './heat/glow';
export * from './plan/schools';
export type { CircuitGraph, CircuitLink, CircuitPart } from './circuit/graph';
export { readCircuit } from './circuit/readCircuit';
export { limitErrors } from './circuit/partLimits';
export * from './circuit/edit';
export * from './circuit/branch';
export * from './circuit/jointsNear';
export { usualInside, type UsualInside } from './circuit/usualInside';
export * from './circuit/proposedJoints';
export { alongFrom } from './circuit/alongFrom';
export { clearSpot, distanceToRun } from './circuit/clearSpot';
export { layOut } from './circuit/layOut';
export type { CircuitLayout, LaidFan, LaidLink, LaidPart, Point } from './circuit/layoutTypes';
export { inCircuit, together } from './circuit/pieces';
export { CIRCUIT_TEMPLATES, TEMPLATE_CIRCUITS, type CircuitTemplate } from './circuit/templates';
export { jointAt, type JointOnCircuit, type JointPlace } from './circuit/jointAt';
export * from './hold';
export * from './holdPlan';
export { flowByDropM3PerS, type FlowRow } from './heatCheck/flowByDrop';
export { airHeatW, waterHeatW, type AirHeatRequest, type WaterHeatRequest } from './heatCheck/heatCheck';
export * from './isolate';
export * from './stage';
export * from './series';
export * from './ledger';
