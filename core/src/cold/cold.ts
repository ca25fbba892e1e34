import type { EntryKind } from '../record/chain';
import type { JoiningMethod } from '../ledger/words';
import type { ColdCheck } from '../ledger/words';
import { flareTorqueNm } from '../stage/flareTorque';

/** Ways to join without a flame. */
export const COLD_METHODS = ['press', 'flare', 'bend'] as const;
export type ColdMethod = (typeof COLD_METHODS)[number];
/** What is kept of a joint that was made so. */
export type ColdKind = 'pressed' | 'flared' | 'bent';
export const COLD_KIND: Readonly<Record<ColdMethod, ColdKind>> = { press: 'pressed', flare: 'flared', bend: 'bent' };

export const isColdMethod = (method: JoiningMethod | undefined): method is ColdMethod =>
  (COLD_METHODS as readonly string[]).includes(method ?? '');
export const isColdKind = (kind: EntryKind): kind is ColdKind => Object.values<EntryKind>(COLD_KIND).includes(kind);

/**
 * What is looked to, in the order of work, before a cold joint is kept.
 *
 * @source  makers' press instructions in common; usual practice for flares and bends
 */
export const CHECKS_OF: Readonly<Record<ColdMethod, readonly ColdCheck[]>> = {
  press: ['listed', 'square', 'clean-length', 'depth-marked', 'jaw-fits', 'heat-first', 'run-to-end'],
  flare: ['annealed', 'square', 'nut-first', 'even', 'oiled', 'by-hand-first', 'two-spanners'],
  bend: ['soft', 'own-bender', 'straight-end', 'smooth'],
};

/** Outside of the tube and the flare's least and most diameter [mm]. Source: usual 45° flare tables, medium to high confidence; the maker's counts first. */
const FLARES_MM: readonly (readonly [odMm: number, least: number, most: number])[] = [
  [6.35, 8.7, 9.1],
  [9.52, 12.8, 13.2],
  [12.7, 16.2, 16.6],
  [15.88, 19.3, 19.7],
  [19.05, 23.6, 24],
];
/** Sizes are compared to 0.1 mm. */
const SAME_MM = 0.1;

/**
 * How wide a flare opens.
 *
 * @param odM  outside of the tube [m], 1/4 to 3/4 in
 * @returns    least and most diameter [mm]; null for a size that no table has
 */
export function flareMm(odM: number): { readonly least: number; readonly most: number } | null {
  const row = FLARES_MM.find(([od]) => Math.abs(od - odM * 1000) <= SAME_MM);
  return row ? { least: row[1], most: row[2] } : null;
}

/** A bend's centre line is at least so many outsides of the tube; its roundness may be off by so much [%]. Source: usual benders, judgement; the maker's counts first. */
export const BEND = { leastRadiusOd: 3, mostOvalPercent: 8 } as const;

/** What makes a cold joint no good: it is cut out, never made a second time on the same tube. */
export type ColdFlaw = 'mark-moved' | 'no-witness' | 'torque' | 'flare-size' | 'dry' | 'radius' | 'oval';

type Values = Readonly<Record<string, unknown>>;
const outside = (value: unknown, band: { readonly least: number; readonly most: number } | null) =>
  typeof value === 'number' && band !== null && (value < band.least || value > band.most);

/** The size that the entry itself holds [m]. */
const toldOdM = ({ odMm }: Values): number | null => (typeof odMm === 'number' ? odMm / 1000 : null);

const FLAWS: Readonly<Record<ColdKind, (values: Values, odM: number | null) => readonly (ColdFlaw | false)[]>> = {
  pressed: ({ mark, witness }) => [mark !== true && 'mark-moved', witness !== true && 'no-witness'],
  flared: ({ torqueNm, sizeMm, oiled }, odM) => [
    outside(torqueNm, odM === null ? null : flareTorqueNm(odM)) && 'torque',
    outside(sizeMm, odM === null ? null : flareMm(odM)) && 'flare-size',
    oiled !== true && 'dry',
  ],
  bent: ({ radiusMm, ovalPercent }, odM) => [
    odM !== null && typeof radiusMm === 'number' && radiusMm < BEND.leastRadiusOd * odM * 1000 - SAME_MM && 'radius',
    typeof ovalPercent === 'number' && ovalPercent > BEND.mostOvalPercent && 'oval',
  ],
};

/**
 * What a cold joint as it was made lacks.
 *
 * @param kind    how it was made
 * @param values  as they were told: mark and witness; torque [N m], flare's diameter [mm], oil; radius [mm], ovality [%]
 * @param odM     outside of the tube [m]; null: as the values tell it, else limits by size are not judged
 * @returns       each flaw; none where it is as it should be
 * @source        the makers' limits count before these tables
 */
export const coldFlaws = (kind: ColdKind, values: Values, odM: number | null): readonly ColdFlaw[] =>
  FLAWS[kind](values, odM ?? toldOdM(values)).filter((flaw): flaw is ColdFlaw => flaw !== false);

/** How the joint as it stands was made cold, with what it lacks; null where a flame made it, or nobody did yet. */
export function madeCold(
  entries: readonly { readonly kind: EntryKind; readonly values: Values }[],
  odM: number | null,
): { readonly kind: ColdKind; readonly flaws: readonly ColdFlaw[] } | null {
  const made = entries.findLast(({ kind }) => isColdKind(kind) || kind === 'brazed' || kind === 'reworked');
  return made && isColdKind(made.kind) ? { kind: made.kind, flaws: coldFlaws(made.kind, made.values, odM) } : null;
}
