import { fail, ok, type Result } from '../result';
import { waterPressurePa } from '../pull/water';
import { FieldReader } from '../unit/fieldReader';
import { kelvinFromCelsius, type Quantity } from '../unit/units';

/** Of fresh water at room warmth [J/(m3 K)]: 4.19 kJ/(kg K), a kilogram a litre. Source: steam tables. */
const WATER_J_PER_M3_K = 4.19e6;
/** Of so much glycol, against fresh water. Source: makers' sheets: 0.96 at 20 %, linear to there and beyond it. */
const GLYCOL = { share: 0.2, carries: 0.96 } as const;

export interface WaterHeatRequest {
  readonly flow: Quantity;
  readonly in: Quantity;
  readonly out: Quantity;
  /** Glycol in it, 0..0.5. */
  readonly glycol?: number;
}

/**
 * Heat that water or brine carries.
 *
 * @param request  flow 0..1 m3/s, -20..95 °C in and out, share of glycol 0..0.5
 * @returns        [W], above 0 where the water is warmed
 * @source         rho c V dT
 */
export function waterHeatW({ flow, in: entering, out, glycol = 0 }: WaterHeatRequest): Result<number> {
  const read = new FieldReader();
  const m3PerS = read.flowM3PerS('flow', flow, { min: 0, max: 1 });
  const inC = read.temperatureC('in', entering, { min: -20, max: 95 });
  const outC = read.temperatureC('out', out, { min: -20, max: 95 });
  const share = read.number('glycol', glycol, { min: 0, max: 0.5 }, '');
  if (read.errors.length > 0) return fail(...read.errors);
  const carries = 1 - ((1 - GLYCOL.carries) * share) / GLYCOL.share;
  return ok(WATER_J_PER_M3_K * carries * m3PerS * (outC - inC));
}

export interface AirHeatRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly flow: Quantity;
  readonly in: { readonly dry: Quantity; readonly wet: Quantity };
  readonly out: { readonly dry: Quantity; readonly wet: Quantity };
}

/**
 * Heat in moist air by dry and wet bulb, from dry air at 0 °C.
 *
 * @param dryC  -10..60 °C
 * @param wetC  at most the dry bulb
 * @param airPa local pressure [Pa]
 * @returns     [J for a kilogram of dry air]
 * @source      ASHRAE Fundamentals, psychrometrics: humidity ratio from the wet bulb, h = 1.006 t + w (2501 + 1.86 t) kJ/kg
 */
export function airEnthalpy(dryC: number, wetC: number, airPa: number): number {
  const saturated = (0.622 * waterPressurePa(wetC)) / (airPa - waterPressurePa(wetC));
  const humidity = ((2501 - 2.326 * wetC) * saturated - 1.006 * (dryC - wetC)) / (2501 + 1.86 * dryC - 4.186 * wetC);
  return 1000 * (1.006 * dryC + humidity * (2501 + 1.86 * dryC));
}

const BULB = { min: -10, max: 60 } as const;
/** Of air at 20 °C and sea level [kg/m3]. */
const AIR_KG_PER_M3 = 1.2;
const SEA_PA = 101_325;
const ROOM_K = 293;

/**
 * Heat that a coil takes from the air, or gives to it.
 *
 * @param request  flow 0..50 m3/s as it enters, dry and wet bulb before and after, the site's air
 * @returns        [W], above 0 where the air is cooled
 * @source         1.2 (p / 101.325) (293 / T) V (h1 - h2)
 */
export function airHeatW(request: AirHeatRequest): Result<number> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  const m3PerS = read.flowM3PerS('flow', request.flow, { min: 0, max: 50 });
  const bulbs = (side: 'in' | 'out') => {
    const dry = read.temperatureC(`${side}.dry`, request[side].dry, BULB);
    return { dry, wet: read.temperatureC(`${side}.wet`, request[side].wet, { min: BULB.min, max: Number.isNaN(dry) ? BULB.max : dry }) };
  };
  const [before, after] = [bulbs('in'), bulbs('out')];
  if (read.errors.length > 0) return fail(...read.errors);
  const density = AIR_KG_PER_M3 * (read.atmosphere / SEA_PA) * (ROOM_K / kelvinFromCelsius(before.dry));
  const given = airEnthalpy(before.dry, before.wet, read.atmosphere) - airEnthalpy(after.dry, after.wet, read.atmosphere);
  return ok(density * m3PerS * given);
}
