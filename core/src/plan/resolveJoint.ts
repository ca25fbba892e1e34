import { cupForTube } from '../fit/cups';
import { findFiller, FILLERS, type FillerRow } from '../filler/fillers';
import { METAL_NAMES, type MetalName } from '../metal/metals';
import { likelyTube, tubeWithOutsideAndWall } from '../tube/findTube';
import type { FieldReader } from '../unit/fieldReader';
import type { Access, FemaleRequest, Form, History, HistoryState, MaleRequest, PlanRequest } from './request';

/** Limits of what the engine works with; screens show the same figures. */
export const JOINT_LIMITS = {
  outsideM: { min: 0.0015, max: 0.12 },
  wallM: { min: 0.0002, max: 0.012 },
  cupDepthM: { min: 0.001, max: 0.15 },
} as const;

/** A figure the request left out and the tables supplied: shown as assumed. */
export type Assumption = 'wall' | 'bore' | 'cup-depth' | 'female-wall';

export interface Member {
  readonly metal: MetalName;
  readonly form: Form;
  readonly state: HistoryState;
  readonly oldFiller: FillerRow | null;
  readonly wallM: number;
}

export interface ResolvedJoint {
  readonly male: Member & { readonly outsideM: number; readonly wallMinusM: number; readonly outsidePlusM: number };
  readonly female: Member & { readonly boreM: number; readonly cupDepthM: number };
  readonly access: Access;
  readonly assumed: readonly Assumption[];
}

/** Turns the two members of a request into metres, filling what is left out from the tables and saying so. */
export function resolveJoint(request: PlanRequest['joint'], read: FieldReader): ResolvedJoint {
  const assumed: Assumption[] = [];
  const male = resolveMale(request.male, read, assumed);
  const female = resolveFemale(request.female, male, { read, assumed });
  return { male, female, access: request.access ?? 'open', assumed };
}

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
  const boreM = fromTable('bore', request.bore, (cup && (cup.boreMinM + cup.boreMaxM) / 2) ?? null, {
    read,
    assumed,
    range: JOINT_LIMITS.outsideM,
  });
  const cupDepthM = fromTable('cupDepth', request.cupDepth, cup?.depthM ?? null, { read, assumed, range: JOINT_LIMITS.cupDepthM });
  // A nanometre is a rounding of inches into metres, not a gap.
  if (boreM - male.outsideM < 1e-9) read.errors.push({ kind: 'refused', field: `${field}.bore`, reason: 'bore-not-above-outside' });
  if (!request.wall) assumed.push('female-wall');
  const wallM = request.wall ? read.lengthM(`${field}.wall`, request.wall, JOINT_LIMITS.wallM) : male.wallM;
  return { ...member(field, request, read), boreM, cupDepthM, wallM };
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
  const defaultForm: Form = field.endsWith('male') && !field.endsWith('female') ? 'tube' : 'fitting-cup';
  return {
    metal: request.metal,
    form: request.form ?? defaultForm,
    state: typeof history === 'string' ? history : history.state,
    oldFiller: oldFiller(`${field}.history.filler`, history, read),
  };
}

function oldFiller(field: string, history: History, read: FieldReader): FillerRow | null {
  if (typeof history === 'string' || history.filler === undefined) return null;
  const row = findFiller(history.filler);
  if (!row) read.errors.push({ kind: 'unknown-word', field, word: history.filler, allowed: FILLERS.map((f) => f.designation) });
  return row ?? null;
}
