import type { TorchPoint } from '../ledger/words';
import type { StageFact } from './entry';
import { torchPoints, type TorchFacts } from './torch';

/** How long what was read at the gauges and in the air holds without a flame [min]. Source: hot-work practice; judgement. */
export const TORCH_GOOD_MINUTES = 30;
/** What changes by itself, or by whoever turns a valve: extinguisher, watch and lock-out stand. */
const READ_AGAIN: readonly TorchPoint[] = ['zero-and-open', 'held-back', 'oxygen'];

/** Who is about to light, when, and when the last flame was. */
export interface BeforeLighting {
  readonly who: string;
  readonly now: Date;
  readonly lastFlame: string | null;
}

/** What has to be answered again before the next flame, and until when what was answered is good. */
export interface TorchFreshness {
  readonly again: readonly TorchPoint[];
  /** The earliest end of what is still good; null where nothing was answered or something is to be answered again. */
  readonly goodUntil: Date | null;
}

/**
 * Whether what was read before the flame is still good: for half an hour without a flame, and for whoever read it.
 *
 * @param facts  of the job, by effective time
 * @param about  what the list before the torch is made from
 * @param light  who lights, now, and the last flame at one of the job's joints
 * @returns      points answered too long ago or by somebody else: zero and open, what holds the full side back, the air
 * @source       OSHA 1910.252 (the area is inspected before hot work goes on); trade practice
 */
export function torchFreshness(facts: readonly StageFact[], about: TorchFacts, { who, now, lastFlame }: BeforeLighting): TorchFreshness {
  const read = torchPoints(facts, about).flatMap(({ point, by }) => (by && READ_AGAIN.includes(point) ? [{ point, by }] : []));
  const goodUntil = ({ at }: StageFact) =>
    Math.max(Date.parse(at), lastFlame === null ? 0 : Date.parse(lastFlame)) + TORCH_GOOD_MINUTES * 60_000;
  const again = read.filter(({ by }) => by.by !== who || goodUntil(by) < now.getTime()).map(({ point }) => point);
  const ends = read.map(({ by }) => goodUntil(by));
  return { again, goodUntil: again.length > 0 || ends.length === 0 ? null : new Date(Math.min(...ends)) };
}
