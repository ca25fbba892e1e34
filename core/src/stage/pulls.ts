import { FieldReader } from '../unit/fieldReader';
import { vacuumPa } from '../pull/readPull';
import type { RiseReading } from '../pull/fitRise';
import { factsOf, type FactOf, type StageFact } from './entry';

/** A pull as it is noted: down, shut off, watched, judged, pumped on or broken with nitrogen. */
export interface KeptPull {
  readonly id: string;
  readonly began: FactOf<'pull-began'>;
  /** What moved it, in its order. */
  readonly turns: readonly PullTurn[];
  readonly readings: readonly FactOf<'pull-read'>[];
  readonly rises: readonly FactOf<'rise'>[];
  readonly breaks: readonly FactOf<'broken-with-nitrogen'>[];
}
export type PullTurn = FactOf<'valve-shut'> | FactOf<'pumped-on'> | FactOf<'rise'> | FactOf<'broken-with-nitrogen'>;

/** Pumped, shut off and watched, judged. */
export type PullState = 'pumping' | 'watching' | 'judged';

const TURNS: readonly string[] = ['valve-shut', 'pumped-on', 'rise', 'broken-with-nitrogen'];

/** Every pull of a job, in the order they were begun. */
export function pullsOf(facts: readonly StageFact[]): readonly KeptPull[] {
  return factsOf(facts, 'pull-began').map((began) => {
    const isOf = (fact: StageFact) => 'pull' in fact.values && fact.values.pull === began.id;
    const own = facts.filter(isOf);
    return {
      ...{ id: began.id, began, readings: factsOf(own, 'pull-read'), rises: factsOf(own, 'rise') },
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

/** A moment of a pull. */
export interface PullMoment {
  readonly at: string;
  readonly pa: number;
}

/** What was read of a pull, in pascals, by its time. */
export function pullMoments({ readings }: Pick<KeptPull, 'readings'>): readonly PullMoment[] {
  return readings
    .map(({ at, values }) => ({ at, pa: vacuumPa('pressure', values.pressure, new FieldReader()) }))
    .filter(({ pa }) => !Number.isNaN(pa))
    .sort((a, b) => a.at.localeCompare(b.at));
}

/** When the valve was shut last; null while it is pumped. */
export const shutAt = (pull: Pick<KeptPull, 'turns'>): string | null =>
  pullState(pull) === 'pumping' ? null : (pull.turns.findLast(({ kind }) => kind === 'valve-shut')?.at ?? null);

/** Readings since the valve was shut [s, Pa]: what a rise is judged from, and the last one before it. */
export function riseReadings(pull: KeptPull): { readonly readings: readonly RiseReading[]; readonly beforePa: number | null } {
  const from = shutAt(pull);
  const moments = pullMoments(pull);
  if (from === null) return { readings: [], beforePa: moments.at(-1)?.pa ?? null };
  const readings = moments
    .filter(({ at }) => at >= from)
    .map(({ at, pa }) => ({ seconds: (Date.parse(at) - Date.parse(from)) / 1000, pa }))
    .filter(({ seconds }, i, all) => i === 0 || seconds > (all[i - 1]?.seconds ?? 0));
  return { readings, beforePa: moments.findLast(({ at }) => at < from)?.pa ?? null };
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
