import { micronPa } from './units';
/** Units of a vacuum gauge; others are too coarse, or none of vacuum. */
export const VACUUM_UNITS = ['micron', 'Pa', 'mbar'];
/** What thermal gauges read [micron]. Source: makers' sheets. */
const SCALE_MICRON = 25_000;
const DAY_S = 86_400;
/** Where a hose's core was left in: bore of the hole it lets by [m]. Trade habit: editable. */
const CORE_BORE_M = 0.0015;
const sampleQuantity = ({ micron, pressure }) => (micron === undefined ? (pressure ?? null) : { value: micron, unit: 'micron' });
/** One reading of a vacuum gauge [Pa absolute]; outside its scale it is refused by that word. */
export function vacuumPa(field, pressure, read) {
  if (!VACUUM_UNITS.includes(pressure.unit)) {
    read.errors.push({ kind: 'unknown-unit', field, unit: pressure.unit, allowed: VACUUM_UNITS });
    return Number.NaN;
  }
  const pa = read.absolutePressure(field, pressure, { min: -Number.MAX_VALUE, max: Number.MAX_VALUE });
  if (pa > 0 && pa <= micronPa(SCALE_MICRON)) return pa;
  if (!Number.isNaN(pa)) read.errors.push({ kind: 'refused', field, reason: 'off-scale', value: `${pressure.value} ${pressure.unit}` });
  return Number.NaN;
}
/** Readings of a rise in SI; units that change between them are refused. */
export function readRise(samples, read) {
  if (samples.length < 2) read.errors.push({ kind: 'missing', field: 'samples', needed: 'two-samples' });
  let before = -1;
  let unit = null;
  return samples.map((sample, i) => {
    const field = `samples[${i}].${sample.micron === undefined ? 'pressure' : 'micron'}`;
    const seconds = read.number(`samples[${i}].seconds`, sample.seconds, { min: 0, max: 31 * DAY_S }, 's');
    if (seconds <= before) read.errors.push({ kind: 'refused', field: `samples[${i}].seconds`, reason: 'not-later' });
    before = seconds;
    const given = sampleQuantity(sample);
    if (!given) return missing({ kind: 'missing', field, needed: 'a-reading' }, seconds, read);
    if (unit !== null && unit !== given.unit)
      return missing({ kind: 'unknown-unit', field, unit: given.unit, allowed: [unit] }, seconds, read);
    unit = given.unit;
    return { seconds, pa: vacuumPa(field, given, read) };
  });
}
function missing(error, seconds, read) {
  read.errors.push(error);
  return { seconds, pa: Number.NaN };
}
/** Breaks in SI: each from a vacuum up. */
export const readBreaks = (breaks, read) =>
  breaks.map(({ reached, brokenTo, minutes }, i) => {
    const field = `breaks[${i}]`;
    const reachedPa = read.absolutePressure(`${field}.reached`, reached, { min: 0.01, max: read.atmosphere });
    const brokenToPa = read.absolutePressure(`${field}.brokenTo`, brokenTo, { min: 1, max: 300_000 });
    read.number(`${field}.minutes`, minutes, { min: 0, max: 10_000 }, 'min');
    if (brokenToPa <= reachedPa) read.errors.push({ kind: 'refused', field: `${field}.brokenTo`, reason: 'not-above-reached' });
    return { reachedPa, brokenToPa };
  });
function readHose(hose, field, read) {
  const boreM = read.lengthM(`${field}.bore`, hose.bore, { min: 0.001, max: 0.1 });
  const lengthM = read.lengthM(`${field}.length`, hose.length, { min: 0.05, max: 50 });
  const core = hose.coreBore ? read.lengthM(`${field}.coreBore`, hose.coreBore, { min: 0.0002, max: 0.02 }) : CORE_BORE_M;
  return { boreM, lengthM, coreBoreM: hose.core === 'in' ? core : null };
}
/** Pump, hoses and volume in SI. */
export function readPumping({ volume, pump, hoses }, read) {
  if (hoses.length === 0) read.errors.push({ kind: 'missing', field: 'hoses', needed: 'a-hose' });
  return {
    volumeM3: read.volumeM3('volume', volume, { min: 1e-5, max: 100 }),
    speedM3PerS: read.flowM3PerS('pump.speed', pump.speed, { min: 1e-6, max: 1 }),
    ultimatePa: read.absolutePressure('pump.ultimate', pump.ultimate, { min: 1e-4, max: 5000 }),
    hoses: hoses.map((hose, i) => readHose(hose, `hoses[${i}]`, read)),
    atmospherePa: read.atmosphere,
  };
}
