import type { FillerRow } from '../filler/fillers';
import { METALS, type MetalName } from '../metal/metals';
import { interpolateHeld, meanBetween } from '../numeric/interpolate';
import type { Fuel } from '../plan/request';
import type { ResolvedJoint } from '../plan/resolveJoint';
import { guideSeconds } from './guide';

export type HeatFlag = 'cannot-reach' | 'under-torched' | 'over-torched' | 'torch-assumed' | 'two-torches';

export interface HeatPlan {
  readonly targetLowC: number;
  readonly targetHighC: number;
  readonly middleC: number;
  readonly energyJ: number | null;
  readonly seconds: number | null;
  readonly guideSeconds: number;
  readonly netPowerW: number;
  readonly powerW: number;
  readonly efficiency: number;
  readonly steadyLossW: number;
  readonly flags: readonly HeatFlag[];
}

export interface Torch {
  readonly fuel: Fuel;
  readonly powerW: number | null;
  readonly efficiency: number | null;
}

export const isOxyFuel = (fuel: Fuel) => fuel.startsWith('oxy-');

/** Powers of the usual tips of each fuel [W, lower heating value]. Guide figures. */
const TIP_POWERS_W: Readonly<Record<Fuel, readonly number[]>> = {
  'air-propane': [1300, 2200, 3200],
  'air-propylene': [1900, 2800, 3800],
  'air-acetylene': [800, 1500, 2400, 4000, 6000, 13_500],
  'oxy-acetylene': [1500, 2200, 4500, 7400, 12_000],
  'oxy-propane': [6000, 10_000, 15_000],
  'oxy-propylene': [6000, 10_000, 15_000],
};

const HOT_LOSS_H = 30;

/** Temperatures to aim for: the filler's brazing range, its low end raised to an old filler's liquidus where a joint is re-flowed. */
export function targetRange(joint: ResolvedJoint, filler: FillerRow): { lowC: number; highC: number } {
  const old = [joint.male, joint.female].map((m) => (m.state === 'brazed' ? (m.oldFiller?.liquidusC ?? 0) : 0));
  const lowC = Math.max(filler.brazingLowC, ...old);
  return { lowC, highC: Math.max(filler.brazingHighC, lowC) };
}

interface HotMember {
  readonly metal: MetalName;
  readonly areaM2: number;
  readonly perimeterM: number;
}

function hotMembers(joint: ResolvedJoint): readonly [male: HotMember, female: HotMember] {
  const { outsideM: D, wallM: t } = joint.male;
  const { boreM: B, wallM: W } = joint.female;
  return [
    { metal: joint.male.metal, areaM2: Math.PI * (D - t) * t, perimeterM: Math.PI * D },
    { metal: joint.female.metal, areaM2: Math.PI * (B + W) * W, perimeterM: Math.PI * (B + 2 * W) },
  ];
}

/** Heat each member stores over lap + D/2 [J]. */
export function storedInMembersJ(joint: ResolvedJoint, ambientC: number, middleC: number): { male: number; female: number } {
  const lengthM = joint.female.cupDepthM + joint.male.outsideM / 2;
  const stored = (m: HotMember) => {
    const cp = meanBetween(METALS[m.metal].specificHeat, ambientC, middleC);
    return METALS[m.metal].densityKgPerM3 * m.areaM2 * lengthM * cp * (middleC - ambientC);
  };
  const [male, female] = hotMembers(joint);
  return { male: stored(male), female: stored(female) };
}

/** Heat that runs off along both tubes is this x sqrt(t) [J/s^0.5]: 2 k A dT / sqrt(pi alpha) each, the upper (step) value. */
function runoffPerRootSecond(joint: ResolvedJoint, ambientC: number, middleC: number): number {
  return hotMembers(joint).reduce((sum, m) => {
    const k = meanBetween(METALS[m.metal].conductivity, ambientC, middleC);
    const rhoC = METALS[m.metal].densityKgPerM3 * meanBetween(METALS[m.metal].specificHeat, ambientC, middleC);
    return sum + 2 * k * m.areaM2 * (middleC - ambientC) * Math.sqrt(rhoC / (Math.PI * k));
  }, 0);
}

/** Power that leaves along the tubes for ever: no torch under it gets there. */
function steadyLossW(joint: ResolvedJoint, ambientC: number, middleC: number): number {
  return hotMembers(joint).reduce((sum, m) => {
    const k = interpolateHeld(METALS[m.metal].conductivity, (ambientC + middleC) / 2);
    return sum + Math.sqrt(HOT_LOSS_H * m.perimeterM * k * m.areaM2) * (middleC - ambientC);
  }, 0);
}

/** Smallest t with P t >= E + B sqrt(t) + W t: solved by bisection on a bracket that is checked first. */
function heatingSeconds(powerW: number, storedEnergyJ: number, runoff: number): number | null {
  const short = (t: number) => powerW * t - storedEnergyJ - runoff * Math.sqrt(t);
  let low = 0;
  let high = 3600;
  if (powerW <= 0 || short(high) < 0) return null;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (short(middle) < 0) low = middle;
    else high = middle;
  }
  return high;
}

/**
 * Heat the joint needs and the time a torch takes to give it.
 *
 * @param wetSinkW  heat that wet protection draws while the joint is hot [W]
 * @accuracy        +-50 %: aim, distance and wind are not in it
 * @source          stored heat over lap + D/2 each, and step conduction into both tubes, balanced against net power x time
 */
export function planHeat(
  joint: ResolvedJoint,
  filler: FillerRow,
  given: { torch: Torch | null; ambientC: number; wetSinkW: number },
): HeatPlan {
  const { lowC, highC } = targetRange(joint, filler);
  const middleC = (lowC + highC) / 2;
  const fuel = given.torch?.fuel ?? 'air-acetylene';
  const efficiency = given.torch?.efficiency ?? (isOxyFuel(fuel) ? 0.3 : 0.25);
  const members = storedInMembersJ(joint, given.ambientC, middleC);
  const stored = members.male + members.female;
  const runoff = runoffPerRootSecond(joint, given.ambientC, middleC);
  const secondsAt = (powerW: number) => heatingSeconds(powerW * efficiency - given.wetSinkW, stored, runoff);
  const guide = guideSeconds(joint.male.outsideM);
  const powerW = given.torch?.powerW ?? nearestTip(TIP_POWERS_W[fuel], guide, secondsAt);
  const netPowerW = powerW * efficiency;
  const loss = steadyLossW(joint, given.ambientC, middleC) + given.wetSinkW;
  const seconds = netPowerW < loss ? null : secondsAt(powerW);
  return {
    targetLowC: lowC,
    targetHighC: highC,
    middleC,
    energyJ: seconds === null ? null : netPowerW * seconds,
    seconds,
    guideSeconds: guide,
    netPowerW,
    powerW,
    efficiency,
    steadyLossW: loss,
    flags: heatFlags({ seconds, guide, outsideM: joint.male.outsideM, assumed: given.torch?.powerW == null }),
  };
}

/** The tip whose time comes nearest the guide, by ratio. */
function nearestTip(tips: readonly number[], guide: number, secondsAt: (powerW: number) => number | null): number {
  const miss = (powerW: number) => Math.abs(Math.log((secondsAt(powerW) ?? 1e6) / guide));
  return tips.reduce((best, tip) => (miss(tip) < miss(best) ? tip : best));
}

function heatFlags(h: { seconds: number | null; guide: number; outsideM: number; assumed: boolean }): readonly HeatFlag[] {
  const flags: HeatFlag[] = [];
  if (h.seconds === null) flags.push('cannot-reach');
  else if (h.seconds > 2 * h.guide) flags.push('under-torched');
  else if (h.seconds < 0.4 * h.guide) flags.push('over-torched');
  if (h.outsideM > 2.125 * 0.0254 + 1e-5) flags.push('two-torches');
  if (h.assumed) flags.push('torch-assumed');
  return flags;
}
