import { kelvinFromCelsius } from '../unit/units';
const GAS_CONSTANT = 8.314462618;
const SECONDS_PER_YEAR = 365.25 * 86_400;
/** Of air at 25 °C [Pa s]. Source: tables of transport properties. */
const AIR_VISCOSITY = 18.5e-6;
/**
 * What a hole that lets air into a vacuum would lose of refrigerant at its own pressure.
 *
 * @param leakPaM3S  of air, into a vacuum
 * @param fluid      at its dew pressure at the warmth around
 * @param around     [°C], air outside [Pa]
 * @returns          [g/year], never under 0; null outside the refrigerant's table
 * @source           viscous flow: Q (mu_air / mu_r) (p_dew^2 - p_atm^2) / p_atm^2, turned into mass by M / (R T)
 */
export function airLeakGramsPerYear(leakPaM3S, fluid, { celsius, atmospherePa }) {
  const { min, max } = fluid.rangeC;
  if (celsius < min || celsius > max) return null;
  const pushes = (fluid.dewPa(celsius) ** 2 - atmospherePa ** 2) / atmospherePa ** 2;
  const refrigerantPaM3S = leakPaM3S * (AIR_VISCOSITY / fluid.vapourViscosityPaS) * pushes;
  const grams = ((refrigerantPaM3S * fluid.molarMassGPerMol) / (GAS_CONSTANT * kelvinFromCelsius(celsius))) * SECONDS_PER_YEAR;
  return Math.max(grams, 0);
}
