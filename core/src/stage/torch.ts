import { isNearKind, type NearKind } from '../vocabulary/part';
import { burns, isCarbonDioxide, type SafetyClass } from '../refrigerant/safetyClasses';
import { factsOf, lastOf, type FactOf, type StageFact } from './entry';
import { POINT_ROWS } from '../ledger/pointRows';
import { TORCH_POINTS, type JoiningMethod, type TorchPoint, type ZeroSide } from '../ledger/words';
import { catchesFire } from '../protection/limits';

export { TORCH_POINTS, TORCH_STANDS, WATCH_MINUTES, ZERO_SIDES, type TorchPoint, type TorchStands, type ZeroSide } from '../ledger/words';

/** A point of the list, and how it stands. */
export interface TorchPointState {
  readonly point: TorchPoint;
  readonly isOpen: boolean;
  /** The torch stays locked while it is open: it protects people. */
  readonly locksTorch: boolean;
  /** What answered it. */
  readonly by: StageFact | null;
}

/** What the list is made from. */
export interface TorchFacts {
  readonly safetyClass: SafetyClass | null;
  /** By its usual name; null where it has none. */
  readonly refrigerant: string | null;
  /** What lies near the joints that are planned. */
  readonly near: readonly NearKind[];
  /** How many joints of the job are brazed; left out, there may be some. */
  readonly hotJoints?: number;
}

/** Under this the room's air is short of oxygen [%]. Source: OSHA 29 CFR 1910.134. */
export const LEAST_OXYGEN_PERCENT = 19.5;
/** Above this it is enriched, and things burn that do not burn in air [%]. Source: OSHA 29 CFR 1910.134, 1915.12. */
export const MOST_OXYGEN_PERCENT = 23.5;

/** Carbon dioxide in the room: above it nobody works there all day, 3 % for minutes, 4 % kills [%]. Source: OSHA 29 CFR 1910.1000 (5 000 ppm). */
export const MOST_CO2_PERCENT = 0.5;
/** Ammonia in the room [ppm]. Source: NIOSH REL. */
export const MOST_AMMONIA_PPM = 25;

const methodOf = (facts: readonly StageFact[]) => lastOf(facts, 'isolation')?.values.method;

/** Something beside the work stays full: it was pumped down, or a section alone was emptied. */
const staysFull = (facts: readonly StageFact[]) => ['pump-down', 'recover-section'].includes(methodOf(facts) ?? '');

/** What is to be at zero and open, by the way the circuit was isolated. */
export function sidesToOpen(facts: readonly StageFact[]): readonly ZeroSide[] {
  const method = methodOf(facts);
  return method === 'pump-down' ? ['low'] : method === 'recover-section' ? ['section'] : ['high', 'low'];
}

/** Joined without a flame. */
const COLD: readonly JoiningMethod[] = ['bend', 'press', 'flare'];
/** What is asked because something burns: nobody asks it where no flame is lit. */
const OF_THE_FLAME: readonly TorchPoint[] = ['told', 'extinguisher', 'watch', 'sprinklers', 'detectors'];

/** No flame is lit on this job: none of its joints is brazed, how they are made was kept, and none of it is hot. */
export function isWithoutFlame(facts: readonly StageFact[], { hotJoints }: TorchFacts): boolean {
  if (hotJoints !== 0) return false;
  const last = new Map(factsOf(facts, 'joining').map(({ values }) => [values.place, values.method]));
  return last.size > 0 && [...last.values()].every((method) => COLD.includes(method));
}

function pointsFor(facts: readonly StageFact[], about: TorchFacts): readonly TorchPoint[] {
  const { safetyClass, near } = about;
  const isCold = isWithoutFlame(facts, about);
  return TORCH_POINTS.filter((point) => {
    if (isCold && (OF_THE_FLAME.includes(point) || isNearKind(point))) return false;
    if (point === 'swept') return burns(safetyClass);
    if (point === 'held-back') return staysFull(facts);
    // Liquid lies cold in the lowest line, and ice holds water: each where it is to be expected.
    if (point === 'liquid-left') return methodOf(facts) !== undefined;
    if (point === 'thawed') return factsOf(facts, 'sign').some(({ values }) => values.sign === 'frost');
    // Nothing leaves a machine that is pumped down, and nobody weighs a cylinder for it.
    if (point === 'refrigerant-out') return methodOf(facts) !== 'pump-down';
    // A point named after a kind of part is asked where one that catches fire stands near.
    return !isNearKind(point) || !catchesFire(point) || near.includes(point);
  });
}

type HotWork = FactOf<'hot-work'>['values'];

export type AirMeter = 'oxygenPercent' | 'co2Percent' | 'ammoniaPpm';

/** The refrigerant's own meter in a room, where it has to have one: oxygen looks fine where carbon dioxide already kills. */
const ownMeterOf = (refrigerant: string | null): AirMeter | null =>
  isCarbonDioxide(refrigerant) ? 'co2Percent' : refrigerant === AMMONIA ? 'ammoniaPpm' : null;

const AMMONIA = 'R-717';

/**
 * What the air of a room is read by.
 *
 * @param refrigerant  its usual name; null where nobody said
 * @returns            oxygen first, then the refrigerant's own meter
 * @source             OSHA 29 CFR 1910.134 and 1910.1000; NIOSH REL for ammonia
 */
export function airMeters(refrigerant: string | null): readonly AirMeter[] {
  const own = ownMeterOf(refrigerant);
  return own ? ['oxygenPercent', own] : ['oxygenPercent'];
}

/** Whether the air that was read bears people and a flame; the refrigerant's own meter has to be read. */
function isFitAir(read: HotWork, refrigerant: string | null): boolean {
  const { oxygenPercent } = read;
  if (oxygenPercent !== undefined && !(oxygenPercent >= LEAST_OXYGEN_PERCENT && oxygenPercent <= MOST_OXYGEN_PERCENT)) return false;
  const own = ownMeterOf(refrigerant);
  return own === null || (read[own] !== undefined && read[own] <= (own === 'co2Percent' ? MOST_CO2_PERCENT : MOST_AMMONIA_PPM));
}

/** Whether what was noted last answers its point; a worse answer than the one before does not. */
function answers(fact: StageFact, facts: readonly StageFact[], { refrigerant }: TorchFacts): boolean {
  switch (fact.kind) {
    case 'locked-off':
      return fact.values.dead === true;
    case 'zero-and-open': {
      const { sides } = fact.values;
      return sides === undefined || sidesToOpen(facts).every((side) => sides.includes(side));
    }
    case 'held-back':
      return fact.values.capped && fact.values.steady;
    case 'hot-work':
      return fact.values.point !== 'oxygen' || isFitAir(fact.values, refrigerant);
    default:
      return true;
  }
}

/** What was noted last of a point, whether it answers it or not. */
export function lastSaidOf(facts: readonly StageFact[], point: TorchPoint): StageFact | null {
  const own = POINT_ROWS[point].answeredBy;
  return (own ? lastOf(facts, own) : factsOf(facts, 'hot-work').findLast((fact) => fact.values.point === point)) ?? null;
}

/**
 * The list before the torch, made from the way the circuit was isolated, the joints' places and what is near.
 *
 * @source  hot-work practice (NFPA 51B, OSHA 1910.252): locked off and tried, zero and open, extinguisher, watch, detectors and sprinklers, air
 *          to breathe, combustibles within 11 m moved or shielded. Local hot-work rules come first
 */
export const torchPoints = (facts: readonly StageFact[], about: TorchFacts): readonly TorchPointState[] =>
  pointsFor(facts, about).map((point) => {
    const said = lastSaidOf(facts, point);
    const by = said && answers(said, facts, about) ? said : null;
    return { point, isOpen: by === null, locksTorch: POINT_ROWS[point].locks, by };
  });

/** Sprinklers and detectors that were put out of service for the flame and are not back yet. */
export function outOfService(facts: readonly StageFact[]): readonly FactOf<'hot-work'>[] {
  const last = new Map(factsOf(facts, 'hot-work').map((fact) => [fact.values.point, fact]));
  const isBack = (fact: FactOf<'hot-work'>) =>
    facts.slice(facts.indexOf(fact)).some((later) => later.kind === 'back-in-service' && later.values.point === fact.values.point);
  return [...last.values()].filter((fact) => fact.values.outOfService === true && !isBack(fact));
}

/** A watch after the last flame, by both clocks. */
export interface Watch {
  readonly by: string;
  readonly beganAt: string;
  readonly endsAt: string;
  readonly endedAt: string | null;
  /** It ended without a word why, and reached here too soon after its beginning did: nobody but the device saw it last. A lead looks. */
  readonly isNotWitnessed: boolean;
}

/** Sending takes a moment: a watch that arrives short by this much was still watched [ms]. */
const SENDING_MS = 60_000;

type Began = FactOf<'watch-began'>;
type Ended = FactOf<'watch-ended'>;

function notWitnessed(began: Began, ended: Ended | undefined): boolean {
  if (!ended || ended.values.reason !== undefined) return false;
  return Date.parse(ended.takenAt) - Date.parse(began.takenAt) < began.values.minutes * 60_000 - SENDING_MS;
}

/**
 * The last watch that was begun; null where none was. It counts from its own beginning or the last flame, whichever is later.
 *
 * @param facts      of the job, by effective time
 * @param lastFlame  when the last flame was lit at one of the job's joints; null where none was
 */
export function watchOf(facts: readonly StageFact[], lastFlame: string | null): Watch | null {
  const began = lastOf(facts, 'watch-began');
  if (!began) return null;
  const after = facts.slice(facts.indexOf(began));
  const ended = lastOf(after, 'watch-ended');
  const from = lastFlame !== null && lastFlame > began.at ? lastFlame : began.at;
  const endsAt = new Date(Date.parse(from) + began.values.minutes * 60_000).toISOString();
  const looked = lastOf(after, 'watch-looked-into') !== undefined;
  const isNotWitnessed = !looked && notWitnessed(began, ended);
  const by = lastOf(after, 'watch-handed')?.values.to ?? began.values.by;
  return { by, beganAt: began.at, endsAt, endedAt: ended?.at ?? null, isNotWitnessed };
}
