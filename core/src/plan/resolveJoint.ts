import type { Assumption, ResolvedJoint } from '../joint/resolvedJoint';
import type { Form, History } from '../vocabulary/joint';
import { cupForTube } from '../fit/cups';
import { findFiller, FILLERS, type FillerRow } from '../filler/fillers';
import { METAL_NAMES } from '../metal/metals';
import { likelyTube, tubeWithOutsideAndWall } from '../tube/findTube';
import type { FieldReader } from '../unit/fieldReader';
import type { FemaleRequest, MaleRequest, PlanRequest } from './request';

/** Limits of what the engine works with; screens show the same figures. */
export const JOINT_LIMITS = {
  outsideM: { min: 0.0015, max: 0.12 },
  wallM: { min: 0.0002, max: 0.012 },
  cupDepthM: { min: 0.001, max: 0.15 },
} as const;

/** Turns the two members of a request into metres, filling what is left out from the tables and saying so. */
export function resolveJoint(request: PlanRequest['joint'], read: FieldReader): ResolvedJoint {
  const assumed: Assumption[] = [];
  const male = resolveMale(request.male, read, assumed);
  const female = resolveFemale(request.female, male, { read, assumed });
  const wantsCrimp = female.form === 'component-stub' && isCapillaryInStub(male, female.boreM);
  return { male, female, wantsCrimp, position: request.position ?? null, access: request.access ?? 'open', assumed };
}

/** Under this outside diameter a tube in a stub is set by crimping [m]. */
const CAPILLARY_M = 0.004;
const CRIMP_OVER_GAP_M = 0.00025;
/** What a crimp leaves a side [m]. */
const CRIMPED_GAP_M = 0.00009;

const isCapillaryInStub = (male: ResolvedJoint['male'], boreM: number) =>
  male.form === 'capillary' || (male.outsideM < CAPILLARY_M && (boreM - male.outsideM) / 2 > CRIMP_OVER_GAP_M);

function resolveMale(request: MaleRequest, read: FieldReader, assumed: Assumption[]): ResolvedJoint['male'] {
  const field = 'joint.male';
  const outsideM = read.lengthM(`${field}.od`, request.od, JOINT_LIMITS.outsideM);
  const likely = likelyTube(outsideM);
  let wallM = Number.NaN;
  if (request.wall) wallM = read.lengthM(`${field}.wall`, request.wall, JOINT_LIMITS.wallM);
  else if (likely) {
    wallM = likely.wallM;
    assumed.push('wall');
  } else if (!Number.isNaN(outsideM)) read.errors.push({ kind: 'missing', field: `${field}.wall`, needed: 'wall-not-in-tables' });
  if (wallM * 2 >= outsideM) read.errors.push({ kind: 'refused', field: `${field}.wall`, reason: 'wall-too-thick' });
  return { ...member(field, request, read), wallM, outsideM, ...tolerances(outsideM, wallM) };
}

/** Tolerances of the standard the tube belongs to; 10 % of the wall and 0.127 mm where it belongs to none. */
function tolerances(outsideM: number, wallM: number): { wallMinusM: number; outsidePlusM: number } {
  const row = tubeWithOutsideAndWall(outsideM, wallM);
  return { wallMinusM: row?.wallMinusM ?? wallM * 0.1, outsidePlusM: row?.outsidePlusM ?? likelyTube(outsideM)?.outsidePlusM ?? 0.000127 };
}

function resolveFemale(
  request: FemaleRequest,
  male: { outsideM: number; wallM: number },
  { read, assumed }: { read: FieldReader; assumed: Assumption[] },
): ResolvedJoint['female'] {
  const field = 'joint.female';
  const cup = cupForTube(male.outsideM);
  const crimped = request.form === 'crimped-stub';
  const openBoreM = crimped
    ? Number.NaN
    : fromTable('bore', request.bore, (cup && (cup.boreMinM + cup.boreMaxM) / 2) ?? null, {
        read,
        assumed,
        range: JOINT_LIMITS.outsideM,
      });
  const cupDepthM = fromTable('cupDepth', request.cupDepth, cup?.depthM ?? null, { read, assumed, range: JOINT_LIMITS.cupDepthM });
  // A stub crimped on its capillary leaves what the pliers leave, whatever it was before.
  const boreM = crimped ? male.outsideM + 2 * CRIMPED_GAP_M : openBoreM;
  // A nanometre is a rounding of inches into metres, not a gap.
  if (boreM - male.outsideM < 1e-9) read.errors.push({ kind: 'refused', field: `${field}.bore`, reason: 'bore-not-above-outside' });
  if (!request.wall) assumed.push('female-wall');
  const wallM = request.wall ? read.lengthM(`${field}.wall`, request.wall, JOINT_LIMITS.wallM) : male.wallM;
  const run = request.run
    ? {
        outsideM: read.lengthM(`${field}.run.od`, request.run.od, JOINT_LIMITS.outsideM),
        wallM: read.lengthM(`${field}.run.wall`, request.run.wall, JOINT_LIMITS.wallM),
      }
    : null;
  return { ...member(field, request, read), boreM, cupDepthM, wallM, run };
}

function fromTable(
  key: 'bore' | 'cupDepth',
  given: FemaleRequest['bore'],
  tableM: number | null,
  { read, assumed, range }: { read: FieldReader; assumed: Assumption[]; range: { min: number; max: number } },
): number {
  const field = `joint.female.${key}`;
  if (given) return read.lengthM(field, given, range);
  if (tableM === null) {
    read.errors.push({ kind: 'missing', field, needed: 'cup-not-in-tables' });
    return Number.NaN;
  }
  assumed.push(key === 'bore' ? 'bore' : 'cup-depth');
  return tableM;
}

function member(field: string, request: MaleRequest | FemaleRequest, read: FieldReader) {
  if (!METAL_NAMES.includes(request.metal)) {
    read.errors.push({ kind: 'unknown-word', field: `${field}.metal`, word: request.metal, allowed: METAL_NAMES });
  }
  const history = request.history ?? 'new';
  readRemoval(`${field}.history`, history, read);
  const defaultForm: Form = field.endsWith('male') && !field.endsWith('female') ? 'tube' : 'fitting-cup';
  return {
    metal: request.metal,
    form: request.form ?? defaultForm,
    state: typeof history === 'string' ? history : history.state,
    oldFiller: oldFiller(`${field}.history.filler`, history, read),
    removed: typeof history === 'string' ? null : (history.removed ?? null),
    year: readYear(`${field}.history.year`, history, read),
  };
}

/** A new part has no old filler, and there is nothing to take off it. */
function readRemoval(field: string, history: History, read: FieldReader): void {
  if (typeof history === 'string' || history.state !== 'new') return;
  if (history.filler !== undefined) read.errors.push({ kind: 'refused', field: `${field}.filler`, reason: 'new-with-old-filler' });
  if (history.removed !== undefined) read.errors.push({ kind: 'refused', field: `${field}.removed`, reason: 'nothing-to-remove' });
}

const YEARS = { min: 1900, max: 2100 } as const;

const readYear = (field: string, history: History, read: FieldReader): number | null =>
  typeof history === 'string' || history.year === undefined ? null : read.number(field, history.year, YEARS, '');

function oldFiller(field: string, history: History, read: FieldReader): FillerRow | null {
  if (typeof history === 'string' || history.filler === undefined) return null;
  const row = findFiller(history.filler);
  if (!row) read.errors.push({ kind: 'unknown-word', field, word: history.filler, allowed: FILLERS.map((f) => f.designation) });
  return row ?? null;
}
