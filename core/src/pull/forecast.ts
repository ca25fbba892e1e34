/** A hose of a pull. */
export interface Hose {
  readonly boreM: number;
  readonly lengthM: number;
  /** Bore of the hole that a core left in its port lets by; null where the core is out. */
  readonly coreBoreM: number | null;
}

export interface Pumping {
  readonly volumeM3: number;
  readonly speedM3PerS: number;
  readonly ultimatePa: number;
  readonly hoses: readonly Hose[];
  readonly atmospherePa: number;
}

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
export function hoseConductance({ boreM, lengthM }: Pick<Hose, 'boreM' | 'lengthM'>, meanPa: number): number {
  const [d, l, p] = [boreM * CM_PER_M, lengthM * CM_PER_M, meanPa / PA_PER_MBAR];
  const litres = (135 * d ** 4 * p) / l + ((12.1 * d ** 3) / l) * ((1 + 192 * d * p) / (1 + 237 * d * p));
  return litres / 1000;
}

/** Conductance of the hole that a core leaves [m3/s]. */
export const coreConductance = (boreM: number): number => (HOLE_M_PER_S * Math.PI * boreM ** 2) / 4;

/** So near to each other, of their size, that no figure tells two tries apart. */
const SAME = 1e-13;
const MOST_TRIES = 100;

/** Where a falling function crosses zero: by chords, the end that stays halved in weight (the Illinois rule), some ten tries in all. */
function crossing(of: (at: number) => number, low: number, high: number): number {
  let [from, atFrom, to, atTo] = [low, of(low), high, of(high)];
  if (atFrom <= 0) return low;
  if (atTo >= 0) return high;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const next = (from * atTo - to * atFrom) / (atTo - atFrom);
    const atNext = of(next);
    const isThere = atNext === 0 || Math.abs(next - to) <= SAME * Math.abs(next);
    if (isThere) return next;
    // The crossing stays between the two.
    if (atNext > 0 === atTo > 0) atFrom /= 2;
    else [from, atFrom] = [to, atTo];
    [to, atTo] = [next, atNext];
  }
  return to;
}

/** Flow through one hose with its core between a circuit and a pump's inlet [Pa m3/s]. */
function hoseFlow(hose: Hose, circuitPa: number, inletPa: number): number {
  const through = (fromPa: number) => hoseConductance(hose, (fromPa + inletPa) / 2) * (fromPa - inletPa);
  if (hose.coreBoreM === null) return through(circuitPa);
  const core = coreConductance(hose.coreBoreM);
  const behindPa = crossing((pa) => core * (circuitPa - pa) - through(pa), inletPa, circuitPa);
  return core * (circuitPa - behindPa);
}

/** What leaves a circuit that stands at a pressure [Pa m3/s]. */
function throughputAt({ speedM3PerS, ultimatePa, hoses }: Pumping, circuitPa: number): number {
  const pumped = (inletPa: number) => speedM3PerS * (inletPa - ultimatePa);
  const led = (inletPa: number) => hoses.reduce((sum, hose) => sum + hoseFlow(hose, circuitPa, inletPa), 0);
  return pumped(crossing((inletPa) => led(inletPa) - pumped(inletPa), ultimatePa, circuitPa));
}

/** How fast the pump empties the circuit at a pressure, hoses and cores reckoned in [m3/s]. */
export const speedAtCircuit = (pumping: Pumping, circuitPa: number): number => throughputAt(pumping, circuitPa) / circuitPa;

/** A moment of a forecast. */
export interface ForecastPoint {
  readonly seconds: number;
  readonly pa: number;
}

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
export function pumpDown(pumping: Pumping, toPa: number): readonly ForecastPoint[] {
  const { atmospherePa, volumeM3 } = pumping;
  const steps = Math.ceil(Math.log10(atmospherePa / toPa) * STEPS_A_DECADE);
  const ratio = (toPa / atmospherePa) ** (1 / steps);
  const points: ForecastPoint[] = [{ seconds: 0, pa: atmospherePa }];
  let seconds = 0;
  for (let i = 1, pa: number = atmospherePa; i <= steps; i += 1) {
    const next = pa * ratio;
    const middle = Math.sqrt(pa * next);
    seconds += (volumeM3 * middle * Math.log(pa / next)) / throughputAt(pumping, middle);
    points.push({ seconds, pa: next });
    pa = next;
  }
  return points;
}

/** Seconds of a pull until it is down there; null at or under the pump's ultimate. */
export function secondsTo(pumping: Pumping, toPa: number): number | null {
  if (toPa <= pumping.ultimatePa) return null;
  return pumpDown(pumping, toPa).at(-1)?.seconds ?? null;
}

/**
 * When a forecast reaches a pressure, read between its points.
 *
 * @param points  a forecast, falling
 * @param pa      pressure, above 0 [Pa]
 * @returns       [s], by the logarithm of the pressure between two points; null where it does not come down so far
 */
export function secondsAt(points: readonly ForecastPoint[], pa: number): number | null {
  const at = points.findIndex((point) => point.pa <= pa);
  const [before, after] = [points[at - 1], points[at]];
  if (!after) return null;
  if (!before) return after.seconds;
  const share = Math.log(before.pa / pa) / Math.log(before.pa / after.pa);
  return before.seconds + share * (after.seconds - before.seconds);
}
