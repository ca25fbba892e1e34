import type { Member, ResolvedJoint } from '../joint/resolvedJoint';
import { holdsIronOrNickel, METALS, type MetalName } from '../metal/metals';
import type { Position } from '../vocabulary/joint';
import type { Schools } from '../vocabulary/schools';
import type { Side } from '../vocabulary/service';
import type { FillerRow } from './fillers';

export const VERDICTS = ['best', 'allowed', 'avoid', 'forbidden'] as const;
export type Verdict = (typeof VERDICTS)[number];

export interface Service {
  readonly refrigerant: string | null;
  readonly side: Side | null;
  readonly minTempC: number | null;
  /** Hottest metal in service; null where nobody said. */
  readonly maxTempC: number | null;
  readonly position: Position | null;
  /** A part with a limit lies within 300 mm: heat decides before silver's price. */
  readonly heatMatters: boolean;
  readonly vibration: boolean;
  readonly sulphur: boolean;
  /** What the tube's maker lists, by designation as the table names it; null until it is typed. */
  readonly makersFillers: readonly string[] | null;
  readonly schools: Schools;
}

/** A rule's finding on one filler. Codes and figures only: the sentence is made at the edge. */
export interface Reason {
  readonly code: FillerReasonCode;
  readonly verdict: Verdict;
  readonly values?: Readonly<Record<string, number | string>>;
}

export type FillerReasonCode =
  | 'cadmium'
  | 'old-cadmium'
  | 'ammonia'
  | 'ammonia-zinc'
  | 'galvanised'
  | 'soft-solder'
  | 'phosphide'
  | 'aluminium-bronze'
  | 'wets-steel'
  | 'needs-more-heat'
  | 'nickel-bearing'
  | 'no-nickel'
  | 'phosphorus-residue'
  | 'cut-back'
  | 'mixed-fillers'
  | 'same-kind'
  | 'self-fluxing'
  | 'cooler-with-flux'
  | 'wets-copper-alloy'
  | 'flux-on-brass'
  | 'low-silver-on-brass'
  | 'zinc-loss'
  | 'base-melts'
  | 'near-melting'
  | 'cannot-reflow'
  | 'below-reflow'
  | 'old-unknown'
  | 'read-makers-list'
  | 'al-cu-eutectic'
  | 'al-exception'
  | 'no-practice'
  | 'expert'
  | 'bench-only-skill'
  | 'low-temperature-repair'
  | 'aluminium-only'
  | 'hot-service'
  | 'low-ductility'
  | 'ductile-enough'
  | 'ductile'
  | 'runs-through'
  | 'bridges-gap'
  | 'sulphur';

export interface Case {
  readonly filler: FillerRow;
  readonly joint: ResolvedJoint;
  readonly service: Service;
}

/** What is found of one filler on one joint; null where the rule has nothing to say. */
export type Rule = (c: Case) => Reason | null;

export const isPhosphorus = (c: Case) => c.filler.family === 'copper-phosphorus';
export const isSilver = (c: Case) => c.filler.family === 'silver';
export const isForAluminium = (c: Case) => c.filler.family === 'aluminium-silicon' || c.filler.family === 'zinc-aluminium';
export const members = (c: Case): readonly Member[] => [c.joint.male, c.joint.female];
export const either = (c: Case, test: (m: Member) => boolean) => members(c).some(test);
export const both = (c: Case, test: (m: Member) => boolean) => members(c).every(test);
export const isAluminium = (m: Member) => m.metal === 'aluminium';
export const isIronOrNickel = (m: Member) => holdsIronOrNickel(m.metal);
export const isBrassOrBronze = (m: Member) => METALS[m.metal].family === 'brass';
export const carriedSilver = (m: Member) => m.removed === null && m.oldFiller?.family === 'silver' && !m.oldFiller.holdsCadmium;

/** The member that melts first; of two that melt together the tube. */
export function lowestMelting({ joint: { male, female } }: Case): { metal: MetalName; solidusC: number } {
  const { metal } = METALS[female.metal].solidusC < METALS[male.metal].solidusC ? female : male;
  return { metal, solidusC: METALS[metal].solidusC };
}
