import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { NearRequest, Protection } from './request';
import type { Along } from '../vocabulary/joint';
import type { NearKind, ProtectionKind } from '../vocabulary/part';
import type { WetLength } from '../reach/tubeModel';
import type { FieldReader } from '../unit/fieldReader';
import { finishedJointLimitC, PART_LIMITS } from './limits';

export interface NearPart {
  readonly kind: NearKind;
  readonly distanceM: number;
  readonly along: Along;
  /** Above the flame. */
  readonly heightM: number;
  readonly limitC: number | null;
  readonly limitAssumed: boolean;
  readonly massKg: number | null;
  readonly massAssumed: boolean;
  readonly protection: {
    readonly kind: ProtectionKind;
    readonly wet: WetLength | null;
    /** Its edges were said, not taken as usual. */
    readonly placed: boolean;
  };
}

const CLOTH = { waterKg: 0.2, beforeM: 0.025, beyondM: 0.075 } as const;
/** Putty and paste: 60 mm of it, 0.1 kg, seven tenths water. */
const PUTTY = { waterKg: 0.1 * 0.7, beforeM: 0.025, beyondM: 0.035 } as const;
/** A usual wrap keeps this far from the heated edge [m]. */
const CLEAR_OF_EDGE_M = 0.025;
/** Nearer than this a wrap lies on the joint itself [m]. */
export const ON_JOINT_M = 0.008;
const USUAL_HEIGHT_M = 2;

const LIMIT_RANGE = { max: 600 } as const;
const DISTANCE_RANGE = { min: 0, max: 15 } as const;
/** Shorter than this is no wrap. */
const LEAST_WRAP_M = 0.002;

/** Where the heated zone ends, from where distances of that side are counted: half a diameter beyond the cup's mouth, its bottom, or the branch [m]. Judgement: what the flame itself covers. */
export const heatedEdgeM = (joint: ResolvedJoint, along: Along) =>
  (along === 'run' ? (joint.female.run?.outsideM ?? joint.male.outsideM) : joint.male.outsideM) / 2;

export function readNear(
  near: readonly NearRequest[],
  joint: ResolvedJoint,
  given: { ambientC: number; read: FieldReader },
): readonly NearPart[] {
  return near.map((part, i) => readPart(part, `near[${i}]`, { joint, ...given }));
}

interface Reading {
  readonly joint: ResolvedJoint;
  readonly ambientC: number;
  readonly read: FieldReader;
}

function readPart(part: NearRequest, field: string, { joint, ambientC, read }: Reading): NearPart {
  const row = PART_LIMITS[part.kind];
  const along = part.along ?? 'male';
  const distanceM = read.lengthM(`${field}.distance`, part.distance, DISTANCE_RANGE);
  const usualLimit = part.kind === 'brazed-joint' ? finishedJointLimitC(part.filler) : row.limitC;
  return {
    kind: part.kind,
    distanceM,
    along,
    heightM: part.height ? read.lengthM(`${field}.height`, part.height, DISTANCE_RANGE) : USUAL_HEIGHT_M,
    limitC: part.limit ? readLimit(`${field}.limit`, part.limit, { ambientC, read }) : usualLimit,
    limitAssumed: part.limit === undefined,
    massKg: part.mass ? read.massKg(`${field}.mass`, part.mass, { min: 0.001, max: 100 }) : row.usualMassKg,
    massAssumed: part.mass === undefined && row.usualMassKg !== null,
    protection: readProtection(`${field}.protection`, part.protection ?? 'none', {
      part: part.kind,
      distanceM,
      edgeM: heatedEdgeM(joint, along),
      read,
    }),
  };
}

/** A part whose limit lies under the air round it is spoilt already: somebody mistyped. */
function readLimit(
  field: string,
  limit: NonNullable<NearRequest['limit']>,
  { ambientC, read }: Pick<Reading, 'ambientC' | 'read'>,
): number {
  const limitC = read.temperatureC(field, limit, { min: -60, max: LIMIT_RANGE.max });
  if (limitC < ambientC) read.errors.push({ kind: 'refused', field, reason: 'limit-under-ambient' });
  return limitC;
}

interface WrapReading {
  readonly part: NearKind;
  readonly distanceM: number;
  readonly edgeM: number;
  readonly read: FieldReader;
}

function readProtection(field: string, protection: Protection, { part, distanceM, edgeM, read }: WrapReading): NearPart['protection'] {
  const given = typeof protection === 'string' ? { kind: protection } : protection;
  if (given.kind === 'removed' && !PART_LIMITS[part].removable) {
    read.errors.push({ kind: 'refused', field, reason: 'not-removable', value: part });
  }
  if (given.kind === 'none' || given.kind === 'removed') return { kind: given.kind, wet: null, placed: false };
  const usual = usualWet(given.kind, distanceM, edgeM);
  const fromM = given.from ? read.lengthM(`${field}.from`, given.from, DISTANCE_RANGE) : usual.fromM;
  const least = Number.isFinite(fromM) ? fromM + LEAST_WRAP_M : DISTANCE_RANGE.min;
  return {
    kind: given.kind,
    placed: given.from !== undefined || given.to !== undefined,
    wet: {
      store: 'cells',
      fromM,
      toM: given.to ? read.lengthM(`${field}.to`, given.to, { min: least, max: DISTANCE_RANGE.max }) : Math.max(usual.toM, least),
      waterKg: given.water ? read.massKg(`${field}.water`, given.water, { min: 0.001, max: 20 }) : usual.waterKg,
    },
  };
}

/** A wrap as it is usually put: round the part, never nearer than 25 mm to what is heated. */
export function usualWet(kind: ProtectionKind, distanceM: number, edgeM: number): WetLength {
  const wrap = kind === 'wet-cloth' ? CLOTH : PUTTY;
  const fromM = Math.max(edgeM + CLEAR_OF_EDGE_M, distanceM - wrap.beforeM);
  const toM = Math.max(distanceM + wrap.beyondM, fromM + wrap.beforeM + wrap.beyondM);
  return { store: 'cells', fromM, toM, waterKg: wrap.waterKg };
}
