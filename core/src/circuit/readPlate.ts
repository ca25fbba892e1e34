import type { CircuitFacts } from './facts';
import type { SectionRequest } from '../purge/request';
import { refrigerantName, type SafetyClass } from '../refrigerant/safetyClasses';
import { fail, ok, type Result } from '../result';
import { likelyTube } from '../tube/findTube';
import { FieldReader } from '../unit/fieldReader';
import { GAUGE_PRESSURE_UNITS, type Quantity } from '../unit/units';

/** A line that nitrogen sweeps, as it is measured: by its outside, by its bore, or a vessel by what it holds. */
export type SweptRequest = { readonly od: Quantity; readonly wall?: Quantity; readonly length: Quantity } | SectionRequest;

/** A circuit as its plate is read. */
export interface PlateRequest {
  readonly refrigerant: string;
  readonly safetyClass?: SafetyClass;
  /** Design pressures of each side, as the plate gives them. */
  readonly highSide: Quantity;
  readonly lowSide: Quantity;
  readonly coldest: Quantity;
  /** What belongs in it, by the plate. */
  readonly charge?: Quantity;
  readonly oil?: string;
  readonly swept?: readonly SweptRequest[];
}

/** Design pressure of a side [Pa gauge]: from a vacuum-tight low side to transcritical carbon dioxide. */
const DESIGN = { min: 100_000, max: 20_000_000 } as const;
const COLDEST_C = { min: -100, max: 30 } as const;
const CHARGE_KG = { min: 0.001, max: 100_000 } as const;
const OUTSIDE_M = { min: 0.001, max: 0.5 } as const;
const LENGTH_M = { min: 0.01, max: 2000 } as const;

function boreOf(field: string, { od, wall }: { od: Quantity; wall?: Quantity }, read: FieldReader): Quantity | null {
  const outsideM = read.lengthM(`${field}.od`, od, OUTSIDE_M);
  const wallM = wall ? read.lengthM(`${field}.wall`, wall, { min: 0.0001, max: 0.02 }) : likelyTube(outsideM)?.wallM;
  if (wallM === undefined) read.errors.push({ kind: 'missing', field: `${field}.wall`, needed: 'wall-not-in-tables' });
  else if (2 * wallM >= outsideM) read.errors.push({ kind: 'refused', field: `${field}.wall`, reason: 'wall-too-thick' });
  else if (Number.isFinite(outsideM)) return { value: Number(((outsideM - 2 * wallM) * 1000).toFixed(3)), unit: 'mm' };
  return null;
}

/** As the planner takes it: a bore and a length, or a volume. */
function sectionOf(swept: SweptRequest, field: string, read: FieldReader): SectionRequest | null {
  if ('volume' in swept) return swept;
  read.lengthM(`${field}.length`, swept.length, LENGTH_M);
  if ('bore' in swept) return swept;
  const bore = boreOf(field, swept, read);
  return bore && { bore, length: swept.length };
}

/** One swept line as the planner takes it; null where its size cannot be read, or no table has its wall. */
export function sweptSection(swept: SweptRequest): SectionRequest | null {
  const read = new FieldReader();
  const section = sectionOf(swept, 'swept', read);
  return read.errors.length > 0 ? null : section;
}

/**
 * A circuit's plate in SI.
 *
 * @param plate  refrigerant (any spelling), design pressure of each side [1..200 bar gauge], coldest in service [-100..30 °C],
 *               charge [1 g..100 t], what nitrogen sweeps; a tube of a standard size may leave out its wall
 * @param path   where the plate stands in the request, for the names of its fields
 * @returns      refrigerant by its usual name, pressures [Pa gauge], sections by bore; refused: a low side above the high side, a
 *               refrigerant nobody knows without its safety class, a size without a wall that no table has
 * @source       plate practice; walls from the tube tables
 */
export function readPlate(plate: PlateRequest, path = ''): Result<CircuitFacts> {
  const read = new FieldReader();
  const at = (key: string) => `${path}${key}`;
  const name = refrigerantName(plate.refrigerant);
  if (!name && !plate.safetyClass) {
    read.errors.push({ kind: 'refused', field: at('safetyClass'), reason: 'safety-class-needed', value: plate.refrigerant });
  }
  const highSideDesignGaugePa = read.plainGaugePressure(at('highSide'), plate.highSide, DESIGN);
  const lowSideDesignGaugePa = read.plainGaugePressure(at('lowSide'), plate.lowSide, DESIGN);
  if (lowSideDesignGaugePa > highSideDesignGaugePa) read.errors.push({ kind: 'refused', field: at('lowSide'), reason: 'low-above-high' });
  const coldestC = read.temperatureC(at('coldest'), plate.coldest, COLDEST_C);
  const charge = plate.charge ? { chargeKg: read.massKg(at('charge'), plate.charge, CHARGE_KG) } : {};
  const purgeSections = (plate.swept ?? []).flatMap((swept, i) => sectionOf(swept, at(`swept[${i}]`), read) ?? []);
  if (read.errors.length > 0) return fail(...read.errors);
  const known = name
    ? { refrigerant: name }
    : { refrigerant: plate.refrigerant, ...(plate.safetyClass ? { safetyClass: plate.safetyClass } : {}) };
  return ok({
    ...known,
    highSideDesignGaugePa,
    lowSideDesignGaugePa,
    coldestC,
    purgeSections,
    ...charge,
    ...(plate.oil ? { oil: plate.oil } : {}),
  });
}

/**
 * A plate as it was read, in the form in which it is read: pressures in kPa gauge, temperatures in °C, masses in kg.
 *
 * @param facts  what `readPlate` gave
 * @returns      a request that `readPlate` reads as the same facts
 */
export function plateRequestOf({ highSideDesignGaugePa, lowSideDesignGaugePa, ...facts }: CircuitFacts): PlateRequest {
  const gauge = (pascals: number): Quantity => ({ value: pascals / GAUGE_PRESSURE_UNITS.kPag, unit: 'kPag' });
  return {
    refrigerant: facts.refrigerant,
    ...(facts.safetyClass ? { safetyClass: facts.safetyClass } : {}),
    highSide: gauge(highSideDesignGaugePa),
    lowSide: gauge(lowSideDesignGaugePa),
    coldest: { value: facts.coldestC, unit: 'C' },
    ...(facts.chargeKg === undefined ? {} : { charge: { value: facts.chargeKg, unit: 'kg' } }),
    ...(facts.oil === undefined ? {} : { oil: facts.oil }),
    swept: facts.purgeSections,
  };
}
