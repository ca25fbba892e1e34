import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { Fuel } from '../vocabulary/torch';
import type { FillerRow } from '../filler/fillers';
import { METALS, type MetalName } from '../metal/metals';
import { interpolateHeld, meanBetween } from '../numeric/interpolate';

import { guideSeconds } from './guide';
import { targetRange } from './target';
import { KELVIN_AT_0_C, LENGTH_UNITS, SEA_LEVEL } from '../unit/units';

export type HeatFlag = 'cannot-reach' | 'under-torched' | 'over-torched' | 'two-torches' | 'fuel-too-weak';

export interface HeatPlan {
  readonly targetLowC: number;
  readonly targetHighC: number;
  readonly middleC: number;
  /** Of the filler from before that has to melt again; null where nothing is re-flowed. */
  readonly oldLiquidusC: number | null;
  readonly energyJ: number | null;
  readonly seconds: number | null;
  readonly guideSeconds: number;
  /** Of all torches, into the work. */
  readonly netPowerW: number;
  /** Of each torch. */
  readonly powerW: number;
  readonly torches: 1 | 2;
  /** The tip was chosen from the fuel's usual ones: nobody said which is on the van. */
  readonly tipAssumed: boolean;
  readonly efficiency: number;
  readonly steadyLossW: number;
  /** A wet wrap takes more than the bare tube would, and is what keeps the joint from getting there. */
  readonly wrapIsTooNear: boolean;
  readonly flags: readonly HeatFlag[];
}

export interface Torch {
  readonly fuel: Fuel;
  /** How many are held; null where nobody said. */
  readonly count: 1 | 2 | null;
  readonly powerW: number | null;
  readonly tipsW: readonly number[] | null;
  readonly efficiency: number | null;
}

/** Distance from the heated edge to the hot edge of the nearest wet wrap on each side of the joint [m]; null where none is. */
export interface WrapEdges {
  readonly male: number | null;
  readonly female: number | null;
  readonly run: number | null;
}
export const NO_WRAPS: WrapEdges = { male: null, female: null, run: null };

export const isOxyFuel = (fuel: Fuel) => fuel.startsWith('oxy-');

/** Powers of the usual tips of each fuel [W, lower heating value]. Guide figures. */
export const TIP_POWERS_W: Readonly<Record<Fuel, readonly number[]>> = {
  'air-propane': [1300, 2200, 3200],
  'air-propylene': [1900, 2800, 3800],
  'air-acetylene': [1000, 1500, 2400, 4000, 6000, 13_500],
  'oxy-acetylene': [1500, 2200, 4500, 7400, 12_000],
  'oxy-propane': [6000, 10_000, 15_000],
  'oxy-propylene': [6000, 10_000, 15_000],
};

const HOT_LOSS_H = 30;
const BOILING_C = 100;
const PART_HEAT_J_PER_KG_K = 380;
/** Above this two torches are held [m]: 2-1/8 in. */
const TWO_TORCHES_OVER_M = 2.125 * LENGTH_UNITS.in + 0.0001;

interface HotMember {
  readonly metal: MetalName;
  readonly areaM2: number;
  readonly perimeterM: number;
  /** Of it that is brought to the working temperature [m]. */
  readonly heatedM: number;
}

const ring = (outsideM: number, wallM: number) => ({ areaM2: Math.PI * (outsideM - wallM) * wallM, perimeterM: Math.PI * outsideM });

function hotMembers(joint: ResolvedJoint): readonly [male: HotMember, female: HotMember] {
  const { outsideM: D, wallM: t } = joint.male;
  const { boreM: B, wallM: W, cupDepthM, run } = joint.female;
  const lapM = cupDepthM + D / 2;
  const male = { metal: joint.male.metal, ...ring(D, t), heatedM: lapM };
  const { metal } = joint.female;
  if (run) return [male, { metal, ...ring(run.outsideM, run.wallM), heatedM: run.outsideM + D }];
  return [male, { metal, ...ring(B + 2 * W, W), heatedM: lapM }];
}

/** Heat each member stores over its heated length [J]. */
export function storedInMembersJ(joint: ResolvedJoint, ambientC: number, middleC: number): { male: number; female: number } {
  const stored = (m: HotMember) => {
    const cp = meanBetween(METALS[m.metal].specificHeat, ambientC, middleC);
    return METALS[m.metal].densityKgPerM3 * m.areaM2 * m.heatedM * cp * (middleC - ambientC);
  };
  const [male, female] = hotMembers(joint);
  return { male: stored(male), female: stored(female) };
}

/** One way out of the joint for heat. */
interface Side {
  /** J/s^0.5: 2 k A dT / sqrt(pi alpha), the upper (step) value. */
  readonly runoff: number;
  /** What leaves for ever along the bare tube [W]. */
  readonly steadyW: number;
  /** What a wet wrap draws through the tube between it and the heated edge [W]. */
  readonly wrapW: number;
}

function sideOf(m: HotMember, wrapM: number | null, { ambientC, middleC }: { ambientC: number; middleC: number }): Side {
  const metal = METALS[m.metal];
  const k = meanBetween(metal.conductivity, ambientC, middleC);
  const rhoC = metal.densityKgPerM3 * meanBetween(metal.specificHeat, ambientC, middleC);
  const kMiddle = interpolateHeld(metal.conductivity, (ambientC + middleC) / 2);
  return {
    runoff: 2 * k * m.areaM2 * (middleC - ambientC) * Math.sqrt(rhoC / (Math.PI * k)),
    steadyW: Math.sqrt(HOT_LOSS_H * m.perimeterM * kMiddle * m.areaM2) * (middleC - ambientC),
    wrapW: wrapM === null ? 0 : (k * m.areaM2 * (middleC - BOILING_C)) / Math.max(wrapM, 0.001),
  };
}

/** Two ways out of a joint, three of a branch: along the branch and both ways along the run. */
function sidesOf(joint: ResolvedJoint, wraps: WrapEdges, temperatures: { ambientC: number; middleC: number }): readonly Side[] {
  const [male, female] = hotMembers(joint);
  const out = sideOf(male, wraps.male, temperatures);
  if (!joint.female.run) return [out, sideOf(female, wraps.female, temperatures)];
  return [out, sideOf(female, wraps.run, temperatures), sideOf(female, null, temperatures)];
}

const sum = (sides: readonly Side[], of: (side: Side) => number) => sides.reduce((total, side) => total + of(side), 0);

/** Smallest t with P t >= E + what has run off by then: solved by bisection on a bracket that is checked first. A wrap replaces a side's run-off where it is larger. */
function heatingSeconds(powerW: number, storedJ: number, sides: readonly Side[]): number | null {
  const short = (t: number) => powerW * t - storedJ - sum(sides, (side) => Math.max(side.runoff * Math.sqrt(t), side.wrapW * t));
  let low = 0;
  let high = 3600;
  if (!(powerW > 0) || short(high) < 0) return null;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (short(middle) < 0) low = middle;
    else high = middle;
  }
  return high;
}

export interface HeatGiven {
  readonly torch: Torch | null;
  readonly ambientC: number;
  readonly wraps: WrapEdges;
  /** Bodies of parts that lie within the heated length [kg]. */
  readonly bodiesKg: number;
  /** Of the air around [Pa absolute]: a flame that draws it in gives less where it is thin. */
  readonly atmospherePa: number;
}

const ROOM_K = 20 + KELVIN_AT_0_C;
/** Against air at the sea's level and 20 °C, never above it: an air-fuel torch burns what it draws in. Source: ideal gas. */
const airDensityRatio = (atmospherePa: number, ambientC: number): number =>
  Math.min(1, (atmospherePa / SEA_LEVEL) * (ROOM_K / (ambientC + KELVIN_AT_0_C)));
/**
 * Heat the joint needs and the time a torch takes to give it.
 *
 * @param given  torch, ambient [°C], wet wraps by side, bodies within the heated length [kg]
 * @returns      `seconds` null where the torch never gets there; a tip that nobody named is chosen from the fuel's usual ones
 * @accuracy     +-50 %: aim, distance and wind are not in it
 * @source       stored heat over the heated lengths, step conduction into every way out, a wet wrap as a fixed 100 °C where that draws more,
 *               balanced against net power x time
 */
export function planHeat(joint: ResolvedJoint, filler: FillerRow, given: HeatGiven): HeatPlan {
  const { lowC, highC, oldLiquidusC } = targetRange(joint, filler);
  const middleC = (lowC + highC) / 2;
  const { ambientC, torch } = given;
  const fuel = torch?.fuel ?? 'air-acetylene';
  const efficiency = torch?.efficiency ?? (isOxyFuel(fuel) ? 0.3 : 0.25);
  const torches = torch?.count ?? (joint.male.outsideM > TWO_TORCHES_OVER_M ? 2 : 1);
  const isWide = joint.male.outsideM > TWO_TORCHES_OVER_M;
  const members = storedInMembersJ(joint, ambientC, middleC);
  const storedJ = members.male + members.female + given.bodiesKg * PART_HEAT_J_PER_KG_K * (middleC - ambientC);
  const sides = sidesOf(joint, given.wraps, { ambientC, middleC });
  const lossW = sum(sides, (side) => Math.max(side.steadyW, side.wrapW));
  const thinner = isOxyFuel(fuel) ? 1 : airDensityRatio(given.atmospherePa, ambientC);
  const net = (powerW: number) => powerW * torches * efficiency * thinner;
  const secondsAt = (powerW: number) => (net(powerW) < lossW ? null : heatingSeconds(net(powerW), storedJ, sides));
  const guide = guideSeconds(joint.male.outsideM);
  const powerW = torch?.powerW ?? nearestTip(torch?.tipsW ?? TIP_POWERS_W[fuel], guide, secondsAt);
  const tipAssumed = torch?.powerW == null && torch?.tipsW == null;
  const seconds = secondsAt(powerW);
  return {
    targetLowC: lowC,
    targetHighC: highC,
    middleC,
    oldLiquidusC,
    energyJ: seconds === null ? null : net(powerW) * seconds,
    seconds,
    guideSeconds: guide,
    netPowerW: net(powerW),
    powerW,
    torches,
    tipAssumed,
    efficiency,
    steadyLossW: lossW,
    wrapIsTooNear: seconds === null && net(powerW) >= sum(sides, (side) => side.steadyW),
    flags: heatFlags({ seconds, guide, isWide, tipAssumed }),
  };
}

/** The tip whose time comes nearest the guide, by ratio; the strongest where none gets there. */
function nearestTip(tips: readonly number[], guide: number, secondsAt: (powerW: number) => number | null): number {
  const miss = (powerW: number) => Math.abs(Math.log((secondsAt(powerW) ?? 1e6 / powerW) / guide));
  return tips.reduce((best, tip) => (miss(tip) < miss(best) ? tip : best));
}

/** Nothing is held against a tip that nobody named; where none of a fuel's will do, the fuel is. */
function heatFlags(h: { seconds: number | null; guide: number; isWide: boolean; tipAssumed: boolean }): readonly HeatFlag[] {
  const flags: HeatFlag[] = [];
  const slow = h.seconds === null || h.seconds > 2 * h.guide;
  if (h.tipAssumed) {
    if (slow) flags.push('fuel-too-weak');
  } else if (h.seconds === null) flags.push('cannot-reach');
  else if (slow) flags.push('under-torched');
  else if (h.seconds < 0.4 * h.guide) flags.push('over-torched');
  if (h.isWide) flags.push('two-torches');
  return flags;
}
