import type { Rod, RodName } from '../vocabulary/torch';
import { FieldReader } from '../unit/fieldReader';
import type { FillerRow } from '../filler/fillers';
import { LENGTH_UNITS } from '../unit/units';

const INCH = LENGTH_UNITS.in;
const round = (diameterM: number) => (Math.PI / 4) * diameterM ** 2;

/** Cross-section of the rods a van carries [m2] and the length of a stick [m]. */
export const RODS: Readonly<Record<RodName, { areaM2: number; stickM: number }>> = {
  'round-1/16': { areaM2: round(INCH / 16), stickM: 20 * INCH },
  'round-3/32': { areaM2: round((3 * INCH) / 32), stickM: 18 * INCH },
  'round-1/8': { areaM2: round(INCH / 8), stickM: 18 * INCH },
  'flat-0.050x1/8': { areaM2: (0.05 * INCH * INCH) / 8, stickM: 20 * INCH },
};

const SECTION_RANGE = { min: 0.0005, max: 0.01 } as const;

/** Section of a rod as asked [m2]; sticks of typed sections are taken as 0.5 m. */
export function resolveRod(field: string, rod: Rod, read: FieldReader): { areaM2: number; stickM: number } {
  if (typeof rod === 'string') return RODS[rod];
  if ('diameter' in rod) return { areaM2: round(read.lengthM(`${field}.diameter`, rod.diameter, SECTION_RANGE)), stickM: 0.5 };
  const width = read.lengthM(`${field}.width`, rod.width, SECTION_RANGE);
  return { areaM2: width * read.lengthM(`${field}.thickness`, rod.thickness, SECTION_RANGE), stickM: 0.5 };
}

/**
 * What a length of rod weighs and how many sticks it is.
 *
 * @param lengthM  of rod [m]
 * @returns        [kg], by the filler's density, and sticks of that rod
 * @source         section of the rod x length x density; sticks as they are sold
 */
export function rodLength(filler: FillerRow, rod: Rod, lengthM: number): { readonly massKg: number; readonly sticks: number } {
  const { areaM2, stickM } = resolveRod('rod', rod, new FieldReader());
  return { massKg: areaM2 * lengthM * filler.densityKgPerM3, sticks: lengthM / stickM };
}

/** Sticks of a rod as length [m]. */
export const sticksLengthM = (rod: Rod, sticks: number): number => sticks * resolveRod('rod', rod, new FieldReader()).stickM;

/** What a filler usually comes as when the van does not say. */
export const usualRod = (filler: FillerRow): RodName => (filler.family === 'copper-phosphorus' ? 'flat-0.050x1/8' : 'round-1/16');
