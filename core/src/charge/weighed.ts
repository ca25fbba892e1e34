import { FieldReader } from '../unit/fieldReader';
import { MASS_UNITS, VOLUME_UNITS, type Quantity } from '../unit/units';
import type { ChargeRequest, CylinderRequest, LinesRequest } from './request';

const MOST_KG = 100_000;
const MASS = { min: 0, max: MOST_KG } as const;
const METRES_PER_FOOT = 0.3048;
/** Lines longer than this need the maker's oil [m]. Trade habit. */
export const LONG_LINES_M = 15;

/** What lines add to the plate's charge. */
export interface ReadLines {
  readonly lengthM: number;
  /** Against the length that the plate covers [kg]: below 0 where they are shorter. */
  readonly addsKg: number;
  /** Shorter than the plate covers, and nobody said that it takes something off. */
  readonly isShorterUnsaid: boolean;
  readonly oilPerMetreKg: number | null;
}

/** Lines in SI; two rates, or none where the length differs, are refused. */
export function readLines(lines: LinesRequest | undefined, read: FieldReader): ReadLines {
  if (!lines) return { lengthM: 0, addsKg: 0, isShorterUnsaid: false, oilPerMetreKg: null };
  const { ratePerMetre, ratePerFoot, shorterLessens, oilPerMetre } = lines;
  const lengthM = read.lengthM('lines.length', lines.length, { min: 0, max: 1000 });
  const includedM = read.lengthM('lines.included', lines.included, { min: 0, max: 1000 });
  if (ratePerMetre && ratePerFoot) read.errors.push({ kind: 'excludes', field: 'lines.ratePerFoot', other: 'lines.ratePerMetre' });
  const perMetre = ratePerMetre
    ? read.massKg('lines.ratePerMetre', ratePerMetre, { min: 0, max: 10 })
    : ratePerFoot
      ? read.massKg('lines.ratePerFoot', ratePerFoot, { min: 0, max: 3 }) / METRES_PER_FOOT
      : 0;
  const differs = lengthM - includedM;
  if (!ratePerMetre && !ratePerFoot && differs !== 0)
    read.errors.push({ kind: 'missing', field: 'lines.ratePerMetre', needed: 'a-figure' });
  const addsKg = differs < 0 && shorterLessens === false ? 0 : differs * perMetre;
  return {
    ...{ lengthM, addsKg, isShorterUnsaid: differs < 0 && shorterLessens === undefined },
    oilPerMetreKg: oilPerMetre ? read.massKg('lines.oilPerMetre', oilPerMetre, { min: 0, max: 1 }) : null,
  };
}

/** A cylinder on the scale. */
export interface ReadCylinder {
  readonly takenKg: number;
  /** Refrigerant that is left in it; null without its stamp. */
  readonly leftInItKg: number | null;
  readonly isGrossAndTare: boolean;
}

function readCylinder(cylinder: CylinderRequest, i: number, isUnits: (name: string) => boolean, read: FieldReader): ReadCylinder {
  const at = (key: string) => `cylinders[${i}].${key}`;
  const isGrossAndTare = cylinder.before === undefined && cylinder.gross !== undefined;
  const [beforeKey, afterKey] = isGrossAndTare ? (['gross', 'tare'] as const) : (['before', 'after'] as const);
  const [before, after] = [cylinder[beforeKey], cylinder[afterKey]];
  if (!before) read.errors.push({ kind: 'missing', field: at('before'), needed: 'a-figure' });
  const beforeKg = before ? read.massKg(at(beforeKey), before, MASS) : Number.NaN;
  const afterKg = after ? read.massKg(at(afterKey), after, MASS) : beforeKg;
  const tareKg = cylinder.stampedTare ? read.massKg(at('stampedTare'), cylinder.stampedTare, MASS) : null;
  if (afterKg > beforeKg) read.errors.push({ kind: 'refused', field: at(afterKey), reason: 'gained-weight' });
  if (tareKg !== null && Math.min(beforeKg, afterKg) < tareKg)
    read.errors.push({ kind: 'refused', field: at(beforeKg < tareKg ? beforeKey : afterKey), reason: 'under-its-tare' });
  if (cylinder.refrigerant !== undefined && !isUnits(cylinder.refrigerant))
    read.errors.push({ kind: 'refused', field: at('refrigerant'), reason: 'another-refrigerant', value: cylinder.refrigerant });
  return { takenKg: beforeKg - afterKg, leftInItKg: tareKg === null ? null : afterKg - tareKg, isGrossAndTare };
}

/** Cylinders in SI, in the order they were used. */
export const readCylinders = (
  { cylinders = [] }: ChargeRequest,
  isUnits: (name: string) => boolean,
  read: FieldReader,
): readonly ReadCylinder[] => cylinders.map((cylinder, i) => readCylinder(cylinder, i, isUnits, read));

/** A cylinder's water capacity, stamped as a mass of water or as a volume [kg of water]. */
export function waterCapacityKg(field: string, capacity: Quantity, read: FieldReader): number {
  if (Object.hasOwn(MASS_UNITS, capacity.unit)) return read.massKg(field, capacity, { min: 0.1, max: 2000 });
  if (Object.hasOwn(VOLUME_UNITS, capacity.unit)) return read.volumeM3(field, capacity, { min: 1e-4, max: 2 }) * 1000;
  read.errors.push({
    kind: 'unknown-unit',
    field,
    unit: capacity.unit,
    allowed: [...Object.keys(MASS_UNITS), ...Object.keys(VOLUME_UNITS)],
  });
  return Number.NaN;
}
