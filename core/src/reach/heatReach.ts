import { METAL_NAMES, METALS, type MetalName } from '../metal/metals';
import { meanBetween } from '../numeric/interpolate';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import { gridThrough } from './grid';
import type { TubeModel, WetLength } from './tubeModel';
import { TubeSimulation } from './tubeSimulation';

export interface ReachRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly tube: { readonly metal: MetalName; readonly od: Quantity; readonly wall: Quantity };
  readonly ambient: Quantity;
  readonly jointTemperature: Quantity;
  readonly seconds: number;
  readonly at: readonly Quantity[];
  readonly wet?: { readonly from: Quantity; readonly to: Quantity; readonly water: Quantity };
}

export interface ReachPoint {
  readonly distanceM: number;
  readonly peakC: number;
  readonly atSeconds: number;
}

export interface Reach {
  readonly points: readonly ReachPoint[];
  /** Of each body on the tube: its mean plus a third of the difference to the tube at its root. */
  readonly bodies: readonly ReachPoint[];
  readonly dryAtSeconds: number | null;
  readonly energyErrorPercent: number;
}

const GRID_M = 0.004;
const STEP_S = 0.5;
/** The grid stays even this far past the last place that is asked, or wet. */
export const FINE_BEYOND_M = 0.02;
const LONGEST_S = 4 * 3600;
/** Still air on the outside [W/m2 K]. */
const AIR_H = 10;
/** After the flame temperatures change ever slower: steps grow by this share of the time since, up to `most` [s]. */
const COOLING_STEP = { share: 1 / 18, most: 10 } as const;

/** Properties to brazing heat: the copper figures are the usual means, others are meant over their tables. */
export function tubeProperties(metal: MetalName, hotC: number): { conductivity: number; heatCapacity: number; densityKgPerM3: number } {
  if (metal === 'copper') return { conductivity: 340, heatCapacity: 420, densityKgPerM3: 8940 };
  const row = METALS[metal];
  return {
    conductivity: meanBetween(row.conductivity, 20, hotC),
    heatCapacity: meanBetween(row.specificHeat, 20, hotC),
    densityKgPerM3: row.densityKgPerM3,
  };
}

const distance = { min: 0, max: 5 } as const;

function readReach(request: ReachRequest, read: FieldReader) {
  read.readAtmosphere(request);
  if (!METAL_NAMES.includes(request.tube.metal)) {
    read.errors.push({ kind: 'unknown-word', field: 'tube.metal', word: request.tube.metal, allowed: METAL_NAMES });
  }
  const outsideM = read.lengthM('tube.od', request.tube.od, { min: 0.0015, max: 0.12 });
  const wallM = read.lengthM('tube.wall', request.tube.wall, { min: 0.0002, max: 0.012 });
  if (wallM * 2 >= outsideM) read.errors.push({ kind: 'refused', field: 'tube.wall', reason: 'wall-too-thick' });
  const ambientC = read.temperatureC('ambient', request.ambient, { min: -60, max: 60 });
  const jointC = read.temperatureC('jointTemperature', request.jointTemperature, { min: 100, max: 1000 });
  const seconds = read.number('seconds', request.seconds, { min: 1, max: 3600 }, 's');
  if (request.at.length === 0) read.errors.push({ kind: 'missing', field: 'at', needed: 'distance' });
  const at = request.at.map((q, i) => read.lengthM(`at[${i}]`, q, distance));
  const wet: WetLength | null = request.wet
    ? {
        fromM: read.lengthM('wet.from', request.wet.from, distance),
        toM: read.lengthM('wet.to', request.wet.to, distance),
        waterKg: read.massKg('wet.water', request.wet.water, { min: 0.0001, max: 50 }),
        store: 'lump',
      }
    : null;
  if (wet && wet.toM <= wet.fromM)
    read.errors.push({ kind: 'out-of-range', field: 'wet.to', value: wet.toM, min: wet.fromM, max: distance.max, unit: 'm' });
  return { outsideM, wallM, ambientC, jointC, seconds, at, wet };
}

/**
 * How far the heat of a joint goes: the hottest each asked distance gets, and when.
 *
 * x = 0 is held at the joint temperature from 0 to `seconds` and insulated afterwards; the tube is long enough that its
 * far end does not matter; the run ends when every asked point has passed its peak.
 *
 * @returns   peaks [°C] with their times, when the water is gone (null: never), and the energy balance's error [%]
 * @accuracy  halving grid and step moves a peak by under 1 %; checked against the infinite fin and the semi-infinite body
 * @source    transient fin equation with radiation; water 4.19 kJ/(kg K) to 100 °C, then 2.26 MJ/kg
 */
export function heatReach(request: ReachRequest, grid: { gridM?: number; stepS?: number } = {}): Result<Reach> {
  const read = new FieldReader();
  const given = readReach(request, read);
  if (given.jointC > METALS[request.tube.metal]?.solidusC)
    read.errors.push({ kind: 'refused', field: 'jointTemperature', reason: 'joint-above-solidus' });
  if (read.errors.length > 0) return fail(...read.errors);
  const properties = tubeProperties(request.tube.metal, given.jointC);
  const diffusivity = properties.conductivity / (properties.densityKgPerM3 * properties.heatCapacity);
  const farthest = Math.max(...given.at, given.wet?.toM ?? 0);
  const settle = given.seconds + Math.max(120, farthest ** 2 / diffusivity / 2);
  const areaM2 = Math.PI * (given.outsideM - given.wallM) * given.wallM;
  const perimeterM = Math.PI * given.outsideM;
  const finLengthM = Math.sqrt((properties.conductivity * areaM2) / (AIR_H * perimeterM));
  const model: TubeModel = {
    ...properties,
    areaM2,
    perimeterM,
    airH: AIR_H,
    emissivity: 0.6,
    ambientC: given.ambientC,
    // Past five fin lengths what comes back from the far end is under 1e-4 of the rise at the farthest point.
    lengthM: farthest + Math.min(5 * finLengthM, 4 * Math.sqrt(diffusivity * Math.min(settle, LONGEST_S))),
    endTemperatureC: (t) => (t <= given.seconds + 1e-9 ? given.jointC : null),
    endCapacityJPerK: 0,
    wet: given.wet,
    lumps: [],
    gridM: gridThrough(given.wet, grid.gridM ?? GRID_M),
    fineToM: farthest + FINE_BEYOND_M,
    stepS: grid.stepS ?? STEP_S,
  };
  return ok(runToPeaks(model, given.at, given.seconds));
}

/** A body is hotter towards its root: this share of the way is counted. Judgement. */
const ROOT_SHARE = 1 / 3;

function keepPeak(point: { peakC: number; atSeconds: number }, celsius: number, seconds: number): void {
  if (celsius <= point.peakC) return;
  point.peakC = celsius;
  point.atSeconds = seconds;
}

/** How much a step may be lengthened so long after the flame [times `stepS`]. */
export const stretchAt = (coolingS: number, stepS: number) =>
  Math.min(COOLING_STEP.most / stepS, Math.max(1, 1 + (coolingS * COOLING_STEP.share) / stepS));

/** When a pulse of heat is at its height so far away [s]: before that a point that is still cold has not passed its peak, it is yet to come. */
const arrivalS = ({ conductivity, densityKgPerM3, heatCapacity }: TubeModel, distanceM: number): number =>
  (distanceM ** 2 * densityKgPerM3 * heatCapacity) / (2 * conductivity);

/** So long a peak is no longer exceeded before it counts as passed [s]. */
const quietS = (seconds: number) => Math.max(30, 0.15 * seconds);

/** Steps until every point has been falling for a while and no water is still to boil off. */
export function runToPeaks(model: TubeModel, at: readonly number[], heatingS: number): Reach {
  const simulation = new TubeSimulation(model);
  const points = at.map((distanceM) => ({
    distanceM,
    peakC: distanceM === 0 ? simulation.temperatureAt(0) : model.ambientC,
    atSeconds: 0,
  }));
  const bodies = model.lumps.map(({ atM }) => ({ distanceM: atM, peakC: model.ambientC, atSeconds: 0 }));
  const watched = [...points, ...bodies].map((peak) => ({ peak, reachesS: heatingS + arrivalS(model, peak.distanceM) }));
  const passed = () =>
    simulation.seconds > heatingS &&
    !simulation.isHolding &&
    watched.every(({ peak, reachesS }) => simulation.seconds - Math.max(peak.atSeconds, reachesS) > quietS(simulation.seconds));
  while (simulation.seconds < LONGEST_S && !passed()) {
    simulation.step(stretchAt(simulation.seconds - heatingS, model.stepS));
    const now = simulation.seconds;
    for (const point of points) keepPeak(point, simulation.temperatureAt(point.distanceM), now);
    for (let j = 0; j < bodies.length; j++) {
      const [body, mean] = [bodies[j], simulation.temperatureOfBody(j)];
      if (body) keepPeak(body, mean + (simulation.temperatureAt(body.distanceM) - mean) * ROOT_SHARE, now);
    }
  }
  const { inJ, storedJ, lostJ, absorbedJ } = simulation.energy;
  const energyErrorPercent = inJ === 0 ? 0 : (100 * Math.abs(inJ - storedJ - lostJ - absorbedJ)) / Math.abs(inJ);
  return { points, bodies, dryAtSeconds: simulation.dryAtS, energyErrorPercent };
}
