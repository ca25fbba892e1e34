import { nitrogenViscosityPaS } from '../nitrogen/realGas';
import type { Saturation } from '../refrigerant/saturation';
import { KELVIN_AT_0_C } from '../unit/units';

const GAS_CONSTANT = 8.314462618;
const SECONDS_PER_YEAR = 365.25 * 86_400;

/** What the test gas did, and around what. */
interface SeenLeak {
  readonly leakPaM3S: number;
  readonly pressurePa: number;
  readonly celsius: number;
  readonly atmospherePa: number;
}

/**
 * Grams of refrigerant a year that get out where nitrogen gets out at that rate: viscous flow of vapour, ideal gas.
 *
 * @param seen   nitrogen's leak [Pa m3/s], its pressure [Pa absolute], the temperature [°C], the air [Pa]
 * @param fluid  the refrigerant at its own dew pressure at that temperature
 * @returns      [g/year]; null where its pressure does not push out, or the temperature lies outside its table
 * @accuracy     a vapour leak; where liquid stands at the leak 4 to 5 times more
 * @source       Q M / (R T) (mu_N2 / mu_r) (p1^2 - p2^2)_r / (p1^2 - p2^2)_N2: viscous flow through a fine channel
 */
export function gramsPerYear(seen: SeenLeak, fluid: Saturation): number | null {
  const { min, max } = fluid.rangeC;
  if (seen.celsius < min || seen.celsius > max) return null;
  const pushes = fluid.dewPa(seen.celsius) ** 2 - seen.atmospherePa ** 2;
  const pushed = seen.pressurePa ** 2 - seen.atmospherePa ** 2;
  if (pushes <= 0 || pushed <= 0) return null;
  const molesPerS = seen.leakPaM3S / (GAS_CONSTANT * (seen.celsius + KELVIN_AT_0_C));
  const thinner = nitrogenViscosityPaS(seen.pressurePa, seen.celsius) / fluid.vapourViscosityPaS;
  return molesPerS * fluid.molarMassGPerMol * thinner * (pushes / pushed) * SECONDS_PER_YEAR;
}
