import { hold } from '../hold/hold';
import type { HoldRequest } from '../hold/request';
import { isTabled } from '../refrigerant/saturation';
import { fail, ok, type Result } from '../result';
import type { FactOf } from '../stage/entry';
import { holdsOf, secondsBetween, settledAt, thinned, type HoldTimes, type KeptHold, type LiveSample } from '../stage/holds';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import type { Told, Worked } from './kinds';
import { isUnlikeStep, soundSamples, voids, type SoundSamples } from './liveFaults';
import type { HeldFor } from './workOut';
import type { HoldReason } from './words';
import { heldFigures, type WorkedHoldFor } from './workOutHold';

/**
 * Readings that count, by their seconds since the hold began to count: its supply is shut, and a quarter of an hour went by since the
 * pressure was changed last.
 */
export function countedReadings(kept: HoldTimes & Pick<KeptHold, 'readings'>): readonly (readonly [number, FactOf<'hold-read'>])[] {
  const from = settledAt(kept);
  if (from === null) return [];
  return kept.readings
    .map((reading) => [secondsBetween(from, reading.at), reading] as const)
    .filter(([seconds]) => seconds >= 0)
    .sort(([a], [b]) => a - b)
    .filter(([seconds], i, all) => i === 0 || seconds > (all[i - 1]?.[0] ?? 0));
}

/** What an instrument has sent of a hold, and which series it is judged by. */
export interface LiveJudged {
  readonly by: string;
  readonly samples: readonly LiveSample[];
}

const instrumentOf = ({ series }: KeptHold, live: LiveJudged | null) =>
  live ? series.find(({ values }) => values.series === live.by)?.values.instrument : undefined;

/** Samples of an instrument that count, as the engine reads them: taken together where they are many. */
function liveCounted(kept: HoldTimes, { samples }: SoundSamples): HoldRequest['samples'] {
  const fromMs = Date.parse(settledAt(kept) ?? '');
  return thinned(samples).map(({ ms, gaugePa, celsius }) => ({
    ...{ seconds: (ms - fromMs) / 1000, pressure: { value: gaugePa / 1000, unit: 'kPag' }, temperature: { value: celsius, unit: 'C' } },
  }));
}

/** What of it counts, as it can be believed; nothing while the supply is not shut. */
function soundOf(kept: HoldTimes, live: LiveJudged | null): SoundSamples | null {
  if (!live) return null;
  const from = settledAt(kept);
  const fromMs = from === null ? Number.POSITIVE_INFINITY : Date.parse(from);
  return soundSamples(live.samples.filter(({ ms }) => ms >= fromMs));
}

/** What was read first, and the pressure that the fill was noted at last, are of one unit and place. */
function isUnlike(kept: KeptHold, sound: SoundSamples | null): boolean {
  const [first] = countedReadings(kept);
  const read = sound ? sound.samples[0]?.gaugePa : first && gaugePaOf(first[1]);
  const step = kept.steps.at(-1);
  if (read === undefined || !step) return false;
  return isUnlikeStep(read, gaugePaOf(step));
}

const readCounted = (kept: KeptHold): HoldRequest['samples'] =>
  countedReadings(kept).map(([seconds, { values }]) => ({
    ...{ seconds, pressure: values.pressure, temperature: values.temperature },
    ...(values.inSun ? { sun: values.inSun } : {}),
    ...(values.atmosphere ? { atmosphere: values.atmosphere } : {}),
  }));

/** The gauge that is believed: the instrument's own where it speaks for itself. */
function gaugeOf(kept: KeptHold, live: LiveJudged | null): HoldRequest['gauge'] {
  const { name: _name, calibratedUntil: _until, ...reads } = kept.began.values.gauge;
  const instrument = instrumentOf(kept, live);
  const step = instrument?.columns.find(({ quantity }) => quantity === 'gauge-pressure')?.step;
  return step === undefined
    ? reads
    : { resolution: { value: step, unit: 'kPa' }, ...(instrument?.range ? { range: instrument.range } : {}) };
}

/**
 * What the engine is asked of a hold: by its instrument where one speaks for itself, else by its noted readings.
 *
 * @param kept  with readings from a quarter of an hour after its supply was shut
 * @param live  what the instrument it is judged by has sent of it
 * @returns     null with fewer than two that count
 */
export const requestOfKept = (kept: KeptHold, held: HeldWith, live: LiveJudged | null = null): HoldRequest | null =>
  requestFrom(kept, held, { live, sound: soundOf(kept, live) });

type HeldWith = Pick<HeldFor, 'refrigerant' | 'altitudeM'>;
interface Sent {
  readonly live: LiveJudged | null;
  readonly sound: SoundSamples | null;
}

function requestFrom(kept: KeptHold, { refrigerant, altitudeM }: HeldWith, { live, sound }: Sent): HoldRequest | null {
  const samples = sound ? liveCounted(kept, sound) : readCounted(kept);
  if (samples.length < 2) return null;
  const { volume, temperatureUncertaintyK, wantedLeakPaM3S, side, gas, plannedMinutes } = kept.began.values;
  const watched = samples.at(-1)?.seconds ?? 0;
  return {
    ...{ volume, gauge: gaugeOf(kept, live), temperatureUncertaintyK, side, gas, supplyShut: kept.shutAt !== null, samples },
    altitude: { value: altitudeM, unit: 'm' },
    ...(wantedLeakPaM3S === null ? {} : { wantedLeakPaM3S }),
    ...(isTabled(refrigerant) ? { refrigerant } : {}),
    isBeforeItsEnd: plannedMinutes !== undefined && watched < plannedMinutes * 60,
  };
}

/** What its own instrument says against it. */
function flagsOf(kept: KeptHold, { live, sound }: Sent): readonly HoldReason[] {
  const { calibratedUntil, range } = instrumentOf(kept, live) ?? kept.began.values.gauge;
  const last = kept.ended?.at ?? kept.readings.at(-1)?.at ?? kept.series.at(-1)?.at;
  const isOver = calibratedUntil !== undefined && last !== undefined && calibratedUntil < last.slice(0, 10);
  const most = Math.max(-Infinity, ...kept.readings.map(gaugePaOf), ...thinned(live?.samples ?? []).map(({ gaugePa }) => gaugePa));
  return [
    ...(isOver ? ['calibration-over' as const] : []),
    ...(range && most > endOf(range) ? ['beyond-range' as const] : []),
    ...(sound?.reasons ?? []),
    ...(isUnlike(kept, sound) ? ['unlike-step' as const] : []),
  ];
}

const endOf = (range: Quantity): number => new FieldReader().pressureDifferencePa('range', range, { min: 0, max: 1e9 });

const gaugePaOf = ({ values }: FactOf<'hold-read'> | FactOf<'hold-step'>): number =>
  new FieldReader().gaugePressure('pressure', values.pressure, { min: -2e5, max: 1e9 });

const NOTHING_SEEN: Omit<Worked<'hold-ended'>, 'readings' | 'reasons'> = {
  verdict: 'cannot-tell',
  leakPaM3S: null,
  smallestSeenPaM3S: null,
  gramsPerYear: null,
  gramsPerYearSeen: null,
  gramsPerYearRunning: null,
  minutes: 0,
};

/** Of a hold that is judged from what was noted of it, or from what its instruments sent. */
export function judgeKept(
  kept: KeptHold,
  held: Pick<HeldFor, 'refrigerant' | 'altitudeM'>,
  live: LiveJudged | null = null,
): Result<Worked<'hold-ended'>> {
  const sent = { live, sound: soundOf(kept, live) };
  const request = requestFrom(kept, held, sent);
  const flags = flagsOf(kept, sent);
  const { wantedLeakPaM3S } = kept.began.values;
  const readings = live ? live.samples.length : kept.readings.length;
  if (!request) return ok({ ...NOTHING_SEEN, wantedLeakPaM3S, readings, reasons: ['too-few-readings', ...flags] });
  const answer = hold(request);
  if (!answer.ok) return answer;
  const { reasons = [], verdict, ...figures } = heldFigures(answer.value);
  const barred = voids(flags);
  const isVoid = barred.all || (barred.tight && verdict === 'tight');
  const last = request.samples.at(-1)?.seconds ?? 0;
  const first = request.samples[0]?.seconds ?? 0;
  const counted = sent.sound?.samples.length ?? request.samples.length;
  return ok({
    ...figures,
    verdict: isVoid ? 'cannot-tell' : verdict,
    reasons: [...reasons, ...flags],
    minutes: (last - first) / 60,
    readings: counted,
  });
}

/** A hold is ended once; what it is judged from was noted before, or sent by its instruments. */
export function workOutHoldEnded({ hold: id, byHand = false }: Told<'hold-ended'>, held: HeldForEnd): Result<Worked<'hold-ended'>> {
  const kept = holdsOf(held.facts).find((one) => one.id === id);
  if (!kept) return fail({ kind: 'refused', field: 'hold', reason: 'no-such-hold', value: id });
  const judged = judgeKept(kept, held, byHand ? null : (held.live ?? null));
  if (!judged.ok || !held.live) return judged;
  return ok({ ...judged.value, series: held.live.series });
}

/** What instruments have sent of a hold when it is ended, and where their series stood. */
export interface LiveHeld extends LiveJudged {
  readonly series: NonNullable<Worked<'hold-ended'>['series']>;
}
export type HeldForEnd = WorkedHoldFor & { readonly live?: LiveHeld };
