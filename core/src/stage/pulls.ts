import { FieldReader } from '../unit/fieldReader';
import { vacuumPa } from '../pull/readPull';
import type { RiseReading } from '../pull/fitRise';
import { factsOf, type FactOf, type StageFact } from './entry';
import { onClock } from './holds';

/** A pull as it is noted: down, shut off, watched, judged, pumped on or broken with nitrogen. */
export interface KeptPull {
  readonly id: string;
  readonly began: FactOf<'pull-began'>;
  /** What moved it, in its order. */
  readonly turns: readonly PullTurn[];
  readonly readings: readonly FactOf<'pull-read'>[];
  readonly rises: readonly FactOf<'rise'>[];
  readonly breaks: readonly FactOf<'broken-with-nitrogen'>[];
  /** Vacuum gauges that speak for themselves. */
  readonly series: readonly FactOf<'series-began'>[];
  /** How many times as fast its clock runs: more than once only where its instruments are stand-ins. Every time here is by that clock. */
  readonly factor: number;
}
export type PullTurn = FactOf<'valve-shut'> | FactOf<'pumped-on'> | FactOf<'rise'> | FactOf<'broken-with-nitrogen'>;

/** Pumped, shut off and watched, judged. */
export type PullState = 'pumping' | 'watching' | 'judged';

const TURNS: readonly string[] = ['valve-shut', 'pumped-on', 'rise', 'broken-with-nitrogen'];

/** Every pull of a job, in the order they were begun. */
export function pullsOf(facts: readonly StageFact[]): readonly KeptPull[] {
  const joined = factsOf(facts, 'series-began');
  return factsOf(facts, 'pull-began').map((began) => {
    const isOf = (fact: StageFact) => 'pull' in fact.values && fact.values.pull === began.id;
    const series = joined.filter(({ values }) => values.hold === began.id);
    const factor = Math.max(1, ...series.map(({ values }) => values.factor ?? 1));
    const own = facts.filter(isOf).map((fact) => onClock(fact, began.at, factor));
    return {
      ...{ id: began.id, began, series, factor, readings: factsOf(own, 'pull-read'), rises: factsOf(own, 'rise') },
      breaks: factsOf(own, 'broken-with-nitrogen'),
      turns: own.filter((fact): fact is PullTurn => TURNS.includes(fact.kind)),
    };
  });
}

/** The pull that is on, or was last. */
export const lastPull = (facts: readonly StageFact[]): KeptPull | null => pullsOf(facts).at(-1) ?? null;

export function pullState({ turns }: Pick<KeptPull, 'turns'>): PullState {
  const last = turns.at(-1)?.kind;
  return last === 'valve-shut' ? 'watching' : last === 'rise' ? 'judged' : 'pumping';
}

/** What a vacuum gauge has sent, in plain figures. */
export interface VacuumSample {
  /** Of the series' clock [ms since 1970]. */
  readonly ms: number;
  readonly pa: number;
}

/** So many are enough for a curve through them. */
const MOST_JUDGED = 400;

/** As many samples as are judged at most, evenly, the last among them. */
export function fewer(samples: readonly VacuumSample[], most = MOST_JUDGED): readonly VacuumSample[] {
  const every = Math.ceil(samples.length / most);
  return every <= 1 ? samples : samples.filter((_, i) => (samples.length - 1 - i) % every === 0);
}

/** A moment of a pull. */
export interface PullMoment {
  readonly at: string;
  readonly pa: number;
}

/** What was read of a pull, in pascals, by its time: by its instrument where one speaks for itself, else as it was noted. */
export function pullMoments({ readings }: Pick<KeptPull, 'readings'>, live: readonly VacuumSample[] = []): readonly PullMoment[] {
  if (live.length > 0) return live.map(({ ms, pa }) => ({ at: new Date(ms).toISOString(), pa }));
  return readings
    .map(({ at, values }) => ({ at, pa: vacuumPa('pressure', values.pressure, new FieldReader()) }))
    .filter(({ pa }) => !Number.isNaN(pa))
    .sort((a, b) => a.at.localeCompare(b.at));
}

/** When the valve was shut last; null while it is pumped. */
export const shutAt = (pull: Pick<KeptPull, 'turns'>): string | null =>
  pullState(pull) === 'pumping' ? null : (pull.turns.findLast(({ kind }) => kind === 'valve-shut')?.at ?? null);

/** Readings since the valve was shut [s, Pa]: what a rise is judged from, and the last one before it. */
export function riseReadings(
  pull: KeptPull,
  live: readonly VacuumSample[] = [],
): { readonly readings: readonly RiseReading[]; readonly beforePa: number | null } {
  const from = shutAt(pull);
  const all = pullMoments(pull, live);
  const moments = from === null || live.length === 0 ? all : pullMoments(pull, fewer(live.filter(({ ms }) => ms >= Date.parse(from))));
  if (from === null) return { readings: [], beforePa: moments.at(-1)?.pa ?? null };
  // Once it is judged, what comes later belongs to no rise.
  const until = pullState(pull) === 'judged' ? (pull.turns.at(-1)?.at ?? null) : null;
  const readings = moments
    .filter(({ at }) => at >= from && (until === null || at <= until))
    .map(({ at, pa }) => ({ seconds: (Date.parse(at) - Date.parse(from)) / 1000, pa }))
    .filter(({ seconds }, i, all) => i === 0 || seconds > (all[i - 1]?.seconds ?? 0));
  return { readings, beforePa: all.findLast(({ at }) => at < from)?.pa ?? null };
}

/** What puts gas into it again: after one of these a rise shows nothing any more. */
const VOIDS: readonly StageFact['kind'][] = ['broken-with-nitrogen', 'hold-began', 'hold-step', 'pull-began', 'pumped-on'];

/** The last rise, as long as nothing was opened or pressed after it. */
export function standingRise(facts: readonly StageFact[]): FactOf<'rise'> | null {
  const rise = factsOf(facts, 'rise').at(-1);
  if (!rise) return null;
  const after = facts.slice(facts.indexOf(rise) + 1);
  return after.some(({ kind }) => VOIDS.includes(kind)) ? null : rise;
}

/** Pump and hoses alone were seen to hold. */
export const rigHolds = (facts: readonly StageFact[]): boolean => factsOf(facts, 'rig-alone').at(-1)?.values.holds ?? false;
