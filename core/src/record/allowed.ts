import type { Provenance } from '../provenance';

/** Made over planned, as ratios of the plan: what lies outside is shown as unusual, and bars nothing. */
interface Band extends Provenance {
  readonly least: number;
  readonly most: number;
}

const band = (least: number, most: number, source: string): Band => ({ least, most, source, confidence: 'medium' });

/** What a joint's figures as made may be, beside what was planned. */
export const ALLOWED = {
  rod: band(0.6, 1.8, 'judgement: a fillet twice the planned one, or a gap at the other end of its range'),
  heat: band(0.4, 2, 'the guide time’s own flags: under 0.4 of it over-torched, over twice it under-torched'),
  flood: band(1, 2, 'a flood is not shorter than planned; longer only costs gas'),
  trickle: band(0.9, 2, 'a flow meter’s reading; above twice the planned flow gas blows through the filler'),
  depth: band(0.93, 1.02, 'fully home within what a rule reads: 1 mm in a small cup, 2 mm in a large one'),
} as const satisfies Readonly<Record<string, Band>>;

export type MadeFigure = keyof typeof ALLOWED;

export interface AgainstPlan {
  readonly ratio: number | null;
  readonly inside: boolean | null;
}

/**
 * A figure as made against the plan.
 *
 * @param planned  in the same unit as `made`; null where nothing was planned
 * @param made     null where nobody measured it
 * @returns        made over planned, and whether it lies in its band; null where one of the two is missing
 */
export function againstPlan(figure: MadeFigure, planned: number | null | undefined, made: number | null | undefined): AgainstPlan {
  if (made == null || !planned) return { ratio: null, inside: null };
  const ratio = made / planned;
  return { ratio, inside: ratio >= ALLOWED[figure].least && ratio <= ALLOWED[figure].most };
}
