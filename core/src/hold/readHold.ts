import { NITROGEN_RANGE } from '../nitrogen/realGas';
import { readRefrigerant, type Saturation } from '../refrigerant/saturation';
import type { FieldReader } from '../unit/fieldReader';
import { GAUGE_PRESSURE_UNITS, type Quantity } from '../unit/units';
import { SECONDS_PER_DAY } from './smallestSeen';
import type { GaugeRequest, HoldRequest } from './request';

export interface HoldSample {
  readonly seconds: number;
  readonly pressurePa: number;
  readonly celsius: number;
}

export interface ReadGauge {
  readonly resolutionPa: number;
  readonly driftPaPerS: number;
}

export interface ReadHold {
  readonly volumeM3: number;
  readonly samples: readonly HoldSample[];
  readonly gauge: ReadGauge;
  readonly temperatureUncertaintyK: number;
  readonly wantedPaM3S: number | null;
  readonly fluid: Saturation | null;
  readonly isGaugeSensor: boolean;
  readonly unfollowedShare: number;
}

/** Share of a system's volume whose temperature a thermometer on one pipe misses. Judgement, tried on simulated holds: editable. */
const UNFOLLOWED_SHARE = 0.1;
export const HELD_VOLUME_M3 = { min: 1e-6, max: 100 } as const;
/** A month. */
const LONGEST_S = 31 * SECONDS_PER_DAY;

export const isGaugeUnit = ({ unit }: Quantity): boolean => Object.hasOwn(GAUGE_PRESSURE_UNITS, unit);

export const readUncertaintyK = (field: string, kelvin: number, read: FieldReader): number =>
  read.number(field, kelvin, { min: 0, max: 20 }, 'K');

export function readGauge(path: string, gauge: GaugeRequest, read: FieldReader): ReadGauge {
  return {
    resolutionPa: read.pressureDifferencePa(`${path}.resolution`, gauge.resolution, { min: 0, max: 1e6 }),
    driftPaPerS: gauge.drift ? read.pressureDifferencePa(`${path}.drift`, gauge.drift, { min: 0, max: 1e6 }) / SECONDS_PER_DAY : 0,
  };
}

function readSamples(request: HoldRequest, read: FieldReader): readonly HoldSample[] {
  if (request.samples.length < 2) read.errors.push({ kind: 'missing', field: 'samples', needed: 'two-samples' });
  let before = -1;
  return request.samples.map((sample, i) => {
    const at = (key: string) => `samples[${i}].${key}`;
    const seconds = read.number(at('seconds'), sample.seconds, { min: 0, max: LONGEST_S }, 's');
    if (seconds <= before) read.errors.push({ kind: 'refused', field: at('seconds'), reason: 'not-later' });
    before = seconds;
    return {
      seconds,
      pressurePa: read.absolutePressure(at('pressure'), sample.pressure, { min: read.atmosphere, max: NITROGEN_RANGE.mostPa }),
      celsius: read.temperatureC(at('temperature'), sample.temperature, NITROGEN_RANGE.celsius),
    };
  });
}

/** A hold as it was sent, in SI; what cannot be read stands in the reader's errors. */
export function readHold(request: HoldRequest, read: FieldReader): ReadHold {
  read.readAtmosphere(request);
  const wanted = request.wantedLeakPaM3S;
  return {
    volumeM3: read.volumeM3('volume', request.volume, HELD_VOLUME_M3),
    samples: readSamples(request, read),
    gauge: readGauge('gauge', request.gauge, read),
    temperatureUncertaintyK: readUncertaintyK('temperatureUncertaintyK', request.temperatureUncertaintyK, read),
    wantedPaM3S: wanted === undefined ? null : read.number('wantedLeakPaM3S', wanted, { min: 1e-12, max: 1000 }, 'Pa m3/s'),
    fluid: request.refrigerant === undefined ? null : readRefrigerant(request.refrigerant, read),
    isGaugeSensor: request.samples.some((sample) => isGaugeUnit(sample.pressure)),
    unfollowedShare: read.number('unfollowedShare', request.unfollowedShare ?? UNFOLLOWED_SHARE, { min: 0, max: 1 }, ''),
  };
}
