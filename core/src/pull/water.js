import { kelvinFromCelsius } from '../unit/units';
/** Molar gas constant [J/(mol K)]. Source: CODATA 2018, exact. */
const GAS_CONSTANT = 8.314462618;
/** Of water [kg/mol]. Source: IUPAC. */
const WATER_KG_PER_MOL = 0.018015;
/** Heat to turn water, and ice, into vapour [J/kg]. Source: steam tables, rounded. */
const TO_VAPOUR = { water: 2.5e6, ice: 2.83e6 };
/**
 * Pressure at which water boils off, over ice below 0 °C.
 *
 * @param celsius  of the coldest wall, -60..80 °C
 * @returns        [Pa absolute]
 * @source         Buck 1996, over water and over ice
 */
export function waterPressurePa(celsius) {
  const [base, a, b, c] = celsius < 0 ? [611.15, 23.036, 333.7, 279.82] : [611.21, 18.678, 234.5, 257.14];
  return base * Math.exp(((a - celsius / b) * celsius) / (c + celsius));
}
/**
 * How long water takes to be pumped out as vapour, where enough warmth comes through the wall: what warming buys.
 *
 * @param massKg   of water
 * @param celsius  of the wet place, -60..80 °C
 * @param speedM3PerS  of what is pumped there, above 0
 * @source  m R T / (M p_w S): vapour leaves at water's own pressure
 */
export function drying(massKg, celsius, speedM3PerS) {
  const volumeM3 = (massKg * GAS_CONSTANT * kelvinFromCelsius(celsius)) / (WATER_KG_PER_MOL * waterPressurePa(celsius));
  return { seconds: volumeM3 / speedM3PerS, heatJ: massKg * (celsius < 0 ? TO_VAPOUR.ice : TO_VAPOUR.water) };
}
