import { fail, ok, type Result } from '../result';
import { absolutePascals, SEA_LEVEL, type AbsolutePascals } from '../unit/units';

/** Altitudes the engine plans for [m]: where people work on machines. */
export const ALTITUDE_RANGE_M = { min: -500, max: 6000 } as const;

/**
 * Static pressure of the standard atmosphere below the tropopause.
 *
 * @param altitudeM  h, geopotential altitude [m], -500..6000
 * @returns          p, static pressure [Pa absolute]; `out-of-range` outside the range or on NaN
 * @source           ISO 2533:1975, troposphere: p = 101325 (1 - 0.0065 h / 288.15)^5.25588
 */
export function standardAtmospherePressure(altitudeM: number): Result<AbsolutePascals> {
  if (!(altitudeM >= ALTITUDE_RANGE_M.min && altitudeM <= ALTITUDE_RANGE_M.max)) {
    return fail({ kind: 'out-of-range', field: 'altitude', value: altitudeM, ...ALTITUDE_RANGE_M, unit: 'm' });
  }
  return ok(absolutePascals(SEA_LEVEL * (1 - (0.0065 * altitudeM) / 288.15) ** 5.25588));
}
