import { NITROGEN_RANGE } from '../nitrogen/realGas';
import { readRefrigerant, type Saturation } from '../refrigerant/saturation';
import { FieldReader } from '../unit/fieldReader';
import { GAUGE_PRESSURE_UNITS, type Quantity } from '../unit/units';
import { HELD_SIDES, TEST_GASES } from '../ledger/words';
import type { Running } from './refrigerantLeak';
import type { GaugeRequest, HoldRequest, HoldSampleRequest } from './request';
import { SECONDS_PER_DAY, type Barometer } from './smallestSeen';

export interface HoldSample {
  readonly seconds: number;
  readonly pressurePa: number;
  /** Of the gas: between sun and shade where both were read. */
  readonly celsius: number;
  /** How much warmer what stands in the sun is [K]; 0 where nobody read it. */
  readonly sunK: number;
}

export interface ReadGauge {
  readonly resolutionPa: number;
  readonly driftPaPerS: number;
  readonly perKelvinPa: number;
}

export interface ReadHold {
  readonly volumeM3: number;
  readonly samples: readonly HoldSample[];
  readonly gauge: ReadGauge;
  readonly temperatureUncertaintyK: number;
  readonly wantedPaM3S: number | null;
  readonly fluid: Saturation | null;
  readonly chargeKg: number | null;
  readonly running: Running;
  readonly barometer: Barometer;
  readonly unfollowedShare: number;
}

/** Share of a system's volume whose temperature a thermometer on one pipe misses. Judgement, tried on simulated holds: editable. */
const UNFOLLOWED_SHARE = 0.1;
export const HELD_VOLUME_M3 = { min: 1e-6, max: 100 } as const;
/** A gauge wanders so much of its range for each kelvin. Judgement: makers' sheets of digital gauges give 0.01 to 0.03 %. */
const SHARE_PER_KELVIN = 0.0002;
/** A month. */
const LONGEST_S = 31 * SECONDS_PER_DAY;

export const isGaugeUnit = ({ unit }: Quantity): boolean => Object.hasOwn(GAUGE_PRESSURE_UNITS, unit);

export const readUncertaintyK = (field: string, kelvin: number, read: FieldReader): number =>
  read.number(field, kelvin, { min: 0, max: 20 }, 'K');

export function readGauge(path: string, gauge: GaugeRequest, read: FieldReader): ReadGauge {
  return {
    resolutionPa: read.pressureDifferencePa(`${path}.resolution`, gauge.resolution, { min: 0, max: 1e6 }),
    driftPaPerS: gauge.drift ? read.pressureDifferencePa(`${path}.drift`, gauge.drift, { min: 0, max: 1e6 }) / SECONDS_PER_DAY : 0,
    perKelvinPa: perKelvinPa(path, gauge, read),
  };
}

function perKelvinPa(path: string, { perKelvin, range }: GaugeRequest, read: FieldReader): number {
  const span = range ? read.pressureDifferencePa(`${path}.range`, range, { min: 1000, max: 100e6 }) : 0;
  return perKelvin ? read.pressureDifferencePa(`${path}.perKelvin`, perKelvin, { min: 0, max: 1e6 }) : SHARE_PER_KELVIN * span;
}

/** A gauge that is open to the air moves with the weather, unless a barometer was read with the first and the last reading. */
function barometerOf(samples: readonly HoldSampleRequest[]): Barometer {
  if (!samples.some((sample) => isGaugeUnit(sample.pressure))) return 'none';
  return samples[0]?.atmosphere && samples.at(-1)?.atmosphere ? 'read' : 'weather';
}

const AIR_PA = { min: 50_000, max: 110_000 } as const;

/** A reading by the air of its own moment, where that was read; else by the site's. */
function sampleReader(sample: HoldSampleRequest, field: string, read: FieldReader): FieldReader {
  if (!sample.atmosphere) return read;
  const own = new FieldReader();
  own.atmosphere = read.absolutePressure(field, sample.atmosphere, AIR_PA);
  return own;
}

function readSamples(request: HoldRequest, read: FieldReader): readonly HoldSample[] {
  if (request.samples.length < 2) read.errors.push({ kind: 'missing', field: 'samples', needed: 'two-samples' });
  let before = -1;
  return request.samples.map((sample, i) => {
    const at = (key: string) => `samples[${i}].${key}`;
    const seconds = read.number(at('seconds'), sample.seconds, { min: 0, max: LONGEST_S }, 's');
    if (seconds <= before) read.errors.push({ kind: 'refused', field: at('seconds'), reason: 'not-later' });
    before = seconds;
    const own = sampleReader(sample, at('atmosphere'), read);
    const pressurePa = own.absolutePressure(at('pressure'), sample.pressure, { min: own.atmosphere, max: NITROGEN_RANGE.mostPa });
    if (own !== read) read.errors.push(...own.errors);
    const shadeC = read.temperatureC(at('temperature'), sample.temperature, NITROGEN_RANGE.celsius);
    const sunK = sample.sun ? read.temperatureC(at('sun'), sample.sun, NITROGEN_RANGE.celsius) - shadeC : 0;
    return { seconds, pressurePa, celsius: shadeC + sunK / 2, sunK };
  });
}

/** A hold as it was sent, in SI; what cannot be read stands in the reader's errors. */
export function readHold(request: HoldRequest, read: FieldReader): ReadHold {
  read.readAtmosphere(request);
  checkGas(request.gas, read);
  const wanted = request.wantedLeakPaM3S;
  return {
    volumeM3: read.volumeM3('volume', request.volume, HELD_VOLUME_M3),
    samples: readSamples(request, read),
    gauge: readGauge('gauge', request.gauge, read),
    temperatureUncertaintyK: readUncertaintyK('temperatureUncertaintyK', request.temperatureUncertaintyK, read),
    wantedPaM3S: wanted === undefined ? null : read.number('wantedLeakPaM3S', wanted, { min: 1e-12, max: 1000 }, 'Pa m3/s'),
    fluid: request.refrigerant === undefined ? null : readRefrigerant(request.refrigerant, read),
    chargeKg: request.charge ? read.massKg('charge', request.charge, { min: 0.001, max: 100_000 }) : null,
    running: readRunning(request, read),
    barometer: barometerOf(request.samples),
    unfollowedShare: read.number('unfollowedShare', request.unfollowedShare ?? UNFOLLOWED_SHARE, { min: 0, max: 1 }, ''),
  };
}

/** Refused by a code of its own: what else is let in has killed people. */
function checkGas(gas: string | undefined, read: FieldReader): void {
  if (gas !== undefined && !(TEST_GASES as readonly string[]).includes(gas))
    read.errors.push({ kind: 'test-gas', field: 'gas', word: gas, allowed: TEST_GASES });
}

function readRunning({ side = 'high', runningC }: HoldRequest, read: FieldReader): Running {
  if (!HELD_SIDES.includes(side)) read.errors.push({ kind: 'unknown-word', field: 'side', word: side, allowed: HELD_SIDES });
  return { side, saturationC: runningC === undefined ? null : read.number('runningC', runningC, { min: -60, max: 100 }, 'C') };
}
