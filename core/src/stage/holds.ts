import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import type { JointPlace } from '../circuit/jointAt';
import { factsOf, type FactOf, type StageFact } from './entry';

/** A hold as it is noted: filled by steps, shut, read, soaped, ended, let down. */
export interface KeptHold {
  readonly id: string;
  readonly began: FactOf<'hold-began'>;
  readonly steps: readonly FactOf<'hold-step'>[];
  /** When the supply was shut last: the hold itself began. */
  readonly shutAt: string | null;
  readonly readings: readonly FactOf<'hold-read'>[];
  readonly soaped: readonly FactOf<'place-soaped'>[];
  readonly ended: FactOf<'hold-ended'> | null;
  readonly ventedAt: string | null;
  /** Instruments that speak for themselves. */
  readonly series: readonly FactOf<'series-began'>[];
  /** How many times as fast its clock runs: more than once only where its instruments are stand-ins. Every time here is by that clock. */
  readonly factor: number;
}

/** Filling until its supply is shut; then it is held, ended, and let down. */
export const HOLD_STATES = ['filling', 'holding', 'ended', 'vented'] as const;
export type HoldState = (typeof HOLD_STATES)[number];

/** Gas and pipe come to one temperature in this time [s]: nothing before it counts. Source: trade, computed [L]. */
export const SETTLE_S = 15 * 60;
/** Stood at each step [s], and at the last before anybody goes nearer. Source: trade [L]. */
export const STEP_STANDS_S = { each: 180, last: 600 } as const;

/** Every hold of a job, in the order they were begun. */
export function holdsOf(facts: readonly StageFact[]): readonly KeptHold[] {
  const of = <F extends { readonly values: { readonly hold: string } }>(all: readonly F[], id: string) =>
    all.filter(({ values }) => values.hold === id);
  const [steps, shut, readings, soaped, ended, vented] = [
    factsOf(facts, 'hold-step'),
    factsOf(facts, 'supply-shut'),
    factsOf(facts, 'hold-read'),
    factsOf(facts, 'place-soaped'),
    factsOf(facts, 'hold-ended'),
    factsOf(facts, 'vented'),
  ];
  const joined = factsOf(facts, 'series-began');
  return factsOf(facts, 'hold-began').map((began) => {
    const series = of(joined, began.id);
    const factor = Math.max(1, ...series.map(({ values }) => values.factor ?? 1));
    const by = <F extends StageFact>(all: readonly F[]): readonly F[] =>
      factor === 1 ? all : all.map((fact) => onClock(fact, began.at, factor));
    return {
      ...{ id: began.id, began, series, factor, steps: by(of(steps, began.id)), shutAt: by(of(shut, began.id)).at(-1)?.at ?? null },
      ...{ readings: by(of(readings, began.id)), soaped: by(of(soaped, began.id)) },
      ...{ ended: by(of(ended, began.id)).at(-1) ?? null, ventedAt: by(of(vented, began.id)).at(-1)?.at ?? null },
    };
  });
}

/** A moment by the clock of a hold that was begun then: a stand-in's runs faster. */
export const byClock = (beganAt: string, factor: number, ms: number): number => Date.parse(beganAt) + (ms - Date.parse(beganAt)) * factor;

/** A fact with its moment by that clock. */
export const onClock = <F extends StageFact>(fact: F, beganAt: string, factor: number): F => ({
  ...fact,
  at: new Date(byClock(beganAt, factor, Date.parse(fact.at))).toISOString(),
});

/** What an instrument has sent of a hold, in plain figures. */
export interface LiveSample {
  /** Of the series' clock [ms since 1970]. */
  readonly ms: number;
  readonly gaugePa: number;
  readonly celsius: number;
}

/** So many samples are enough for a line through them: more are taken together. */
const MOST_JUDGED = 4000;

/**
 * Samples taken together in even groups, each by its mean: as many as are judged at most. A line through means is the line through all of
 * them, and the least step of the gauge is never averaged away.
 */
export function thinned(samples: readonly LiveSample[], most = MOST_JUDGED): readonly LiveSample[] {
  const size = Math.ceil(samples.length / most);
  if (size <= 1) return samples;
  const groups: LiveSample[] = [];
  for (let from = 0; from < samples.length; from += size) {
    const group = samples.slice(from, from + size);
    const mean = (of: (sample: LiveSample) => number) => group.reduce((sum, sample) => sum + of(sample), 0) / group.length;
    groups.push({ ms: mean(({ ms }) => ms), gaugePa: mean(({ gaugePa }) => gaugePa), celsius: mean(({ celsius }) => celsius) });
  }
  return groups;
}

/** How far a hold is. */
export function holdState({ shutAt, ended, ventedAt }: Pick<KeptHold, 'shutAt' | 'ended' | 'ventedAt'>): HoldState {
  if (ventedAt !== null) return 'vented';
  if (ended) return 'ended';
  return shutAt === null ? 'filling' : 'holding';
}

/** Least watched, usual, and longest that is waited for a hold to see the leak by itself: a night [min]. Source: trade [L]. */
const WATCHED_MIN = { least: 15, usual: 60, longest: 12 * 60 } as const;

/** Minutes a hold is planned for where nobody says: until it sees the leak looked for; an hour where that takes more than a night, and soap decides. */
export function usualMinutes(needed: number | null): number {
  if (needed === null || needed > WATCHED_MIN.longest) return WATCHED_MIN.usual;
  return Math.ceil(Math.max(needed, WATCHED_MIN.least));
}

/** Longer than planned that is still waited where nobody said how long: the plan knew nothing of the day's warmth and noise. Judgement. */
const WAITED_TIMES = 1.5;

/**
 * Whether a hold by instruments, not told yet at its planned end, is waited for a little: its plan was "as long as it needs".
 *
 * @param answersAtS  seconds since its first reading at which it will be told; null where no time will do
 * @returns           false where somebody said how long, or where it would take more than half as long again
 */
export const isWaitedFor = ({ began }: Pick<KeptHold, 'began'>, answersAtS: number | null): boolean =>
  began.values.plannedMinutes === undefined &&
  answersAtS !== null &&
  answersAtS <= usualMinutes(began.values.minutesNeeded) * 60 * WAITED_TIMES;

/**
 * Whether a joint lies in a section: it sits on a tube with an end there. A tube at a valve that parts two sections belongs to the side that
 * is held.
 */
export const liesIn = (at: JointPlace | null, parts: readonly string[]): boolean =>
  at !== null && (parts.includes(at.from) || parts.includes(at.to));

/** Something that is soaped: a joint of the job, another place on the drawing, or a hose. */
export type SoapTarget = { readonly joint: string } | { readonly place: string } | { readonly hose: string };

const isOf = (fact: FactOf<'place-soaped'>, target: SoapTarget): boolean => {
  const { joint, place, hose } = fact.values;
  if ('joint' in target) return joint === target.joint;
  return 'place' in target ? joint === undefined && place === target.place : hose === target.hose;
};

/** What soap showed there at a pressure, last; null where nobody wetted it. */
export const soapedAt = (soaped: readonly FactOf<'place-soaped'>[], target: SoapTarget, atKpag: number) =>
  soaped.findLast((fact) => isOf(fact, target) && Math.abs(fact.values.atKpag - atKpag) < 1)?.values.result ?? null;

/** What soap showed there last, at any pressure of any hold. */
export const lastSoaped = (facts: readonly StageFact[], target: SoapTarget) =>
  factsOf(facts, 'place-soaped').findLast((fact) => isOf(fact, target))?.values.result ?? null;

export const secondsBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / 1000;

/** What says when a hold counts. */
export type HoldTimes = Pick<KeptHold, 'shutAt' | 'steps'>;

/**
 * From when a hold counts: its supply is shut, and gas and pipe have come to one temperature since the pressure was changed last.
 *
 * @returns  null while the supply is not shut
 */
export function settledAt({ shutAt, steps }: HoldTimes): string | null {
  if (shutAt === null) return null;
  const changed = Date.parse(steps.at(-1)?.at ?? shutAt);
  return new Date(Math.max(Date.parse(shutAt), changed + SETTLE_S * 1000)).toISOString();
}

/** A moment of a hold in plain figures, by seconds since it was begun. */
export interface HoldMoment {
  readonly seconds: number;
  readonly gaugePa: number;
}
export interface ReadMoment extends HoldMoment {
  readonly celsius: number;
}

/** Steps and readings of a hold, to be drawn over time. */
export interface HoldTracks {
  readonly steps: readonly HoldMoment[];
  readonly readings: readonly ReadMoment[];
}

/** What was noted of a hold as figures over time [s since it was begun, Pa gauge, °C]. */
export function holdTracks({ began, steps, readings }: KeptHold, altitudeM: number): HoldTracks {
  const read = new FieldReader();
  read.readAtmosphere({ altitude: { value: altitudeM, unit: 'm' } });
  const gaugePa = (pressure: Quantity) => read.gaugePressure('pressure', pressure, { min: -1e9, max: 1e9 });
  return {
    steps: steps.map(({ at, values }) => ({ seconds: secondsBetween(began.at, at), gaugePa: gaugePa(values.pressure) })),
    readings: readings.map(({ at, values }) => ({
      ...{ seconds: secondsBetween(began.at, at), gaugePa: gaugePa(values.pressure) },
      celsius: read.temperatureC('temperature', values.temperature, { min: -273, max: 1000 }),
    })),
  };
}
