import { glowAt, type FlameOrder, type FlameStep, type JointPlan, type MetalName } from '@kesto/core';
import type { Show } from './show';

const ORDERS: Readonly<Record<FlameOrder, string>> = {
  'tube-carries': 'The copper tube carries heat into the cup.',
  'larger-first': 'The heavier part is slow: heat it first.',
  'outer-opens': 'The outer part first: as it grows the gap opens.',
  'small-tube': 'Never on the small tube first: it melts before the rest is hot.',
};

const PLACES: Readonly<Record<FlameStep['on'], string>> = {
  male: 'on the tube, just behind the cup',
  female: 'on the cup, sweeping to its base',
};

const SHORT_PLACES: Readonly<Record<FlameStep['on'], string>> = { male: 'tube', female: 'cup' };
/** Where the flame is, in a word over a bar. */
export const flamePlaceWord = (on: FlameStep['on']): string => SHORT_PLACES[on];

export interface FlameWords {
  readonly steps: readonly string[];
  readonly why: string;
}

/** Where the flame goes, first and then; null where no filler is chosen. */
export function flameWords(plan: Pick<JointPlan, 'flame'>): FlameWords | null {
  if (!plan.flame) return null;
  const [first, then] = plan.flame.steps.map(
    ({ on, seconds }) => `${PLACES[on]}${seconds === null ? '' : `, about ${seconds.toFixed(0)} s`}`,
  );
  return { steps: [`First ${first ?? ''}.`, `Then ${then ?? ''}, until the filler has gone in all round.`], why: ORDERS[plan.flame.order] };
}

export interface Signs {
  readonly cold: string;
  readonly right: string;
  readonly hot: string;
}

const TOO_HOT: Readonly<Partial<Record<MetalName, string>>> = {
  brass: 'white smoke, a skin like orange peel',
  bronze: 'white smoke, a skin like orange peel',
  aluminium: 'it sags at once, without a colour',
};

/** What the eye sees when the joint is too cold, right and too hot. */
export function signsOf(plan: JointPlan, show: Show): Signs | null {
  const { heat, flux, joint } = plan;
  if (!heat) return null;
  const metals = [joint.male.metal, joint.female.metal];
  const glow = metals.includes('aluminium') ? null : glowAt(heat.middleC);
  // Where the filler itself wants salmon, that colour is no sign of too much.
  const hot =
    metals.map((metal) => TOO_HOT[metal]).find(Boolean) ?? `${glow === 'salmon' ? '' : 'salmon colour, '}a green edge on the flame`;
  return {
    cold: `the rod balls up and rolls off${flux.required ? '; the flux is white or milky' : ''}`,
    right: `${flux.required ? 'flux clear as water; ' : ''}the rod melts on the metal, not in the flame${glow ? `; ${glow} in shade, about ${show.celsius(heat.middleC)}` : ''}`,
    hot: `${hot}${flux.required ? '; the flux turns dark' : ''}`,
  };
}
