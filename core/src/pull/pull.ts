import { caution, stopsFirst, type Caution, type CautionCode } from '../caution/table';
import type { PullReason, PullVerdict, RiseModel } from '../ledger/words';
import { SAFETY_CLASSES, refrigerantName } from '../refrigerant/safetyClasses';
import { readRefrigerant } from '../refrigerant/saturation';
import type { NeededCode } from '../errors';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { airLeft } from './breaks';
import { secondsTo } from './forecast';
import type { RiseReading } from './fitRise';
import { airLeakGramsPerYear } from './airLeak';
import { judgeRise } from './judgeRise';
import { pullReach, type PullReach } from './reach';
import { readBreaks, readPumping, readRise } from './readPull';
import type { PullRequest } from './request';
import { micronPa } from './units';
import { waterPressurePa } from './water';

/** Of a rise that was watched. */
export interface Rise {
  readonly verdict: PullVerdict;
  readonly reasons: readonly PullReason[];
  readonly model: RiseModel | null;
  readonly plateauPa: number | null;
  readonly straightPaPerS: number | null;
  /** What was judged by: the lower of the shop's limit and what water allows [Pa]. */
  readonly limitUsedPa: number;
  /** Air that gets in [Pa m3/s], where the volume is known and there is a straight part. */
  readonly leakPaM3S: number | null;
  /** What such a hole would lose of the refrigerant at its own pressure. */
  readonly gramsPerYear: number | null;
}

export interface Pull {
  readonly rise: Rise | null;
  /** Share of the first air, 0..1. */
  readonly airLeft: number | null;
  /** Down a falling row of pressures [Pa, s]; null at or under the pump's ultimate. */
  readonly times: readonly { readonly pa: number; readonly seconds: number | null }[] | null;
  readonly reach: PullReach | null;
  readonly cautions: readonly Caution[];
}

/** Down to where a pull is told [micron]. */
const TOLD_MICRON = [5000, 1000, 500, 250] as const;
/** What a rise may come to where nobody says. Trade habit: editable. */
const LIMIT_MICRON = 500;
/** Nothing on the gauge moves for so long [s]. */
const STUCK_S = 600;
const ALWAYS: readonly CautionCode[] = [
  ...(['compressor-in-vacuum', 'no-insulation-test', 'winding-heat', 'gauge-off'] as const),
  ...(['pump-suck-back', 'nitrogen-break'] as const),
];
const BURNS: readonly string[] = ['A2L', 'A2', 'A3', 'B2L'];

/** No digit of it changes for ten minutes. */
function standsStill(readings: readonly RiseReading[]): boolean {
  let since = readings[0];
  for (const reading of readings) {
    if (!since || reading.pa !== since.pa) since = reading;
    if (reading.seconds - since.seconds >= STUCK_S) return true;
  }
  return false;
}

function riseOf(request: PullRequest, read: FieldReader): { rise: Rise; standsStill: boolean } | null {
  const { samples, ambient, coldest, limit, schools, gaugeAt = 'system-far', volume, refrigerant } = request;
  if (!samples) return null;
  const readings = readRise(samples, read);
  const ambientC = ambient ? read.temperatureC('ambient', ambient, { min: -40, max: 60 }) : Number.NaN;
  if (!ambient) read.errors.push({ kind: 'missing', field: 'ambient', needed: 'a-figure' });
  const coldestC = coldest ? read.temperatureC('coldest', coldest, { min: -60, max: 60 }) : ambientC;
  const limitPa = limit ? read.absolutePressure('limit', limit, { min: micronPa(20), max: micronPa(5000) }) : micronPa(LIMIT_MICRON);
  const volumeM3 = volume ? read.volumeM3('volume', volume, { min: 1e-6, max: 100 }) : null;
  const fluid = refrigerant === undefined ? null : readRefrigerant(refrigerant, read);
  if (read.errors.length > 0) return null;
  const judged = judgeRise({
    ...{ readings, limitPa, coldestC, waterPa: waterPressurePa(coldestC) },
    mayFlatten: schools?.riseLimit === 'flattens-1000',
    seesCircuit: gaugeAt === 'system-far' || gaugeAt === 'system-near',
    isStuck: readings.every(({ pa }) => pa === readings[0]?.pa),
  });
  const leakPaM3S = volumeM3 === null || judged.straightPaPerS === null ? null : volumeM3 * judged.straightPaPerS;
  const gramsPerYear =
    leakPaM3S === null || fluid === null
      ? null
      : airLeakGramsPerYear(leakPaM3S, fluid, { celsius: ambientC, atmospherePa: read.atmosphere });
  return { rise: { ...judged, leakPaM3S, gramsPerYear }, standsStill: standsStill(readings) };
}

function cautionsOf({ samples, gaugeAt, refrigerant }: PullRequest, isStill: boolean): readonly Caution[] {
  const name = refrigerant === undefined ? undefined : refrigerantName(refrigerant);
  const burns = name !== undefined && BURNS.includes(SAFETY_CLASSES[name] ?? '');
  return stopsFirst([
    ...ALWAYS.map((code) => caution(code)),
    ...(burns ? [caution('flammable-exhaust')] : []),
    ...(samples && (gaugeAt === undefined || gaugeAt === 'rig' || gaugeAt === 'pump') ? [caution('gauge-place')] : []),
    ...(isStill ? [caution('does-not-move')] : []),
  ]);
}

/** What of a request is missing that the rest of it asks for. */
function askedFor({ samples, breaks, volume, pump, hoses, circuit, ports }: PullRequest, read: FieldReader): void {
  const need = (field: string, needed: NeededCode) => read.errors.push({ kind: 'missing', field, needed });
  if (pump || hoses) {
    if (!volume) need('volume', 'a-figure');
    if (!pump) need('pump', 'a-figure');
    if (!hoses) need('hoses', 'a-hose');
  }
  if (ports && !circuit) need('circuit', 'a-circuit');
  if (!samples && !breaks && !pump && !hoses && !circuit) need('samples', 'two-samples');
}

/**
 * A pull: what a rise shows, what breaks with nitrogen leave, how long it takes at best, and what the pump reaches.
 *
 * @param request  samples of a rise (micron, Pa or mbar, 0..25 000 micron, at rising seconds) with the warmth around, or breaks, or volume, pump
 *                 and hoses; with any of them the circuit and the ports the hoses hang on
 * @returns        what was asked for; the rest null
 * @accuracy       a forecast is of a dry and empty circuit, air at 20 °C; a rise by 95 % intervals
 * @source         ENGINE 10: `judgeRise`, `airLeft`, `pumpDown`, `pullReach`
 */
export function pull(request: PullRequest): Result<Pull> {
  const { breaks, volume, pump, hoses, circuit, ports } = request;
  const read = new FieldReader();
  read.readAtmosphere(request);
  askedFor(request, read);
  const watched = riseOf(request, read);
  const broken = breaks ? readBreaks(breaks, read) : null;
  const pumping = volume && pump && hoses ? readPumping({ volume, pump, hoses }, read) : null;
  (ports ?? []).forEach((id, i) => {
    if (!circuit?.parts.some((part) => part.id === id))
      read.errors.push({ kind: 'refused', field: `ports[${i}]`, reason: 'no-such-part', value: id });
  });
  if (read.errors.length > 0) return fail(...read.errors);
  const times = TOLD_MICRON.map(micronPa);
  return ok({
    rise: watched?.rise ?? null,
    airLeft: broken && airLeft(broken),
    times: pumping && times.map((pa) => ({ pa, seconds: secondsTo(pumping, pa) })),
    reach: circuit ? pullReach(circuit, ports ?? circuit.parts.filter(({ kind }) => kind === 'port').map(({ id }) => id)) : null,
    cautions: cautionsOf(request, watched?.standsStill ?? false),
  });
}
