import { protectionModel, heatingS, type Situation } from '../protection/planProtection';
import { stretchAt } from '../reach/heatReach';
import { TubeSimulation } from '../reach/tubeSimulation';
import type { HeatAlongInput } from './heatAlong';

/** Nitrogen runs until the joint is under this, scale forms above it [°C]. Source: purge practice of brazers. */
export const NITROGEN_OFF_C = 200;
/** Under this it is touched, washed and looked at [°C]. Source: contact with hot metal, ISO 13732-1. */
export const TOUCH_C = 50;
const LONGEST_S = 4 * 3600;
/** Tube that takes heat from the joint beyond its cup [m]. */
const TUBE_M = 0.3;

export interface CoolingTimes {
  readonly under200S: number;
  readonly under50S: number;
}

/**
 * How long the joint stays hot after the flame is off.
 *
 * @param plan  a plan with a filler chosen; null is answered where there is none to heat for, or where the air itself is not under 50 °C
 * @returns     seconds from the flame off until the joint is under 200 and under 50 °C: of the member that stays hot longer
 * @accuracy    as the heat reach in still air, +-50 %; wind and wraps cool faster
 */
export function coolingTimes(plan: HeatAlongInput): CoolingTimes | null {
  if (!plan.heat || plan.ambientC >= TOUCH_C - 5) return null;
  const situation: Situation = { joint: plan.joint, heat: plan.heat, ambientC: plan.ambientC, holdS: plan.holdS };
  const sides = (['male', 'female'] as const).map((along) => {
    const simulation = new TubeSimulation(protectionModel(situation, { along, distanceM: TUBE_M, massKg: null }, null));
    return cooled(simulation, heatingS(situation));
  });
  return { under200S: Math.max(...sides.map((side) => side.under200S)), under50S: Math.max(...sides.map((side) => side.under50S)) };
}

function cooled(simulation: TubeSimulation, heatingS: number): CoolingTimes {
  const after = () => Math.max(0, simulation.seconds - heatingS);
  const until = (celsius: number) => {
    while (simulation.temperatureAt(0) > celsius && after() < LONGEST_S) simulation.step(stretchAt(after(), 0.5));
    return after();
  };
  while (simulation.seconds < heatingS) simulation.step();
  return { under200S: until(NITROGEN_OFF_C), under50S: until(TOUCH_C) };
}
