import type { HeatPlan } from '../heat/heat';
import type { NearKind, NearRequest, Protection, ProtectionKind, Schools } from '../plan/request';
import type { ResolvedJoint } from '../plan/resolveJoint';
import { FINE_BEYOND_M, runToPeaks, tubeProperties } from '../reach/heatReach';
import { gridThrough, TubeSimulation, type TubeModel, type WetLength } from '../reach/tubeModel';
import type { FieldReader } from '../unit/fieldReader';
import { PART_LIMITS } from './limits';

export type ProtectionMeasure = 'none' | 'wet-cloth' | 'putty' | 'paste' | 'remove';

export interface NearPart {
  readonly kind: NearKind;
  readonly distanceM: number;
  readonly along: 'male' | 'female';
  readonly limitC: number | null;
  readonly limitAssumed: boolean;
  readonly massKg: number | null;
  readonly protection: { readonly kind: ProtectionKind; readonly wet: WetLength | null };
}

export interface PartProtection {
  readonly part: NearPart;
  readonly unprotectedPeakC: number;
  readonly unprotectedAtS: number;
  /** With the protection that was asked for. */
  readonly peakC: number;
  readonly peakAtS: number;
  readonly dryAtS: number | null;
  readonly verdict: 'ok' | 'too-hot' | 'no-limit';
  /** The least that keeps the part under its limit. */
  readonly measure: ProtectionMeasure;
}

/** Kept at temperature once it flows, unless said otherwise. */
export const HOLD_S = 10;
/** Only this share of a cloth's water is counted: the rest drips off or boils where it does no good. */
const COUNTED_WATER = 0.6;
const CLOTH = { waterKg: 0.2, beforeM: 0.025, beyondM: 0.075 } as const;
/** Putty holds about seven tenths water; 60 g is a collar. */
const PUTTY = { waterKg: 0.06 * 0.7, beforeM: 0.025, beyondM: 0.01 } as const;
/** Tube beyond the heated zone stays bright, which loses least: the safe side. */
const BRIGHT_TUBE = { airH: 7, emissivity: 0.1 } as const;
const BRASS_HEAT_J_PER_KG_K = 380;

const LIMIT_RANGE = { min: 30, max: 600 } as const;
const DISTANCE_RANGE = { min: 0, max: 5 } as const;
/** Shorter than this is no wrap. */
const LEAST_WRAP_M = 0.002;

export function readNear(near: readonly NearRequest[], read: FieldReader): readonly NearPart[] {
  return near.map((part, i) => {
    const field = `near[${i}]`;
    const distanceM = read.lengthM(`${field}.distance`, part.distance, DISTANCE_RANGE);
    return {
      kind: part.kind,
      distanceM,
      along: part.along ?? 'male',
      limitC: part.limit ? read.temperatureC(`${field}.limit`, part.limit, LIMIT_RANGE) : PART_LIMITS[part.kind].limitC,
      limitAssumed: part.limit === undefined,
      massKg: part.mass ? read.massKg(`${field}.mass`, part.mass, { min: 0.001, max: 100 }) : null,
      protection: readProtection(`${field}.protection`, part.protection ?? 'none', { distanceM, read }),
    };
  });
}

function readProtection(
  field: string,
  protection: Protection,
  { distanceM, read }: { distanceM: number; read: FieldReader },
): NearPart['protection'] {
  const given = typeof protection === 'string' ? { kind: protection } : protection;
  if (given.kind === 'none' || given.kind === 'removed') return { kind: given.kind, wet: null };
  const usual = usualWet(given.kind, distanceM);
  const fromM = given.from ? read.lengthM(`${field}.from`, given.from, DISTANCE_RANGE) : usual.fromM;
  const least = Number.isFinite(fromM) ? fromM + LEAST_WRAP_M : DISTANCE_RANGE.min;
  return {
    kind: given.kind,
    wet: {
      store: 'cells',
      fromM,
      toM: given.to ? read.lengthM(`${field}.to`, given.to, { min: least, max: DISTANCE_RANGE.max }) : Math.max(usual.toM, least),
      waterKg: given.water ? read.massKg(`${field}.water`, given.water, { min: 0.001, max: 20 }) : usual.waterKg,
    },
  };
}

function usualWet(kind: ProtectionKind, distanceM: number): WetLength {
  const wrap = kind === 'wet-cloth' ? CLOTH : PUTTY;
  return { store: 'cells', fromM: Math.max(0, distanceM - wrap.beforeM), toM: distanceM + wrap.beyondM, waterKg: wrap.waterKg };
}

/** The joint end over time: straight up to the working temperature, held, then left to cool by what the model takes. */
function endOf(heat: HeatPlan, ambientC: number): TubeModel['endTemperatureC'] {
  const upS = heat.seconds ?? heat.guideSeconds;
  return (t) => {
    if (t <= upS) return ambientC + ((heat.middleC - ambientC) * t) / upS;
    return t <= upS + HOLD_S ? heat.middleC : null;
  };
}

export interface Situation {
  readonly joint: ResolvedJoint;
  readonly heat: HeatPlan;
  readonly ambientC: number;
}

/** Where the heated zone ends, from the cup's mouth: half a diameter out along the tube, or past the lap into the part that takes it [m]. */
export const heatedEdgeM = (joint: ResolvedJoint, along: NearPart['along']) =>
  joint.male.outsideM / 2 + (along === 'female' ? joint.female.cupDepthM : 0);

function sideOf(joint: ResolvedJoint, along: NearPart['along']) {
  if (along === 'male') return joint.male;
  return { metal: joint.female.metal, wallM: joint.female.wallM, outsideM: joint.female.boreM + 2 * joint.female.wallM };
}

/** The member from the edge of the heated zone outwards, judged on the safe side; distances count from the cup's mouth. */
export function protectionModel(s: Situation, part: Pick<NearPart, 'along' | 'distanceM' | 'massKg'>, wraps: WetLength | null): TubeModel {
  const { outsideM, wallM, metal } = sideOf(s.joint, part.along);
  const edgeM = heatedEdgeM(s.joint, part.along);
  const properties = tubeProperties(metal, s.heat.middleC);
  const areaM2 = Math.PI * (outsideM - wallM) * wallM;
  const atM = Math.max(0, part.distanceM - edgeM);
  const wet = wraps && {
    ...wraps,
    fromM: Math.max(0.004, wraps.fromM - edgeM),
    toM: Math.max(0.008, wraps.toM - edgeM),
    waterKg: wraps.waterKg * COUNTED_WATER,
  };
  const farthestM = Math.max(atM, wet?.toM ?? 0);
  return {
    ...properties,
    ...BRIGHT_TUBE,
    areaM2,
    perimeterM: Math.PI * outsideM,
    ambientC: s.ambientC,
    lengthM: farthestM + 0.9,
    fineToM: farthestM + FINE_BEYOND_M,
    endTemperatureC: endOf(s.heat, s.ambientC),
    endCapacityJPerK: properties.densityKgPerM3 * properties.heatCapacity * areaM2 * (s.joint.female.cupDepthM + s.joint.male.outsideM / 2),
    wet,
    lumps: part.massKg === null ? [] : [{ atM, capacityJPerK: part.massKg * BRASS_HEAT_J_PER_KG_K }],
    gridM: gridThrough(wet, 0.004),
    stepS: 0.5,
  };
}

interface Peak {
  readonly peakC: number;
  readonly atS: number;
  readonly dryAtS: number | null;
}
type PeakWith = (wet: WetLength | null) => Peak;

/** A part's peak by what is wrapped round it, each worked out once: what is asked for is often what is proposed. */
function rememberedPeaks(s: Situation, part: NearPart): PeakWith {
  const known = new Map<string, Peak>();
  return (wet) => {
    const key = JSON.stringify(wet);
    const peak = known.get(key) ?? peakOf(s, part, wet);
    known.set(key, peak);
    return peak;
  };
}

function peakOf(s: Situation, part: NearPart, wet: WetLength | null): Peak {
  const model = protectionModel(s, part, wet);
  const heatingS = (s.heat.seconds ?? s.heat.guideSeconds) + HOLD_S;
  const run = runToPeaks(model, [Math.max(0, part.distanceM - heatedEdgeM(s.joint, part.along))], heatingS);
  const point = run.points[0];
  if (!point) throw new Error('one point was asked');
  return { peakC: point.peakC, atS: point.atSeconds, dryAtS: run.dryAtSeconds };
}

/**
 * Hottest each part near the joint gets, bare and as protected, and the least that keeps it under its limit.
 *
 * @source transient conduction along the member that leads to the part, from the edge of the heated zone, bright tube, 60 % of the water counted, dried from the hot edge
 */
export function planProtection(
  parts: readonly NearPart[],
  s: Situation,
  school: Schools['heatProtection'] = 'putty',
): readonly PartProtection[] {
  return parts.map((part) => {
    const peakWith = rememberedPeaks(s, part);
    const bare = peakWith(null);
    const asked = part.protection.kind === 'removed' ? { peakC: s.ambientC, atS: 0, dryAtS: null } : peakWith(part.protection.wet);
    return {
      part,
      unprotectedPeakC: bare.peakC,
      unprotectedAtS: bare.atS,
      peakC: asked.peakC,
      peakAtS: asked.atS,
      dryAtS: asked.dryAtS,
      verdict: part.limitC === null ? 'no-limit' : asked.peakC <= part.limitC ? 'ok' : 'too-hot',
      measure: leastMeasure(part, peakWith, school),
    };
  });
}

/**
 * Mean power the wet wraps take while the joint is heated and held [W], from the same conduction model: they dry from the hot
 * edge, so a wrap close to the flame draws much at first and less later.
 */
export function wetSinkW(parts: readonly NearPart[], s: Situation): number {
  const heatingS = (s.heat.seconds ?? s.heat.guideSeconds) + HOLD_S;
  return parts.reduce((sum, part) => {
    if (!part.protection.wet) return sum;
    const simulation = new TubeSimulation(protectionModel(s, part, part.protection.wet));
    while (simulation.seconds < heatingS) simulation.step();
    return sum + simulation.energy.absorbedJ / heatingS;
  }, 0);
}

/** What is tried in turn; the shop's school first. Taking apart comes first only where the part comes off. */
const TRIED: Readonly<Record<NonNullable<Schools['heatProtection']>, readonly ('putty' | 'wet-cloth' | 'paste')[]>> = {
  putty: ['putty', 'wet-cloth'],
  'wet cloth': ['wet-cloth', 'putty'],
  paste: ['paste', 'putty', 'wet-cloth'],
  dismantle: ['putty', 'wet-cloth'],
};

function leastMeasure(part: NearPart, peakWith: PeakWith, school: NonNullable<Schools['heatProtection']>): ProtectionMeasure {
  if (part.limitC === null || peakWith(null).peakC <= part.limitC) return 'none';
  if (school === 'dismantle' && PART_LIMITS[part.kind].removable) return 'remove';
  for (const kind of TRIED[school]) {
    if (peakWith(usualWet(kind, part.distanceM)).peakC <= part.limitC) return kind;
  }
  return 'remove';
}
