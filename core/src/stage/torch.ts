import { isNearKind, type NearKind } from '../vocabulary/part';
import { burns, type SafetyClass } from '../refrigerant/safetyClasses';
import { factsOf, lastOf, type FactOf, type StageFact } from './entry';
import { POINT_ROWS } from '../ledger/pointRows';
import { TORCH_POINTS, type TorchPoint } from '../ledger/words';
import { catchesFire } from '../protection/limits';

export { TORCH_POINTS, TORCH_STANDS, WATCH_MINUTES, type TorchPoint, type TorchStands } from '../ledger/words';

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
  /** What lies near the joints that are planned. */
  readonly near: readonly NearKind[];
}

/** Under this the room's air is short of oxygen [%]. Source: OSHA 29 CFR 1910.134. */
export const LEAST_OXYGEN_PERCENT = 19.5;
/** Above this it is enriched, and things burn that do not burn in air [%]. Source: OSHA 29 CFR 1910.134, 1915.12. */
export const MOST_OXYGEN_PERCENT = 23.5;

const pointsFor = ({ safetyClass, near }: TorchFacts): readonly TorchPoint[] =>
  TORCH_POINTS.filter((point) => {
    if (point === 'swept') return burns(safetyClass);
    // A point named after a kind of part is asked where one that catches fire stands near.
    return !isNearKind(point) || !catchesFire(point) || near.includes(point);
  });

function answerOf(facts: readonly StageFact[], point: TorchPoint): StageFact | null {
  const own = POINT_ROWS[point].answeredBy;
  if (own) return lastOf(facts, own) ?? null;
  const answer = factsOf(facts, 'hot-work').findLast((fact) => fact.values.point === point);
  const percent = point === 'oxygen' ? answer?.values.oxygenPercent : undefined;
  const isUnfit = percent !== undefined && !(percent >= LEAST_OXYGEN_PERCENT && percent <= MOST_OXYGEN_PERCENT);
  return answer && !isUnfit ? answer : null;
}

/**
 * The list before the torch, made from the joints' places and what is near.
 *
 * @source  hot-work practice (NFPA 51B, OSHA 1910.252): zero and open, extinguisher, watch, detectors and sprinklers, air to breathe,
 *          combustibles within 11 m moved or shielded. Local hot-work rules come first
 */
export const torchPoints = (facts: readonly StageFact[], about: TorchFacts): readonly TorchPointState[] =>
  pointsFor(about).map((point) => {
    const by = answerOf(facts, point);
    return { point, isOpen: by === null, locksTorch: POINT_ROWS[point].locks, by };
  });

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
  return { by: began.values.by, beganAt: began.at, endsAt, endedAt: ended?.at ?? null, isNotWitnessed };
}
