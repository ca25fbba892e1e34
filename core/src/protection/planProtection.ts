import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { Along } from '../vocabulary/joint';
import type { Schools } from '../vocabulary/schools';
import type { HeatPlan, WrapEdges } from '../heat/heat';
import type { MetalName } from '../metal/metals';

import { FINE_BEYOND_M, runToPeaks, tubeProperties } from '../reach/heatReach';
import { gridThrough } from '../reach/grid';
import type { TubeModel, WetLength } from '../reach/tubeModel';
import { PART_LIMITS } from './limits';
import { measuresFor, type Measure } from './measures';
import { heatedEdgeM, usualWet, type NearPart } from './nearPart';

export interface PartProtection {
  readonly part: NearPart;
  /** Bare; null where no filler may be used, and for what is not on the tube. */
  readonly unprotectedPeakC: number | null;
  readonly unprotectedAtS: number;
  /** Of the tube at the part's root, as protected. */
  readonly rootC: number | null;
  /** Of the part, with the protection that was asked for. */
  readonly peakC: number | null;
  readonly peakAtS: number;
  /** A wrap stays wet until then: the part's own peak has passed, bare or wrapped [s from lighting up]. */
  readonly wetUntilS: number;
  readonly dryAtS: number | null;
  /** `off-tube`: what reaches it comes through the air, and no peak is worked out. */
  readonly verdict: 'ok' | 'too-hot' | 'no-limit' | 'off-tube';
  /** What is done about it, in order. */
  readonly measures: readonly Measure[];
}

/** Kept at temperature once it flows, unless said otherwise [s]. */
export const HOLD_S = 10;
/** A wrap stays wet at least this long after the flame is off [s]: the joint still gives off heat. Trade practice. */
const WET_AFTER_FLAME_S = 15;
/** Only this share of a cloth's water is counted: the rest drips off or boils where it does no good. */
const COUNTED_WATER = 0.6;
/** Tube beyond the heated zone stays bright, which loses least: the safe side. */
const BRIGHT_TUBE = { airH: 7, emissivity: 0.1 } as const;
const BRASS_HEAT_J_PER_KG_K = 380;
/** Of the metal between a tube and the middle of the body on it [W/m K] and [m]. Judgement: brass, half a small valve. */
const BODY_WALL = { conductivity: 115, lengthM: 0.02 } as const;

export interface Situation {
  readonly joint: ResolvedJoint;
  readonly heat: HeatPlan;
  readonly ambientC: number;
  readonly holdS: number;
}

/** Seconds the flame is on: the heat's own time or the guide's, and what the person holds beyond it [s]. */
export const heatingS = (s: Situation) => (s.heat.seconds ?? s.heat.guideSeconds) + s.holdS;

/** The joint end over time: straight up to the working temperature, held, then left to cool by what the model takes. */
function endOf(s: Situation): TubeModel['endTemperatureC'] {
  const upS = s.heat.seconds ?? s.heat.guideSeconds;
  return (t) => {
    if (t <= upS) return s.ambientC + ((s.heat.middleC - s.ambientC) * t) / upS;
    return t <= upS + s.holdS ? s.heat.middleC : null;
  };
}

function sideOf(joint: ResolvedJoint, along: Along) {
  if (along === 'male') return joint.male;
  const { metal, run, boreM, wallM } = joint.female;
  return along === 'run' && run ? { metal, ...run } : { metal, wallM, outsideM: boreM + 2 * wallM };
}

type TubeProperties = ReturnType<typeof tubeProperties>;
/** Means over a metal's tables, by plan: the same for every part on it. */
const known = new WeakMap<HeatPlan, Map<MetalName, TubeProperties>>();

function propertiesAt(heat: HeatPlan, metal: MetalName): TubeProperties {
  const here = known.get(heat) ?? new Map<MetalName, TubeProperties>();
  const found = here.get(metal) ?? tubeProperties(metal, heat.middleC);
  known.set(heat, here.set(metal, found));
  return found;
}

/** The member from the edge of the heated zone outwards, judged on the safe side. */
export function protectionModel(s: Situation, part: Pick<NearPart, 'along' | 'distanceM' | 'massKg'>, wraps: WetLength | null): TubeModel {
  const { outsideM, wallM, metal } = sideOf(s.joint, part.along);
  const edgeM = heatedEdgeM(s.joint, part.along);
  const properties = propertiesAt(s.heat, metal);
  const areaM2 = Math.PI * (outsideM - wallM) * wallM;
  const atM = Math.max(0, part.distanceM - edgeM);
  const wet = wraps && {
    ...wraps,
    fromM: Math.max(0.004, wraps.fromM - edgeM),
    toM: Math.max(0.008, wraps.toM - edgeM),
    waterKg: wraps.waterKg * COUNTED_WATER,
  };
  const farthestM = Math.max(atM, wet?.toM ?? 0);
  const body = part.massKg === null ? [] : [bodyOf(part.massKg, atM, areaM2)];
  return {
    ...properties,
    ...BRIGHT_TUBE,
    areaM2,
    perimeterM: Math.PI * outsideM,
    ambientC: s.ambientC,
    lengthM: farthestM + 0.9,
    fineToM: farthestM + FINE_BEYOND_M,
    endTemperatureC: endOf(s),
    endCapacityJPerK: properties.densityKgPerM3 * properties.heatCapacity * areaM2 * (s.joint.female.cupDepthM + s.joint.male.outsideM / 2),
    wet,
    lumps: body,
    gridM: gridThrough(wet, 0.004),
    unaudited: true,
    stepS: Math.min(LONGEST_STEP_S, Math.max(SHORTEST_STEP_S, heatingS(s) / STEPS_OF_HEATING)),
  };
}

/** A body behind its own wall: it takes heat from the tube, and lags behind it. */
const bodyOf = (massKg: number, atM: number, areaM2: number) => ({
  atM,
  capacityJPerK: massKg * BRASS_HEAT_J_PER_KG_K,
  conductanceWPerK: (BODY_WALL.conductivity * areaM2) / BODY_WALL.lengthM,
});

/** The heating is followed in about so many steps, none longer or shorter than these [s]: peaks within 1 % of eight times as many on half the grid. */
const STEPS_OF_HEATING = 42;
const LONGEST_STEP_S = 0.9;
const SHORTEST_STEP_S = 0.25;

interface Peak {
  readonly peakC: number;
  readonly rootC: number;
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
  const run = runToPeaks(protectionModel(s, part, wet), [Math.max(0, part.distanceM - heatedEdgeM(s.joint, part.along))], heatingS(s));
  const root = run.points[0];
  if (!root) throw new Error('one point was asked');
  const body = run.bodies[0] ?? root;
  return { peakC: body.peakC, rootC: root.peakC, atS: body.atSeconds, dryAtS: run.dryAtSeconds };
}

/**
 * Hottest each part near the joint gets, bare and as protected, and what is done about it.
 *
 * @param s       null where no filler may be used: measures are answered by kind, temperatures are not
 * @returns       peaks of the part: the mean of its body plus a third of the way to the tube at its root; the tube where it has no body
 * @accuracy      on the safe side; the body's wall is judgement
 * @source        transient conduction along the member that leads to the part, from the edge of the heated zone, bright tube, 60 % of the
 *                water counted, dried from the hot edge; what is done by the table of measures
 */
export function planProtection(
  parts: readonly NearPart[],
  s: Situation | null,
  school: Schools['heatProtection'] = 'putty',
): readonly PartProtection[] {
  return parts.map((part) => (s && !PART_LIMITS[part.kind].offTube ? onTube(part, s, school) : unreached(part, school)));
}

function unreached(part: NearPart, school: NonNullable<Schools['heatProtection']>): PartProtection {
  const nothing = { unprotectedPeakC: null, unprotectedAtS: 0, rootC: null, peakC: null, peakAtS: 0, wetUntilS: 0, dryAtS: null };
  const verdict = PART_LIMITS[part.kind].offTube ? 'off-tube' : 'no-limit';
  return { part, ...nothing, verdict, measures: measuresFor(part, school, { fits: () => true, hot: false }) };
}

/** Insulation comes no farther away than it is pulled back [m]. */
const PULLED_BACK_M = 0.3;

/** What is off the tube is as cold as the air round it; insulation is pulled back, and judged where its edge is then. */
function goneFrom(part: NearPart, s: Situation, rootC: number): Peak {
  if (part.kind !== 'insulation') return { peakC: s.ambientC, rootC, atS: 0, dryAtS: null };
  return peakOf(s, { ...part, distanceM: Math.max(part.distanceM, PULLED_BACK_M) }, null);
}

function onTube(part: NearPart, s: Situation, school: NonNullable<Schools['heatProtection']>): PartProtection {
  const peakWith = rememberedPeaks(s, part);
  const bare = peakWith(null);
  const asked = part.protection.kind === 'removed' ? goneFrom(part, s, bare.rootC) : peakWith(part.protection.wet);
  const { limitC } = part;
  const edgeM = heatedEdgeM(s.joint, part.along);
  return {
    part,
    unprotectedPeakC: bare.peakC,
    unprotectedAtS: bare.atS,
    rootC: asked.rootC,
    peakC: asked.peakC,
    peakAtS: asked.atS,
    wetUntilS: Math.max(asked.atS, bare.atS, heatingS(s) + WET_AFTER_FLAME_S),
    dryAtS: asked.dryAtS,
    verdict: limitC === null ? 'no-limit' : asked.peakC <= limitC ? 'ok' : 'too-hot',
    measures: measuresFor(part, school, {
      hot: limitC !== null && bare.peakC > limitC,
      // Water never makes a part hotter: what stays cool bare is not worked out again for every wrap.
      fits: (wrap) => limitC === null || bare.peakC <= limitC || peakWith(usualWet(wrap, part.distanceM, edgeM)).peakC <= limitC,
    }),
  };
}

/** Where the wet wraps of the parts begin, from the heated edge of each side [m]. */
export function wrapEdges(parts: readonly NearPart[], joint: ResolvedJoint): WrapEdges {
  const nearest = (along: Along) => {
    const edges = parts.flatMap(({ along: side, protection: { wet } }) =>
      side === along && wet ? [wet.fromM - heatedEdgeM(joint, along)] : [],
    );
    return edges.length === 0 ? null : Math.max(0, Math.min(...edges));
  };
  return { male: nearest('male'), female: nearest('female'), run: nearest('run') };
}

/** Bodies of parts that lie within what is heated [kg]. */
export const bodiesWithin = (parts: readonly NearPart[], joint: ResolvedJoint): number =>
  parts.reduce((kg, part) => kg + (part.distanceM < heatedEdgeM(joint, part.along) ? (part.massKg ?? 0) : 0), 0);
