import { hold, type Hold } from '../hold/hold';
import type { HoldRequest } from '../hold/request';
import { q } from './plans';

/** A reading: when, at what pressure [kPa absolute], at what temperature. */
export type Sample = readonly [minutes: number, kPa: number, celsius: number];

/** Twenty litres of nitrogen, read by a gauge of 1 kPa and a thermometer that may be 0.2 K off. */
export const holdRequest = (samples: readonly Sample[], rest: Partial<HoldRequest> = {}): HoldRequest => ({
  volume: q(20, 'L'),
  samples: samples.map(([minutes, kPa, celsius]) => ({ seconds: minutes * 60, pressure: q(kPa, 'kPa'), temperature: q(celsius, 'C') })),
  gauge: { resolution: q(1, 'kPa') },
  temperatureUncertaintyK: 0.2,
  ...rest,
});
/** What such a hold proves. */
export const held = (samples: readonly Sample[], rest: Partial<HoldRequest> = {}): Hold => {
  const result = hold(holdRequest(samples, rest));
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};
