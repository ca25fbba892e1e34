import type { JointPlan } from './planJoint';
import { TubeSimulation } from '../reach/tubeSimulation';
import { heatedEdgeM, type NearPart } from '../protection/nearPart';
import { heatingS, protectionModel, type Situation } from '../protection/planProtection';

export interface HeatFrame {
  readonly seconds: number;
  readonly temperaturesC: readonly number[];
}

export interface HeatAlong {
  /** From the cup's mouth along the male tube, from its bottom along the part that takes it, from the branch along its run. */
  readonly distancesM: readonly number[];
  readonly along: NearPart['along'];
  readonly bare: { readonly hottestC: readonly number[]; readonly frames: readonly HeatFrame[] };
  /** With the wet wraps of the plan; null where there are none. */
  readonly wrapped: { readonly hottestC: readonly number[]; readonly frames: readonly HeatFrame[] } | null;
  readonly flameOffS: number;
}

export type HeatAlongInput = Pick<JointPlan, 'joint' | 'heat' | 'protection' | 'ambientC' | 'holdS'>;

const POINTS = 48;
const FRAME_EVERY_S = 2;
/** How long after the flame is off the tube is watched: far points still warm up. */
const WATCHED_AFTER_S = 240;

/**
 * Temperature of the tube over distance and time while the joint is made and cools.
 *
 * @param plan     a plan with a filler chosen; null is answered where there is none to heat for
 * @param along    along the male tube, or along the part that takes it
 * @param lengthM  how far to look, 0.01..2 m from where distances of that side are counted
 * @returns        the hottest each point gets, and the curve every two seconds, bare and with the plan's wraps
 * @accuracy       as `planProtection`, whose model it is; several wraps are taken one at a time and the coldest kept
 */
export function heatAlongTube(plan: HeatAlongInput, { along, lengthM }: { along: NearPart['along']; lengthM: number }): HeatAlong | null {
  if (!plan.heat || !(lengthM >= 0.01 && lengthM <= 2)) return null;
  const s: Situation = { joint: plan.joint, heat: plan.heat, ambientC: plan.ambientC, holdS: plan.holdS };
  const distancesM = Array.from({ length: POINTS + 1 }, (_, i) => (lengthM * i) / POINTS);
  const wraps = plan.protection.map((p) => p.part).filter((part) => part.along === along && part.protection.wet !== null);
  const wrapped = wraps.map((part) => curveOf(s, { distancesM, along, wrap: part }));
  return {
    distancesM,
    along,
    bare: curveOf(s, { distancesM, along, wrap: null }),
    wrapped: wrapped.length === 0 ? null : wrapped.reduce(coldest),
    flameOffS: heatingS(s),
  };
}

type Curve = HeatAlong['bare'];

interface Look {
  readonly distancesM: readonly number[];
  readonly along: NearPart['along'];
  readonly wrap: NearPart | null;
}

function curveOf(s: Situation, { distancesM, along, wrap }: Look): Curve {
  const edgeM = heatedEdgeM(s.joint, along);
  const distanceM = distancesM[distancesM.length - 1] ?? 0;
  const simulation = new TubeSimulation(protectionModel(s, { along, distanceM, massKg: null }, wrap?.protection.wet ?? null));
  const read = () => distancesM.map((d) => simulation.temperatureAt(Math.max(0, d - edgeM)));
  const frames: HeatFrame[] = [{ seconds: 0, temperaturesC: read() }];
  const hottestC = [...read()];
  const untilS = heatingS(s) + WATCHED_AFTER_S;
  while (simulation.seconds < untilS) {
    simulation.step();
    if (simulation.seconds - (frames[frames.length - 1]?.seconds ?? 0) < FRAME_EVERY_S - 1e-9) continue;
    const temperaturesC = read();
    frames.push({ seconds: simulation.seconds, temperaturesC });
    temperaturesC.forEach((c, i) => (hottestC[i] = Math.max(hottestC[i] ?? c, c)));
  }
  return { hottestC, frames };
}

function coldest(a: Curve, b: Curve): Curve {
  const least = (x: readonly number[], y: readonly number[]) => x.map((value, i) => Math.min(value, y[i] ?? value));
  return {
    hottestC: least(a.hottestC, b.hottestC),
    frames: a.frames.map((frame, i) => ({
      seconds: frame.seconds,
      temperaturesC: least(frame.temperaturesC, b.frames[i]?.temperaturesC ?? frame.temperaturesC),
    })),
  };
}
