import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { Side } from '../vocabulary/service';
import type { Rod } from '../vocabulary/torch';
import { findFiller, FILLERS, type FillerRow } from '../filler/fillers';
import type { Service } from '../filler/finding';
import type { Torch } from '../heat/heat';
import { holdsCopper } from '../metal/metals';
import type { StrengthGiven } from '../pressure/strength';
import { HOLD_S } from '../protection/planProtection';
import { readNear, type NearPart } from '../protection/nearPart';
import { refrigerantName, SAFETY_CLASSES, type SafetyClass } from '../refrigerant/safetyClasses';
import { resolveRod, usualRod } from '../rod/rods';
import type { FieldReader } from '../unit/fieldReader';
import { WINDS } from './request';
import type { PlanRequest, ServiceRequest, TorchRequest } from './request';
import { resolveJoint } from './resolveJoint';

export interface StockRow {
  readonly filler: FillerRow;
  readonly rod: Rod;
  readonly section: { readonly areaM2: number; readonly stickM: number };
}

/** A request read into SI, everything left out filled in. */
export interface ReadPlan {
  readonly joint: ResolvedJoint;
  readonly service: Service;
  readonly safetyClass: SafetyClass | null;
  readonly stock: readonly StockRow[];
  /** What was chosen, as it lies in the stock; null where the engine chooses. */
  readonly asked: StockRow | null;
  readonly near: readonly NearPart[];
  readonly ambientC: number;
  readonly atmospherePa: number;
  readonly strength: StrengthGiven;
  readonly torch: Torch | null;
  readonly regulatorGaugePa: number | null;
  /** What the fuel cylinder holds [m3 at room conditions]; null where nobody said. */
  readonly fuelM3: number | null;
  readonly rodFactor: number;
  readonly holdS: number;
}

/** Metal in service: what refrigeration lines meet, a hot discharge line included [°C]. */
const TEMPERATURES = { min: -200, max: 400 } as const;
const PRESSURES = { min: 0, max: 30e6 } as const;
const HOT_SIDES: readonly Side[] = ['high', 'discharge', 'liquid'];
/** Hottest metal of a side where nobody says [°C]. Trade habit: 150 °F and 100 °F. */
const USUAL_METAL_C = { hot: 66, cold: 38 } as const;
/** A part with a limit within this makes heat decide between fillers [m]. */
const HEAT_MATTERS_WITHIN_M = 0.3;

function readRefrigerant(service: ServiceRequest, read: FieldReader): { refrigerant: string | null; safetyClass: SafetyClass | null } {
  if (service.refrigerant === undefined) return { refrigerant: null, safetyClass: service.safetyClass ?? null };
  const known = refrigerantName(service.refrigerant);
  if (known) return { refrigerant: known, safetyClass: SAFETY_CLASSES[known] ?? null };
  if (!service.safetyClass) {
    read.errors.push({ kind: 'refused', field: 'service.safetyClass', reason: 'safety-class-needed', value: service.refrigerant });
  }
  return { refrigerant: service.refrigerant, safetyClass: service.safetyClass ?? null };
}

function refuseAmmonia(refrigerant: string | null, joint: ResolvedJoint, read: FieldReader): void {
  if (refrigerant !== 'R-717') return;
  const field = holdsCopper(joint.male.metal) ? 'joint.male.metal' : holdsCopper(joint.female.metal) ? 'joint.female.metal' : null;
  if (field) read.errors.push({ kind: 'refused', field, reason: 'ammonia-with-copper' });
}

function readTemperatures(service: ServiceRequest, read: FieldReader): { minTempC: number | null; maxTempC: number | null } {
  const at = (key: 'minTemp' | 'maxTemp') => (service[key] ? read.temperatureC(`service.${key}`, service[key], TEMPERATURES) : null);
  const [minTempC, maxTempC] = [at('minTemp'), at('maxTemp')];
  if (minTempC !== null && maxTempC !== null && minTempC > maxTempC) {
    read.errors.push({ kind: 'refused', field: 'service.minTemp', reason: 'coldest-above-hottest' });
  }
  return { minTempC, maxTempC };
}

function readStock(request: PlanRequest, read: FieldReader): readonly StockRow[] {
  const asked = request.stock ?? FILLERS.map((filler) => ({ designation: filler.designation }));
  if (asked.length === 0) read.errors.push({ kind: 'missing', field: 'stock', needed: 'filler-or-no-stock' });
  const rows = asked.flatMap((item, i): StockRow[] => {
    const filler = findFiller(item.designation);
    if (!filler) {
      const allowed = FILLERS.map((f) => f.designation);
      read.errors.push({ kind: 'unknown-word', field: `stock[${i}].designation`, word: item.designation, allowed });
      return [];
    }
    const rod = 'rod' in item && item.rod !== undefined ? item.rod : usualRod(filler);
    return [{ filler, rod, section: resolveRod(`stock[${i}].rod`, rod, read) }];
  });
  refuseTwice(rows, request, read);
  return rows;
}

/** One filler in two rods is fine as long as it is said which of them is meant. */
function refuseTwice(rows: readonly StockRow[], request: PlanRequest, read: FieldReader): void {
  if (typeof request.choose === 'object') return;
  const again = rows.findIndex((row, i) =>
    rows.slice(0, i).some((r) => r.filler === row.filler && JSON.stringify(r.rod) !== JSON.stringify(row.rod)),
  );
  if (again < 0) return;
  read.errors.push({
    kind: 'refused',
    field: `stock[${again}].designation`,
    reason: 'stands-twice',
    value: rows[again]?.filler.designation ?? '',
  });
}

function readMakersFillers(asked: readonly string[] | undefined, read: FieldReader): readonly string[] | null {
  if (asked === undefined) return null;
  return asked.flatMap((word, i) => {
    const row = findFiller(word);
    if (row) return [row.designation];
    read.errors.push({ kind: 'unknown-word', field: `service.makersFillers[${i}]`, word, allowed: FILLERS.map((f) => f.designation) });
    return [];
  });
}

function readChoice({ choose }: PlanRequest, stock: readonly StockRow[], read: FieldReader): StockRow | null {
  if (choose === undefined) return null;
  const word = typeof choose === 'string' ? choose : choose.designation;
  const filler = findFiller(word);
  const rows = stock.filter((row) => row.filler === filler);
  const field = typeof choose === 'string' ? 'choose' : 'choose.designation';
  if (rows.length === 0)
    read.errors.push({ kind: 'not-in-stock', field, word, allowed: [...new Set(stock.map((r) => r.filler.designation))] });
  if (typeof choose === 'string') return rows[0] ?? null;
  const rod = JSON.stringify(choose.rod);
  const row = rows.find((r) => JSON.stringify(r.rod) === rod);
  if (rows.length > 0 && !row) {
    read.errors.push({ kind: 'not-in-stock', field: 'choose.rod', word: rod, allowed: rows.map((r) => JSON.stringify(r.rod)) });
  }
  return row ?? null;
}

function readTorch(torch: TorchRequest, read: FieldReader): Torch {
  const kilowatts = (field: string, value: number) => read.number(field, value, { min: 0.1, max: 100 }, 'kW') * 1000;
  if (torch.count !== undefined && torch.count !== 1 && torch.count !== 2)
    read.errors.push({ kind: 'out-of-range', field: 'torch.count', value: torch.count, min: 1, max: 2, unit: '' });
  if (torch.tips?.length === 0) read.errors.push({ kind: 'missing', field: 'torch.tips', needed: 'a-figure' });
  return {
    fuel: torch.fuel,
    count: torch.count ?? null,
    powerW: torch.powerKw === undefined ? null : kilowatts('torch.powerKw', torch.powerKw),
    tipsW: torch.tips?.map((tip, i) => kilowatts(`torch.tips[${i}]`, tip)) ?? null,
    efficiency: torch.efficiency === undefined ? null : read.number('torch.efficiency', torch.efficiency, { min: 0.05, max: 0.6 }, ''),
  };
}

/** Reads all of a request; what cannot be read stands in the reader's errors. */
export function readPlan(request: PlanRequest, read: FieldReader): ReadPlan {
  read.readAtmosphere(request);
  const ambientC = request.ambient ? read.temperatureC('ambient', request.ambient, { min: -60, max: 60 }) : 20;
  if (request.wind !== undefined && !WINDS.includes(request.wind))
    read.errors.push({ kind: 'unknown-word', field: 'wind', word: request.wind, allowed: WINDS });
  const joint = resolveJoint(request.joint, read);
  const service = request.service ?? {};
  const { refrigerant, safetyClass } = readRefrigerant(service, read);
  refuseAmmonia(refrigerant, joint, read);
  const { minTempC, maxTempC } = readTemperatures(service, read);
  const stock = readStock(request, read);
  const near = readNear(request.near ?? [], joint, { ambientC, read });
  const { torch, schools = {} } = request;
  const gauge = (field: string, q: ServiceRequest['rating']) => (q ? read.plainGaugePressure(field, q, PRESSURES) : null);
  return {
    joint,
    ambientC,
    atmospherePa: read.atmosphere,
    safetyClass,
    stock,
    near,
    asked: readChoice(request, stock, read),
    service: {
      refrigerant,
      side: service.side ?? null,
      minTempC,
      maxTempC,
      vibration: service.vibration ?? false,
      sulphur: service.sulphur ?? false,
      makersFillers: readMakersFillers(service.makersFillers, read),
      position: joint.position,
      heatMatters: near.some(
        (part) => part.limitC !== null && part.distanceM <= HEAT_MATTERS_WITHIN_M && part.protection.kind !== 'removed',
      ),
      schools,
    },
    strength: {
      designPa: gauge('service.designPressure', service.designPressure),
      ratingPa: gauge('service.rating', service.rating),
      testRatingPa: gauge('service.testRating', service.testRating),
      refrigerant,
      code: schools.strengthCode ?? 'asme',
      metalC: maxTempC ?? (service.side && HOT_SIDES.includes(service.side) ? USUAL_METAL_C.hot : USUAL_METAL_C.cold),
      metalAssumed: maxTempC === null,
      ambientC,
    },
    torch: torch ? readTorch(torch, read) : null,
    regulatorGaugePa: torch?.regulator ? read.plainGaugePressure('torch.regulator', torch.regulator, { min: 0, max: 2e6 }) : null,
    fuelM3: torch?.cylinder ? read.volumeM3('torch.cylinder', torch.cylinder, { min: 0.01, max: 20 }) : null,
    rodFactor: request.rodFactor === undefined ? 1 : read.number('rodFactor', request.rodFactor, { min: 0.2, max: 5 }, ''),
    holdS: request.holdSeconds === undefined ? HOLD_S : read.number('holdSeconds', request.holdSeconds, { min: 0, max: 600 }, 's'),
  };
}
