import { findFiller, FILLERS, type FillerRow } from '../filler/fillers';
import { rankFillers } from '../filler/rank';
import { isLooseFor, type FillerVerdict, type Service } from '../filler/rules';
import { judgeGap, radialGapColdM, radialGapHotM, type FitVerdict } from '../fit/gap';
import { leastOverlapM } from '../fit/overlap';
import { chooseFlux, type FluxChoice } from '../flux/choose';
import { planFlame, type FlamePlan } from '../heat/flame';
import { planHeat, type HeatPlan } from '../heat/heat';
import { holdsCopper } from '../metal/metals';
import { annealedRating, HOTTEST_RATED_C } from '../pressure/annealedRating';
import { planProtection, readNear, wetSinkW, type NearPart, type PartProtection } from '../protection/planProtection';
import { planPurge, type PurgePlan } from '../purge/planPurge';
import { REFRIGERANT_NAMES } from '../refrigerant/safetyClasses';
import { fail, ok, type Result } from '../result';
import { rodAmount, type RodAmount } from '../rod/amount';
import { resolveRod, usualRod } from '../rod/rods';
import { FieldReader } from '../unit/fieldReader';
import { cautionsOf, type Caution } from './cautions';
import { inspectionPoints, type InspectionPoint } from './inspect';
import type { PlanRequest, Rod, ServiceRequest, Side } from './request';
import { resolveJoint, type ResolvedJoint } from './resolveJoint';

/** Changes whenever the same request may get another answer; stored with every plan. */
export const ENGINE_VERSION = '1.0.0';

export interface JointPlan {
  readonly joint: ResolvedJoint;
  readonly ambientC: number;
  readonly fillers: readonly FillerVerdict[];
  /** What gap, flux, rod, heat and protection are worked out for; null when every filler is forbidden. */
  readonly chosen: FillerVerdict | null;
  readonly flux: FluxChoice;
  readonly fit: {
    readonly radialGapColdM: number;
    readonly radialGapHotM: number;
    readonly hotC: number;
    readonly leastOverlapM: number;
    readonly insertM: number;
    readonly verdict: FitVerdict;
  };
  readonly rod: (RodAmount & { readonly rod: Rod }) | null;
  readonly heat: HeatPlan | null;
  /** Where the flame goes; null where nothing is to be heated for. */
  readonly flame: FlamePlan | null;
  readonly protection: readonly PartProtection[];
  readonly purge: PurgePlan | null;
  readonly pressure: {
    readonly allowablePa: number | null;
    readonly designPa: number | null;
    readonly metalC: number;
    readonly metalAssumed: boolean;
    readonly ok: boolean | null;
  };
  readonly cautions: readonly Caution[];
  readonly inspect: readonly InspectionPoint[];
}

interface StockRow {
  readonly filler: FillerRow;
  readonly rod: Rod;
  readonly section: { areaM2: number; stickM: number };
}

interface ReadPlan {
  readonly joint: ResolvedJoint;
  readonly service: Service;
  readonly stock: readonly StockRow[];
  readonly near: readonly NearPart[];
  readonly ambientC: number;
  readonly designPa: number | null;
  readonly metalC: number;
  readonly metalAssumed: boolean;
  readonly torch: Parameters<typeof planHeat>[2]['torch'];
  readonly regulatorGaugePa: number | null;
  readonly rodFactor: number;
}

const TEMPERATURES = { min: -200, max: HOTTEST_RATED_C } as const;
const HOT_SIDES: readonly Side[] = ['high', 'discharge', 'liquid'];

function readService(
  service: ServiceRequest,
  joint: ResolvedJoint,
  read: FieldReader,
): Pick<ReadPlan, 'designPa' | 'metalC' | 'metalAssumed'> & { minTempC: number | null } {
  if (service.refrigerant !== undefined && !REFRIGERANT_NAMES.includes(service.refrigerant)) {
    read.errors.push({ kind: 'unknown-word', field: 'service.refrigerant', word: service.refrigerant, allowed: REFRIGERANT_NAMES });
  }
  if (service.refrigerant === 'R-717') {
    const field = holdsCopper(joint.male.metal) ? 'joint.male.metal' : holdsCopper(joint.female.metal) ? 'joint.female.metal' : null;
    if (field) read.errors.push({ kind: 'refused', field, reason: 'ammonia-with-copper' });
  }
  const assumedC = service.side && HOT_SIDES.includes(service.side) ? 66 : 38;
  return {
    designPa: service.designPressure ? read.gaugePressure('service.designPressure', service.designPressure, { min: 0, max: 20e6 }) : null,
    minTempC: service.minTemp ? read.temperatureC('service.minTemp', service.minTemp, TEMPERATURES) : null,
    metalC: service.maxTemp ? read.temperatureC('service.maxTemp', service.maxTemp, TEMPERATURES) : assumedC,
    metalAssumed: service.maxTemp === undefined,
  };
}

function readStock(request: PlanRequest, read: FieldReader): readonly StockRow[] {
  const asked = request.stock ?? FILLERS.map((filler) => ({ designation: filler.designation }));
  if (asked.length === 0) read.errors.push({ kind: 'missing', field: 'stock', needed: 'filler-or-no-stock' });
  const rows = asked.flatMap((item, i): StockRow[] => {
    const filler = findFiller(item.designation);
    if (!filler) {
      read.errors.push({
        kind: 'unknown-word',
        field: `stock[${i}].designation`,
        word: item.designation,
        allowed: FILLERS.map((f) => f.designation),
      });
      return [];
    }
    const rod = 'rod' in item && item.rod !== undefined ? item.rod : usualRod(filler);
    return [{ filler, rod, section: resolveRod(`stock[${i}].rod`, rod, read) }];
  });
  if (request.choose !== undefined && !rows.some((row) => row.filler.designation === request.choose)) {
    read.errors.push({ kind: 'unknown-word', field: 'choose', word: request.choose, allowed: rows.map((r) => r.filler.designation) });
  }
  return rows;
}

function readPlan(request: PlanRequest, read: FieldReader): ReadPlan {
  read.readAtmosphere(request);
  const joint = resolveJoint(request.joint, read);
  const service = request.service ?? {};
  const { minTempC, ...strength } = readService(service, joint, read);
  const torch = request.torch;
  return {
    joint,
    ...strength,
    service: {
      refrigerant: service.refrigerant ?? null,
      side: service.side ?? null,
      minTempC,
      vibration: service.vibration ?? false,
      sulphur: service.sulphur ?? false,
      schools: request.schools ?? {},
    },
    stock: readStock(request, read),
    near: readNear(request.near ?? [], read),
    ambientC: request.ambient ? read.temperatureC('ambient', request.ambient, { min: -60, max: 60 }) : 20,
    torch: torch
      ? {
          fuel: torch.fuel,
          powerW: torch.powerKw === undefined ? null : read.number('torch.powerKw', torch.powerKw, { min: 0.1, max: 100 }, 'kW') * 1000,
          efficiency:
            torch.efficiency === undefined ? null : read.number('torch.efficiency', torch.efficiency, { min: 0.05, max: 0.6 }, ''),
        }
      : null,
    regulatorGaugePa: torch?.regulator ? read.gaugePressure('torch.regulator', torch.regulator, { min: 0, max: 2e6 }) : null,
    rodFactor: request.rodFactor === undefined ? 1 : read.number('rodFactor', request.rodFactor, { min: 0.2, max: 5 }, ''),
  };
}

const noFlux: FluxChoice = { required: false, class: null, reason: 'all-forbidden', raised: false, covers: true };

/**
 * Everything about one joint: fillers ranked with their reasons, flux, fit, rod, heat, protection, purge, strength, cautions.
 *
 * @param request  as asked, quantities with their units
 * @returns        the plan in SI; errors name the field (full path) and what is allowed. Refused: ammonia with a copper-bearing
 *                 member, no outlet, a bore not above the tube's outside, a forbidden filler chosen. Any other bad idea is answered with verdicts.
 */
export function planJoint(request: PlanRequest): Result<JointPlan> {
  const read = new FieldReader();
  const given = readPlan(request, read);
  const purge = request.purge ? planPurge(request.purge, read, 'purge.') : null;
  if (read.errors.length > 0) return fail(...read.errors);
  if (purge && !purge.ok) return purge;
  const fillers = rankFillers([...new Set(given.stock.map((row) => row.filler))], given.joint, given.service);
  const chosen =
    request.choose === undefined
      ? (fillers.find((f) => f.verdict !== 'forbidden') ?? null)
      : (fillers.find((f) => f.filler.designation === request.choose) ?? null);
  if (request.choose !== undefined && chosen?.verdict === 'forbidden') {
    return fail({ kind: 'refused', field: 'choose', reason: 'forbidden-filler', value: request.choose });
  }
  return ok(assemble(request, given, { fillers, chosen, purge: purge?.value ?? null }));
}

function assemble(
  request: PlanRequest,
  given: ReadPlan,
  found: { fillers: readonly FillerVerdict[]; chosen: FillerVerdict | null; purge: PurgePlan | null },
): JointPlan {
  const { joint } = given;
  const { chosen, fillers, purge } = found;
  const fitFor = chosen ?? fillers[0];
  if (!fitFor) throw new Error('a stock is never empty here');
  const heat = chosen ? heatFor(given, chosen) : null;
  const fit = fitOf(joint, fitFor.filler);
  const flux = chosen && heat ? chooseFlux([joint.male.metal, joint.female.metal], chosen.filler, heat.middleC) : noFlux;
  const stockRow = chosen && given.stock.find((row) => row.filler === chosen.filler);
  const rod = stockRow ? { ...rodAmount(joint, stockRow.filler, stockRow.section, given.rodFactor), rod: stockRow.rod } : null;
  const pressure = strengthOf(given);
  const flame = heat ? planFlame(joint, heat, { verdict: fit.verdict, ambientC: given.ambientC }) : null;
  const protection = heat
    ? planProtection(given.near, { joint, heat, ambientC: given.ambientC }, given.service.schools.heatProtection)
    : [];
  const cautions = cautionsOf({
    joint,
    service: request.service ?? {},
    maxTempAssumed: given.metalAssumed,
    torch: request.torch ?? null,
    regulatorGaugePa: given.regulatorGaugePa,
    chosen,
    first: fillers[0] ?? null,
    flux: chosen ? flux : null,
    fit: { verdict: fit.verdict, coldM: fit.radialGapColdM, hotM: fit.radialGapHotM, leastM: fit.leastOverlapM, middleC: fit.hotC },
    heat,
    pressure,
    protection,
    purge: purge?.cautions ?? null,
  });
  const loose = chosen !== null && isLooseFor({ filler: chosen.filler, joint, service: given.service });
  const inspect = inspectionPoints({ joint, chosen, flux: chosen ? flux : null, loose, near: given.near });
  return { joint, ambientC: given.ambientC, fillers, chosen, flux, fit, rod, heat, flame, protection, purge, pressure, cautions, inspect };
}

/** Heated once without wraps to learn how long it takes, then with what the wraps draw in that time. */
function heatFor(given: ReadPlan, chosen: FillerVerdict): HeatPlan {
  const { joint, torch, ambientC } = given;
  const bare = planHeat(joint, chosen.filler, { torch, ambientC, wetSinkW: 0 });
  const sinkW = wetSinkW(given.near, { joint, heat: bare, ambientC });
  return sinkW === 0 ? bare : planHeat(joint, chosen.filler, { torch, ambientC, wetSinkW: sinkW });
}

function fitOf(joint: ResolvedJoint, filler: FillerRow): JointPlan['fit'] {
  const hot = radialGapHotM(joint, filler);
  return {
    radialGapColdM: radialGapColdM(joint),
    radialGapHotM: hot,
    hotC: (filler.brazingLowC + filler.brazingHighC) / 2,
    leastOverlapM: leastOverlapM(joint, filler),
    insertM: joint.female.cupDepthM,
    verdict: judgeGap(hot),
  };
}

/** Only copper tube has a stress table here; other metals answer null rather than a guess. */
function strengthOf(given: ReadPlan): JointPlan['pressure'] {
  const { designPa, metalC, metalAssumed } = given;
  const allowablePa = given.joint.male.metal === 'copper' ? annealedRating(given.joint.male, metalC) : null;
  return { allowablePa, designPa, metalC, metalAssumed, ok: allowablePa === null || designPa === null ? null : designPa <= allowablePa };
}
