import { highParts, type CircuitGraph } from '../circuit/graph';
import { factsOf, lastOf, type StageFact } from './entry';

const DAYS_PER_YEAR = 365.25;

/** What has to be explained, and how much of it the finds so far explain [g a year]. */
export interface Loss {
  readonly lostKg: number;
  readonly days: number;
  readonly gramsPerYear: number;
  readonly explainedGramsPerYear: number;
  /** Leaks found whose size nobody gave: they explain nothing until somebody does. */
  readonly unsized: number;
}

/**
 * The loss by what was added and when, against the leaks found.
 *
 * @returns  null where nobody said what was lost
 * @source   linear in time: a leak that stays as it is
 */
export function lossOf(facts: readonly StageFact[]): Loss | null {
  const loss = lastOf(facts, 'loss');
  if (!loss) return null;
  const { lostKg, days } = loss.values;
  const leaks = leaksOf(facts);
  return {
    ...{ lostKg, days, gramsPerYear: (lostKg * 1000 * DAYS_PER_YEAR) / days },
    explainedGramsPerYear: Math.max(sumOf(leaks), sumOf(leakingSections(facts))),
    unsized: leaks.filter((leak) => leak.gramsPerYear === undefined).length,
  };
}

const sumOf = (leaks: readonly { readonly gramsPerYear?: number | null }[]) =>
  leaks.reduce((sum, leak) => sum + (leak.gramsPerYear ?? 0), 0);

/** Sections whose last hold leaked: the places in them are found or not, so they are not added to those. */
function leakingSections(facts: readonly StageFact[]) {
  const last = new Map(factsOf(facts, 'section-hold').map((fact) => [fact.values.parts.join(), fact.values]));
  return [...last.values()].filter((held) => held.verdict === 'leaking');
}

/**
 * The loss as a share of the charge in a year [%], both usual ways: this loss annualised, and what was lost within the last year.
 *
 * @source  EPA 40 CFR 84.106: annualizing and rolling average
 */
export function annualRates(facts: readonly StageFact[]): { readonly annualised: number; readonly rolling: number } | null {
  const loss = lastOf(facts, 'loss')?.values;
  if (!loss?.chargeKg) return null;
  const share = (100 * loss.lostKg) / loss.chargeKg;
  return { annualised: (share * 365) / Math.min(365, loss.days), rolling: share };
}

/** Leaks found, each place once: the last that was said of it counts. */
export function leaksOf(facts: readonly StageFact[]) {
  const places = new Map(factsOf(facts, 'checked-place').map((fact) => [fact.values.place, fact.values]));
  return [...places.values()].filter((check) => check.result === 'leak');
}

/** Whether a leak was found where the machine could draw air: at a part or tube of the low side, or in a section that lies on it. */
export function foundOnLowSide(facts: readonly StageFact[], graph: CircuitGraph): boolean {
  const high = highParts(graph);
  const parts = new Set(graph.parts.map(({ id }) => id));
  const isLow = (place: string) => place.split('>').every((id) => parts.has(id)) && place.split('>').some((id) => !high.has(id));
  const sections = leakingSections(facts).filter(({ parts: held }) => held.some((id) => parts.has(id) && !high.has(id)));
  return sections.length > 0 || leaksOf(facts).some(({ place }) => isLow(place));
}

/** At least half of what is lost is explained, or nobody knows what is lost. Judgement: rates told from bubbles are good to a factor of two. */
export const LEAST_EXPLAINED = 0.5;
/** Whether the leaks that were found account for what was lost; nobody is asked to find more where nobody knows the loss. */
export const isExplained = (loss: Loss | null): boolean =>
  loss === null || loss.explainedGramsPerYear >= LEAST_EXPLAINED * loss.gramsPerYear;

/** Whether anything was looked at after the first leak was found; true where none was. */
export function lookedOn(facts: readonly StageFact[]): boolean {
  const checks = facts.filter((fact) => fact.kind === 'checked-place' || fact.kind === 'section-hold');
  const first = checks.findIndex((fact) => fact.kind === 'checked-place' && fact.values.result === 'leak');
  return first < 0 || checks.length > first + 1;
}
