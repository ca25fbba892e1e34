import type { Provenance } from '../provenance';

export type FillerFamily = 'copper-phosphorus' | 'silver' | 'aluminium-silicon' | 'zinc-aluminium';

/** A filler metal. Temperatures are the standard's, rounded to 1 °C; gaps are per side, at brazing temperature. */
export interface FillerRow extends Provenance {
  readonly designation: string;
  readonly iso: string | null;
  readonly family: FillerFamily;
  readonly composition: string;
  readonly silverPercent: number;
  readonly phosphorusPercent: number;
  readonly nickelPercent: number;
  readonly holdsCadmium: boolean;
  readonly solidusC: number;
  readonly liquidusC: number;
  readonly brazingLowC: number;
  readonly brazingHighC: number;
  readonly densityKgPerM3: number;
  /** Radial gap it fills at brazing temperature. */
  readonly gapLeastMm: number;
  readonly gapMostMm: number;
}

// One filler a line, so that the table can be read down its columns.
// prettier-ignore
export const FILLERS: readonly FillerRow[] = [
  { designation: 'BCuP-2', iso: 'CuP 181', family: 'copper-phosphorus', composition: 'Cu, P 7-7.5', silverPercent: 0, phosphorusPercent: 7.25, nickelPercent: 0, holdsCadmium: false, solidusC: 710, liquidusC: 793, brazingLowC: 732, brazingHighC: 843, densityKgPerM3: 8050, gapLeastMm: 0.03, gapMostMm: 0.08, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BCuP-3', iso: 'CuP 281', family: 'copper-phosphorus', composition: 'Ag 5, P 6, Cu', silverPercent: 5, phosphorusPercent: 6, nickelPercent: 0, holdsCadmium: false, solidusC: 643, liquidusC: 813, brazingLowC: 718, brazingHighC: 816, densityKgPerM3: 8200, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BCuP-4', iso: 'CuP 283', family: 'copper-phosphorus', composition: 'Ag 6, P 7.25, Cu', silverPercent: 6, phosphorusPercent: 7.25, nickelPercent: 0, holdsCadmium: false, solidusC: 643, liquidusC: 718, brazingLowC: 691, brazingHighC: 788, densityKgPerM3: 8150, gapLeastMm: 0.03, gapMostMm: 0.08, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BCuP-5', iso: 'CuP 284', family: 'copper-phosphorus', composition: 'Ag 15, P 5, Cu', silverPercent: 15, phosphorusPercent: 5, nickelPercent: 0, holdsCadmium: false, solidusC: 643, liquidusC: 802, brazingLowC: 704, brazingHighC: 816, densityKgPerM3: 8400, gapLeastMm: 0.03, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BCuP-6', iso: 'CuP 280', family: 'copper-phosphorus', composition: 'Ag 2, P 7, Cu', silverPercent: 2, phosphorusPercent: 7, nickelPercent: 0, holdsCadmium: false, solidusC: 643, liquidusC: 788, brazingLowC: 732, brazingHighC: 816, densityKgPerM3: 8100, gapLeastMm: 0.03, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BCuP-7', iso: 'CuP 282', family: 'copper-phosphorus', composition: 'Ag 5, P 6.75, Cu', silverPercent: 5, phosphorusPercent: 6.75, nickelPercent: 0, holdsCadmium: false, solidusC: 643, liquidusC: 771, brazingLowC: 704, brazingHighC: 816, densityKgPerM3: 8200, gapLeastMm: 0.03, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BCuP-8', iso: 'CuP 285', family: 'copper-phosphorus', composition: 'Ag 18, P 6.25, Cu', silverPercent: 18, phosphorusPercent: 6.25, nickelPercent: 0, holdsCadmium: false, solidusC: 643, liquidusC: 666, brazingLowC: 666, brazingHighC: 688, densityKgPerM3: 8400, gapLeastMm: 0.03, gapMostMm: 0.08, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BCuP-9', iso: 'CuP 385', family: 'copper-phosphorus', composition: 'Sn 6.5, P 6.5, Cu', silverPercent: 0, phosphorusPercent: 6.5, nickelPercent: 0, holdsCadmium: false, solidusC: 637, liquidusC: 675, brazingLowC: 643, brazingHighC: 766, densityKgPerM3: 8000, gapLeastMm: 0.03, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'low' },
  { designation: 'CuP 279', iso: 'CuP 279', family: 'copper-phosphorus', composition: 'Ag 2, P 6.3, Cu', silverPercent: 2, phosphorusPercent: 6.3, nickelPercent: 0, holdsCadmium: false, solidusC: 645, liquidusC: 825, brazingLowC: 740, brazingHighC: 830, densityKgPerM3: 8100, gapLeastMm: 0.03, gapMostMm: 0.13, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'CuP 179', iso: 'CuP 179', family: 'copper-phosphorus', composition: 'P 6.2, Cu', silverPercent: 0, phosphorusPercent: 6.2, nickelPercent: 0, holdsCadmium: false, solidusC: 710, liquidusC: 890, brazingLowC: 760, brazingHighC: 890, densityKgPerM3: 8100, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'CuP 180', iso: 'CuP 180', family: 'copper-phosphorus', composition: 'P 7, Cu', silverPercent: 0, phosphorusPercent: 7, nickelPercent: 0, holdsCadmium: false, solidusC: 710, liquidusC: 820, brazingLowC: 740, brazingHighC: 850, densityKgPerM3: 8050, gapLeastMm: 0.03, gapMostMm: 0.13, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'CuP 182', iso: 'CuP 182', family: 'copper-phosphorus', composition: 'P 7.8, Cu', silverPercent: 0, phosphorusPercent: 7.8, nickelPercent: 0, holdsCadmium: false, solidusC: 710, liquidusC: 770, brazingLowC: 730, brazingHighC: 840, densityKgPerM3: 8000, gapLeastMm: 0.03, gapMostMm: 0.08, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'BAg-1', iso: 'Ag 345', family: 'silver', composition: 'Ag 45, Cu 15, Zn 16, Cd 24', silverPercent: 45, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: true, solidusC: 607, liquidusC: 618, brazingLowC: 618, brazingHighC: 760, densityKgPerM3: 9400, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BAg-1a', iso: 'Ag 350', family: 'silver', composition: 'Ag 50, Cu 15.5, Zn 16.5, Cd 18', silverPercent: 50, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: true, solidusC: 627, liquidusC: 635, brazingLowC: 635, brazingHighC: 760, densityKgPerM3: 9400, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-2', iso: 'Ag 335', family: 'silver', composition: 'Ag 35, Cu 26, Zn 21, Cd 18', silverPercent: 35, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: true, solidusC: 607, liquidusC: 702, brazingLowC: 702, brazingHighC: 843, densityKgPerM3: 9100, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-2a', iso: 'Ag 330', family: 'silver', composition: 'Ag 30, Cu 27, Zn 23, Cd 20', silverPercent: 30, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: true, solidusC: 607, liquidusC: 710, brazingLowC: 710, brazingHighC: 843, densityKgPerM3: 9000, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-3', iso: 'Ag 351', family: 'silver', composition: 'Ag 50, Cu 15.5, Zn 15.5, Cd 16, Ni 3', silverPercent: 50, phosphorusPercent: 0, nickelPercent: 3, holdsCadmium: true, solidusC: 632, liquidusC: 688, brazingLowC: 688, brazingHighC: 816, densityKgPerM3: 9300, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-27', iso: 'Ag 326', family: 'silver', composition: 'Ag 25, Cu 35, Zn 26.5, Cd 13.5', silverPercent: 25, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: true, solidusC: 607, liquidusC: 746, brazingLowC: 746, brazingHighC: 857, densityKgPerM3: 8800, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-33', iso: 'Ag 325', family: 'silver', composition: 'Ag 25, Cu 30, Zn 27.5, Cd 17.5', silverPercent: 25, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: true, solidusC: 607, liquidusC: 682, brazingLowC: 682, brazingHighC: 760, densityKgPerM3: 8900, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-4', iso: 'Ag 440', family: 'silver', composition: 'Ag 40, Cu 30, Zn 28, Ni 2', silverPercent: 40, phosphorusPercent: 0, nickelPercent: 2, holdsCadmium: false, solidusC: 671, liquidusC: 779, brazingLowC: 779, brazingHighC: 899, densityKgPerM3: 9000, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-5', iso: 'Ag 245', family: 'silver', composition: 'Ag 45, Cu 30, Zn 25', silverPercent: 45, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 663, liquidusC: 743, brazingLowC: 743, brazingHighC: 843, densityKgPerM3: 9100, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BAg-7', iso: 'Ag 156', family: 'silver', composition: 'Ag 56, Cu 22, Zn 17, Sn 5', silverPercent: 56, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 618, liquidusC: 652, brazingLowC: 652, brazingHighC: 760, densityKgPerM3: 9400, gapLeastMm: 0.05, gapMostMm: 0.1, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BAg-20', iso: 'Ag 230', family: 'silver', composition: 'Ag 30, Cu 38, Zn 32', silverPercent: 30, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 677, liquidusC: 766, brazingLowC: 766, brazingHighC: 871, densityKgPerM3: 8800, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BAg-24', iso: 'Ag 450', family: 'silver', composition: 'Ag 50, Cu 20, Zn 28, Ni 2', silverPercent: 50, phosphorusPercent: 0, nickelPercent: 2, holdsCadmium: false, solidusC: 660, liquidusC: 707, brazingLowC: 707, brazingHighC: 843, densityKgPerM3: 9200, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BAg-28', iso: 'Ag 140', family: 'silver', composition: 'Ag 40, Cu 30, Zn 28, Sn 2', silverPercent: 40, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 649, liquidusC: 710, brazingLowC: 710, brazingHighC: 843, densityKgPerM3: 9100, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BAg-34', iso: 'Ag 138', family: 'silver', composition: 'Ag 38, Cu 32, Zn 28, Sn 2', silverPercent: 38, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 649, liquidusC: 721, brazingLowC: 721, brazingHighC: 843, densityKgPerM3: 9000, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'BAg-35', iso: 'Ag 235', family: 'silver', composition: 'Ag 35, Cu 32, Zn 33', silverPercent: 35, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 685, liquidusC: 754, brazingLowC: 754, brazingHighC: 841, densityKgPerM3: 9000, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-36', iso: 'Ag 145', family: 'silver', composition: 'Ag 45, Cu 27, Zn 25, Sn 3', silverPercent: 45, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 646, liquidusC: 677, brazingLowC: 677, brazingHighC: 813, densityKgPerM3: 9100, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'BAg-37', iso: 'Ag 125', family: 'silver', composition: 'Ag 25, Cu 40, Zn 33, Sn 2', silverPercent: 25, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 688, liquidusC: 779, brazingLowC: 779, brazingHighC: 885, densityKgPerM3: 8800, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'AWS A5.8, brazing range as recommended there', confidence: 'medium' },
  { designation: 'Ag 134', iso: 'Ag 134', family: 'silver', composition: 'Ag 34, Cu 36, Zn 27.5, Sn 2.5', silverPercent: 34, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 630, liquidusC: 730, brazingLowC: 730, brazingHighC: 820, densityKgPerM3: 9000, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'Ag 130', iso: 'Ag 130', family: 'silver', composition: 'Ag 30, Cu 36, Zn 32, Sn 2', silverPercent: 30, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 665, liquidusC: 755, brazingLowC: 755, brazingHighC: 850, densityKgPerM3: 8800, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'Ag 155', iso: 'Ag 155', family: 'silver', composition: 'Ag 55, Cu 21, Zn 22, Sn 2', silverPercent: 55, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 630, liquidusC: 660, brazingLowC: 660, brazingHighC: 760, densityKgPerM3: 9400, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'Ag 244', iso: 'Ag 244', family: 'silver', composition: 'Ag 44, Cu 30, Zn 26', silverPercent: 44, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 675, liquidusC: 735, brazingLowC: 735, brazingHighC: 840, densityKgPerM3: 9100, gapLeastMm: 0.05, gapMostMm: 0.13, source: 'ISO 17672; brazing range estimated from the melting range', confidence: 'medium' },
  { designation: 'BAlSi-4', iso: 'Al 112', family: 'aluminium-silicon', composition: 'Al, Si 11-13', silverPercent: 0, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 577, liquidusC: 582, brazingLowC: 582, brazingHighC: 604, densityKgPerM3: 2660, gapLeastMm: 0.05, gapMostMm: 0.25, source: 'AWS A5.8, brazing range as recommended there', confidence: 'high' },
  { designation: 'Zn-2Al', iso: 'S-Zn98Al2', family: 'zinc-aluminium', composition: 'Zn 98, Al 2', silverPercent: 0, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 377, liquidusC: 385, brazingLowC: 390, brazingHighC: 440, densityKgPerM3: 7000, gapLeastMm: 0.05, gapMostMm: 0.2, source: 'ISO 9453 family, makers’ figures', confidence: 'medium' },
  { designation: 'Zn-15Al', iso: null, family: 'zinc-aluminium', composition: 'Zn 85, Al 15', silverPercent: 0, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 382, liquidusC: 450, brazingLowC: 450, brazingHighC: 490, densityKgPerM3: 5900, gapLeastMm: 0.05, gapMostMm: 0.2, source: 'zinc-aluminium solder, makers’ figures', confidence: 'low' },
  { designation: 'Zn-22Al', iso: null, family: 'zinc-aluminium', composition: 'Zn 78, Al 22', silverPercent: 0, phosphorusPercent: 0, nickelPercent: 0, holdsCadmium: false, solidusC: 434, liquidusC: 477, brazingLowC: 480, brazingHighC: 520, densityKgPerM3: 5400, gapLeastMm: 0.05, gapMostMm: 0.2, source: 'zinc-aluminium solder, makers’ figures', confidence: 'low' },
];

const key = (designation: string) => designation.toUpperCase().replace(/[\s-]/g, '');

const BY_KEY: ReadonlyMap<string, FillerRow> = new Map(
  FILLERS.flatMap((row) => [row.designation, ...(row.iso ? [row.iso] : [])].map((name) => [key(name), row] as const)),
);

/** A filler by its designation in either naming, in any case, with or without hyphen and space: BAg-36, bag36, Ag 145. */
export const findFiller = (designation: string): FillerRow | undefined => BY_KEY.get(key(designation));

/** Rows that run like water: they fill no more than 0.08 mm a side. */
const FLUID_GAP_MM = 0.08;
/** Melting range over which a filler stays pasty enough to bridge a gap [K]. */
const WIDE_RANGE_K = 75;

/** Fillers that stay pasty over at least 75 K and so bridge a wide gap. Source: the row's own solidus and liquidus; the 75 K are judgement. */
export const isWide = (filler: FillerRow) => filler.gapMostMm > FLUID_GAP_MM && filler.liquidusC - filler.solidusC >= WIDE_RANGE_K;

/** Zinc burns off over its boiling point and its fume is not breathed. */
export const holdsZinc = (filler: FillerRow) => filler.family === 'zinc-aluminium' || /\bZn\b/.test(filler.composition);

/** Middle of the filler's brazing range [°C]: where gaps are judged and the heat is worked out. Source: the row's own range. */
export const brazingMiddleC = (filler: FillerRow) => (filler.brazingLowC + filler.brazingHighC) / 2;
