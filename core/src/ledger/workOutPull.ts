import { airLeakGramsPerYear } from '../pull/airLeak';
import type { RiseReading } from '../pull/fitRise';
import { pumpDown, type ForecastPoint, type Pumping } from '../pull/forecast';
import { judgeRise } from '../pull/judgeRise';
import { pullReach } from '../pull/reach';
import { readPumping, vacuumPa } from '../pull/readPull';
import { micronPa } from '../pull/units';
import { waterPressurePa } from '../pull/water';
import { refrigerantName } from '../refrigerant/safetyClasses';
import { Saturation } from '../refrigerant/saturation';
import { fail, ok, type Result } from '../result';
import { lastHold } from '../stage/holdGates';
import { pullsOf, riseReadings, rigHolds, type KeptPull, type VacuumSample } from '../stage/pulls';
import { FieldReader } from '../unit/fieldReader';
import type { Told, Worked } from './kinds';
import type { HeldFor } from './workOut';
import type { PullReason } from './words';

/** What pump and hoses alone have to reach in five minutes, and to stay under in the next five [Pa]. Source: trade [L]. */
const RIG_PA = micronPa(100);
const LIMIT_PA = { min: micronPa(20), max: micronPa(5000) } as const;
/** Down to where a pull is told [Pa]. */
const TOLD_PA = [5000, 1000, 500, 250].map(micronPa);
/** With ester oil a circuit may flatten higher, on these terms. */
const FLATTENS_FROM_C = 0;

/** Whether pump and hoses hold by themselves: to 100 micron, or half of what is allowed, and under 100 micron more in five minutes. */
export function workOutRigAlone({ reached, rise, limit }: Told<'rig-alone'>): Result<Worked<'rig-alone'>> {
  const read = new FieldReader();
  const reachedPa = vacuumPa('reached', reached, read);
  // It may not move at all: that is a rise of nothing.
  const risePa = rise.value === 0 ? 0 : vacuumPa('rise', rise, read);
  const most = limit ? Math.min(RIG_PA, read.absolutePressure('limit', limit, LIMIT_PA) / 2) : RIG_PA;
  if (read.errors.length > 0) return fail(...read.errors);
  return ok({ holds: reachedPa <= most && risePa < RIG_PA });
}

/** Beside what is noted: what is in it in service, how high it stands, the drawing. */
export type PulledFor = Pick<HeldFor, 'graph' | 'altitudeM' | 'facts' | 'refrigerant'>;

const readerAt = (altitudeM: number): FieldReader => {
  const read = new FieldReader();
  read.readAtmosphere({ altitude: { value: altitudeM, unit: 'm' } });
  return read;
};

/** Pump, hoses and volume of a pull that was told, in SI. */
export function pumpingOf(told: Pick<Told<'pull-began'>, 'volume' | 'pump' | 'hoses'>, altitudeM: number): Result<Pumping> {
  const read = readerAt(altitudeM);
  const pumping = readPumping(told, read);
  return read.errors.length > 0 ? fail(...read.errors) : ok(pumping);
}

/** A dry circuit's way down, as far as this pump gets: what a pull is drawn beside. */
export function forecastCurve(pumping: Pumping, lowestPa: number): readonly ForecastPoint[] {
  return pumpDown(pumping, Math.max(lowestPa, pumping.ultimatePa * JUST_ABOVE));
}
const JUST_ABOVE = 1.15;

function timesTo(pumping: Pumping) {
  const curve = forecastCurve(pumping, Math.min(...TOLD_PA));
  return TOLD_PA.map((pa) => ({ pa, seconds: pa <= pumping.ultimatePa ? null : (curve.find((point) => point.pa <= pa)?.seconds ?? null) }));
}

/** What Kesto makes of a pull that begins: how long at best, what the pump does not reach, what a rise may come to. */
export function workOutPullBegan(told: Told<'pull-began'>, { graph, altitudeM }: PulledFor): Result<Worked<'pull-began'>> {
  const read = readerAt(altitudeM);
  const pumping = readPumping(told, read);
  const limitPa = read.absolutePressure('limit', told.limit, LIMIT_PA);
  const coldestC = read.temperatureC(told.coldest ? 'coldest' : 'ambient', told.coldest ?? told.ambient, { min: -60, max: 60 });
  if (read.errors.length > 0) return fail(...read.errors);
  const { unreached, openFirst } = pullReach(graph, told.ports);
  return ok({ forecast: timesTo(pumping), unreached, openFirst, limitPa, waterPa: waterPressurePa(coldestC) });
}

const NOTHING: Omit<Worked<'rise'>, 'reasons' | 'limitPa'> = {
  ...{ verdict: 'cannot-tell', model: null, plateauPa: null, straightPaPerS: null, leakPaM3S: null, gramsPerYear: null },
  ...{ minutes: 0, readings: 0, endPa: null },
};

/** A plain value in SI, of what was checked when it was told. */
const plain = <T>(from: (read: FieldReader) => T): T => from(new FieldReader());

function flattens({ began }: KeptPull, { facts }: PulledFor, coldestC: number): boolean {
  const { school, esterOil } = began.values;
  const isTight = lastHold(facts)?.ended?.values.verdict === 'tight';
  return school === 'flattens-1000' && esterOil === true && isTight && coldestC >= FLATTENS_FROM_C;
}

/**
 * Judges the rise that a pull stands in.
 *
 * @param kept  its valve is shut
 * @param held  what is in it in service, the site, what was noted
 * @param live  what a vacuum gauge has sent of it
 * @returns     the verdict with its figures; `cannot tell` where pump and hoses alone were not seen to hold: a rise could be theirs
 */
export function judgePull(kept: KeptPull, held: PulledFor, live: readonly VacuumSample[] = []): Worked<'rise'> {
  const { limitPa, waterPa, coldest, ambient, gaugeAt, volume } = kept.began.values;
  const { readings, beforePa } = riseReadings(kept, live);
  const celsius = (of: typeof ambient) => plain((read) => read.temperatureC('ambient', of, { min: -300, max: 300 }));
  const coldestC = celsius(coldest ?? ambient);
  const rig: readonly PullReason[] = rigHolds(held.facts) ? [] : ['rig'];
  const unseen: readonly PullReason[] = fellUnseen(readings) ? ['fell-unseen'] : [];
  if (readings.length < 3) return { ...NOTHING, limitPa, readings: readings.length, reasons: ['too-short', ...rig] };
  const judged = judgeRise({
    ...{ readings, limitPa, waterPa, coldestC, mayFlatten: flattens(kept, held, coldestC) },
    seesCircuit: gaugeAt === 'system-far' || gaugeAt === 'system-near',
    isStuck: readings.every(({ pa }) => pa === readings[0]?.pa) || readings.every(({ pa }) => pa === beforePa),
  });
  const volumeM3 = plain((read) => read.volumeM3('volume', volume, { min: 0, max: 1e6 }));
  const fluid = Saturation.of(refrigerantName(held.refrigerant) ?? '');
  const leakPaM3S = judged.straightPaPerS === null ? null : volumeM3 * judged.straightPaPerS;
  const around = { celsius: celsius(ambient), atmospherePa: readerAt(held.altitudeM).atmosphere };
  const last = readings.at(-1);
  return {
    ...{ model: judged.model, plateauPa: judged.plateauPa, straightPaPerS: judged.straightPaPerS, limitPa: judged.limitUsedPa },
    verdict: rig.length > 0 || unseen.length > 0 ? 'cannot-tell' : judged.verdict,
    reasons: [...judged.reasons, ...rig, ...unseen],
    ...{ leakPaM3S, gramsPerYear: leakPaM3S === null || !fluid ? null : airLeakGramsPerYear(leakPaM3S, fluid, around) },
    minutes: ((last?.seconds ?? 0) - (readings[0]?.seconds ?? 0)) / 60,
    ...{ readings: readings.length, endPa: last?.pa ?? null },
  };
}

/** Nobody read for so long [s], and it stands lower by more than this share and these pascals: a shut circuit does not do that. Judgement. */
const UNSEEN = { s: 60, share: 0.1, pa: 2 } as const;

/** It fell while nothing was read: the pump may have run meanwhile. */
const fellUnseen = (readings: readonly RiseReading[]): boolean =>
  readings.some(({ seconds, pa }, i) => {
    const before = readings[i - 1];
    return before !== undefined && seconds - before.seconds > UNSEEN.s && before.pa - pa > Math.max(UNSEEN.pa, UNSEEN.share * before.pa);
  });

/** What instruments have sent of a pull when its rise is judged, and where their series stood. */
export interface LivePulled {
  readonly samples: readonly VacuumSample[];
  readonly series: NonNullable<Worked<'rise'>['series']>;
}

/** A rise is judged from what was noted since the valve was shut. */
export function workOutRise(
  { pull: id, byHand = false }: Told<'rise'>,
  held: PulledFor & { readonly vacuum?: LivePulled },
): Result<Worked<'rise'>> {
  const kept = pullsOf(held.facts).find((one) => one.id === id);
  const series = held.vacuum ? { series: held.vacuum.series } : {};
  return kept
    ? ok({ ...judgePull(kept, held, byHand ? [] : (held.vacuum?.samples ?? [])), ...series })
    : fail({ kind: 'refused', field: 'pull', reason: 'no-such-pull', value: id });
}
