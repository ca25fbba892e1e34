import type { Verdict } from '../filler/finding';
import { catchesFire } from '../protection/limits';
import { burns, burnsEasily, isCarbonDioxide, type SafetyClass } from '../refrigerant/safetyClasses';
import type { NearKind } from '../vocabulary';
import type { JoiningMethod } from '../ledger/words';
import { factsOf, type StageFact } from './entry';

export { JOINING_METHODS, type JoiningMethod } from '../ledger/words';

/** By part, how it is joined: what was said last. */
export const joiningOf = (facts: readonly StageFact[]): ReadonlyMap<string, JoiningMethod> =>
  new Map(factsOf(facts, 'joining').map(({ values }) => [values.place, values.method]));

export type JoiningWhy =
  | 'fewest-joints'
  | 'flame-off-the-unit'
  | 'usual'
  | 'no-flame'
  | 'flammable'
  | 'burns-near'
  | 'above-press-range'
  | 'above-flare-range'
  | 'vibration'
  | 'rating-asked'
  | 'burns-easily'
  | 'fewer-joints-on-old-tube';

export interface JoiningChoice {
  readonly method: JoiningMethod;
  readonly verdict: Extract<Verdict, 'best' | 'allowed' | 'avoid'>;
  readonly why: readonly JoiningWhy[];
}

/** What decides how a joint is made. */
export interface JoiningFacts {
  /** Outside of the tube [m]; null where nobody knows. */
  readonly odM: number | null;
  readonly safetyClass: SafetyClass | null;
  readonly near: readonly NearKind[];
  /** By its usual name. */
  readonly refrigerant?: string | null;
  readonly vibration: boolean;
  /** The place allows no flame at all. */
  readonly flameAllowed: boolean;
}

/** Press fittings for refrigerant lines end here [m]. Source: usual ranges, 1/4 to 1-3/8 in; the maker's list counts. */
const LARGEST_PRESS_M = 0.035;
/** Flares on annealed tube end here [m]: 3/4 in. */
const LARGEST_FLARE_M = 0.0191;
/** Nothing burns there, but the flame sets it off. */
const SET_OFF: readonly NearKind[] = ['sprinkler', 'detector'];

/**
 * Ways to make a joint, best first.
 *
 * @source  a press or flare only where its own rating covers the design pressure; a flare never first where the refrigerant burns easily (none indoors);
 *          fewest joints first; press or flare where a flame is not wanted; braze where it shakes, is hot or larger than a press fitting. The
 *          maker's range and the local code count before this
 */
export function joiningChoices(facts: JoiningFacts): readonly JoiningChoice[] {
  const coldWanted = burns(facts.safetyClass) || !facts.flameAllowed;
  const flame: readonly JoiningWhy[] = [
    ...(facts.flameAllowed ? [] : (['no-flame'] as const)),
    ...(burns(facts.safetyClass) ? (['flammable'] as const) : []),
    ...(facts.near.some((kind) => catchesFire(kind) || SET_OFF.includes(kind)) ? (['burns-near'] as const) : []),
  ];
  const brazeVerdict = !facts.flameAllowed ? 'avoid' : flame.length > 0 ? 'allowed' : 'best';
  // Its own rating has to cover the design pressure, and for carbon dioxide no usual one does.
  const unrated: readonly JoiningWhy[] = isCarbonDioxide(facts.refrigerant ?? null) ? ['rating-asked'] : [];
  const cold = (range: number, tooLarge: JoiningWhy, more: readonly JoiningWhy[] = []): Pick<JoiningChoice, 'verdict' | 'why'> => {
    const why = [
      ...unrated,
      ...more,
      ...(facts.odM !== null && facts.odM > range ? [tooLarge] : []),
      ...(facts.vibration ? (['vibration'] as const) : []),
    ];
    return {
      verdict: why.length > 0 ? 'avoid' : coldWanted ? 'best' : 'allowed',
      why: why.length > 0 ? why : coldWanted ? flame : ['usual'],
    };
  };
  const choices: readonly JoiningChoice[] = [
    { method: 'bend', verdict: 'best', why: ['fewest-joints'] },
    { method: 'braze', verdict: brazeVerdict, why: flame.length > 0 ? flame : ['usual'] },
    { method: 'press', ...cold(LARGEST_PRESS_M, 'above-press-range') },
    { method: 'bench', verdict: facts.flameAllowed ? 'allowed' : 'avoid', why: ['flame-off-the-unit'] },
    { method: 'change-part', verdict: 'allowed', why: ['fewer-joints-on-old-tube'] },
    { method: 'flare', ...cold(LARGEST_FLARE_M, 'above-flare-range', burnsEasily(facts.safetyClass) ? ['burns-easily'] : []) },
  ];
  const rank = { best: 0, allowed: 1, avoid: 2 } as const;
  return [...choices].sort((a, b) => rank[a.verdict] - rank[b.verdict]);
}
