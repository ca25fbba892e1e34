import type { HoldReason, HoldVerdict } from '../ledger/words';
import { secondsToSee, type HoldErrors } from './smallestSeen';

/** What a hold saw, and what it was to see. */
export interface Judged {
  readonly leakPaM3S: number;
  readonly seenPaM3S: number;
  readonly wantedPaM3S: number | null;
  readonly seconds: number;
  readonly isSupplyShut: boolean;
  readonly isBeforeItsEnd: boolean;
}

/** While it is watched on, what seems lost has to be so much above what could hide. Computed: looking often raises false alarms. */
const LIVE_TIMES = 1.5;
const isPlain = ({ leakPaM3S, seenPaM3S, isBeforeItsEnd }: Judged): boolean => leakPaM3S > seenPaM3S * (isBeforeItsEnd ? LIVE_TIMES : 1);

/** Nothing is called tight sooner [s]. Trade habit: editable. */
const LEAST_WATCHED_S = 15 * 60;

interface Verdict {
  readonly verdict: HoldVerdict;
  readonly reasons: readonly HoldReason[];
}

const cannotTell = (...reasons: HoldReason[]): Verdict => ({ verdict: 'cannot-tell', reasons });

/** What is wanted is seen: what seems to be lost and what could hide behind it stay under it together. A gas that seems to grow hides nothing less. */
const isTight = ({ leakPaM3S, seenPaM3S, wantedPaM3S, seconds }: Judged): boolean =>
  wantedPaM3S !== null && Math.max(leakPaM3S, 0) + seenPaM3S < wantedPaM3S && seconds >= LEAST_WATCHED_S;

/** `tight` only against a leak that is wanted to be seen, after a quarter of an hour, and with the supply shut: an open cylinder feeds every leak. */
export function judge(judged: Judged): Verdict {
  const { leakPaM3S, seenPaM3S, wantedPaM3S, isSupplyShut } = judged;
  if (isPlain(judged)) return { verdict: 'leaking', reasons: [] };
  if (!isSupplyShut) return cannotTell('supply-open');
  if (wantedPaM3S === null) return cannotTell('no-wanted-leak');
  if (leakPaM3S < -seenPaM3S || !isTight(judged)) return cannotTell();
  return { verdict: 'tight', reasons: [] };
}

/** Minutes until the hold sees either the leak there seems to be, or what is left between it and the wanted one: 0 when it is told, null where no time will do. */
export function minutesMore(judged: Judged, volumeM3: number, errors: HoldErrors): number | null {
  const { leakPaM3S, seenPaM3S, wantedPaM3S, seconds, isSupplyShut } = judged;
  if (isPlain(judged)) return 0;
  if (wantedPaM3S === null || leakPaM3S < -seenPaM3S || !isSupplyShut) return null;
  if (isTight(judged)) return 0;
  const lost = Math.max(leakPaM3S, 0);
  const left = wantedPaM3S - lost;
  const needed = secondsToSee(Math.max(lost, left), volumeM3, errors);
  if (needed === null) return null;
  return Math.max(0, Math.max(needed, left >= lost ? LEAST_WATCHED_S : 0) - seconds) / 60;
}
