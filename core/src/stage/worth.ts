import type { WorthAdvice } from '../ledger/words';

/** What is known of a machine and its repair. */
export interface WorthFacts {
  readonly ageYears: number;
  /** How long such a machine is usually kept [years]; a maker's or an owner's figure wins. */
  readonly lifeYears?: number;
  /** Leaks found on it before this one. */
  readonly earlierFinds: number;
  readonly inWarranty: boolean;
  /** In one currency, whichever. */
  readonly repair: number;
  readonly replacement: number;
}

export interface Worth {
  readonly advice: WorthAdvice;
  /** Share of a new one's cost. */
  readonly share: number;
  /** What the repair may cost at most, by what is left of the machine's life. */
  readonly limit: number;
}

/** Usual life of such machines [years]. Judgement: trade habit 10 to 20. */
const USUAL_LIFE_YEARS = 15;
/** What a machine that leaked before is still trusted with. Judgement: a third less for each find. */
const TRUST_AFTER_FIND = 2 / 3;
/** Even at the end of its life a small repair pays. Judgement: a tenth of a new one. */
const LEAST_SHARE = 0.1;
/** Even a young one is not worth half of a new one's price and more. Judgement: trade habit. */
const MOST_SHARE = 0.5;

/**
 * Whether a repair pays, against a new machine.
 *
 * @returns  advice, the repair's share of a new one's cost, and the most it may cost
 * @source   judgement: half of a new one's price for a young machine, falling in a line with its age to a tenth, by a third for each earlier find
 */
export function worthRepairing({
  ageYears,
  lifeYears = USUAL_LIFE_YEARS,
  earlierFinds,
  inWarranty,
  repair,
  replacement,
}: WorthFacts): Worth {
  const left = Math.max(0, 1 - ageYears / lifeYears);
  const limitShare = Math.max(LEAST_SHARE, MOST_SHARE * left * TRUST_AFTER_FIND ** earlierFinds);
  const share = repair / replacement;
  return { advice: inWarranty ? 'claim-warranty' : share <= limitShare ? 'repair' : 'replace', share, limit: limitShare * replacement };
}
