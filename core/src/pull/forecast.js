/** A hole lets by so much in the molecular regime, taken at any pressure [m3/s per m2]. Source: kinetic theory, air at 20 °C: 11.6 L/s per cm2. */
const HOLE_M_PER_S = 116;
const CM_PER_M = 100;
const PA_PER_MBAR = 100;
/**
 * Conductance of a hose for air at 20 °C.
 *
 * @param hose    bore and length, above 0
 * @param meanPa  mean of the pressures at its two ends
 * @returns       [m3/s]
 * @source        Knudsen's formula, laminar to molecular
 */
export function hoseConductance({ boreM, lengthM }, meanPa) {
  const [d, l, p] = [boreM * CM_PER_M, lengthM * CM_PER_M, meanPa / PA_PER_MBAR];
  const litres = (135 * d ** 4 * p) / l + ((12.1 * d ** 3) / l) * ((1 + 192 * d * p) / (1 + 237 * d * p));
  return litres / 1000;
}
/** Conductance of the hole that a core leaves [m3/s]. */
export const coreConductance = (boreM) => (HOLE_M_PER_S * Math.PI * boreM ** 2) / 4;
/** Where a falling function crosses zero; halved until it is as near as figures go. */
function crossing(of, low, high) {
  let [from, to] = [low, high];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (from + to) / 2;
    if (of(middle) > 0) from = middle;
    else to = middle;
  }
  return (from + to) / 2;
}
const HALVINGS = 50;
/** Flow through one hose with its core between a circuit and a pump's inlet [Pa m3/s]. */
function hoseFlow(hose, circuitPa, inletPa) {
  const through = (fromPa) => hoseConductance(hose, (fromPa + inletPa) / 2) * (fromPa - inletPa);
  if (hose.coreBoreM === null) return through(circuitPa);
  const core = coreConductance(hose.coreBoreM);
  const behindPa = crossing((pa) => core * (circuitPa - pa) - through(pa), inletPa, circuitPa);
  return core * (circuitPa - behindPa);
}
/** What leaves a circuit that stands at a pressure [Pa m3/s]. */
function throughputAt({ speedM3PerS, ultimatePa, hoses }, circuitPa) {
  const pumped = (inletPa) => speedM3PerS * (inletPa - ultimatePa);
  const led = (inletPa) => hoses.reduce((sum, hose) => sum + hoseFlow(hose, circuitPa, inletPa), 0);
  return pumped(crossing((inletPa) => led(inletPa) - pumped(inletPa), ultimatePa, circuitPa));
}
/** How fast the pump empties the circuit at a pressure, hoses and cores reckoned in [m3/s]. */
export const speedAtCircuit = (pumping, circuitPa) => throughputAt(pumping, circuitPa) / circuitPa;
/** Steps of a decade of pressure: finer changes no figure that is shown. */
const STEPS_A_DECADE = 60;
/**
 * The pull of a dry and empty circuit from the air's pressure down: the best case.
 *
 * @param pumping  volume [m3], pump's speed [m3/s] and ultimate pressure [Pa], hoses, air outside [Pa]
 * @param toPa     how far down, above the ultimate
 * @returns        pressure over time, from the air's down
 * @source         V dp/dt = -S (1 - p_ult / p_in) p_in, with the hoses as parallel ways; quasi-steady flow of air at 20 °C
 */
export function pumpDown(pumping, toPa) {
  const { atmospherePa, volumeM3 } = pumping;
  const steps = Math.ceil(Math.log10(atmospherePa / toPa) * STEPS_A_DECADE);
  const ratio = (toPa / atmospherePa) ** (1 / steps);
  const points = [{ seconds: 0, pa: atmospherePa }];
  let seconds = 0;
  for (let i = 1, pa = atmospherePa; i <= steps; i += 1) {
    const next = pa * ratio;
    const middle = Math.sqrt(pa * next);
    seconds += (volumeM3 * middle * Math.log(pa / next)) / throughputAt(pumping, middle);
    points.push({ seconds, pa: next });
    pa = next;
  }
  return points;
}
/** Seconds of a pull until it is down there; null at or under the pump's ultimate. */
export function secondsTo(pumping, toPa) {
  if (toPa <= pumping.ultimatePa) return null;
  return pumpDown(pumping, toPa).at(-1)?.seconds ?? null;
}
