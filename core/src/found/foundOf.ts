import { isColdKind } from '../cold/cold';
import { valuesNow } from '../record/correct';
import type { JointEntry } from '../record/jointEntry';
import { inTurn, stateAfter, type JointState } from '../record/state';

/** What a joint is found again by. */
export interface JointFound {
  readonly state: JointState;
  /** Whoever made it last, by id; null where nobody did yet. */
  readonly maker: string | null;
  readonly filler: string | null;
  readonly lot: string | null;
  /** When it was made last, by both clocks. */
  readonly madeAt: string | null;
}

const isMade = ({ kind }: JointEntry) => kind === 'brazed' || kind === 'reworked' || isColdKind(kind);
const textOr = (value: unknown): string | null => (typeof value === 'string' && value !== '' ? value : null);

/**
 * What a joint is found again by, as its record says it after all corrections; what was struck out or came out of turn does not count.
 *
 * @param entries  of the joint's chain, in its order (`readChain`)
 * @param hasPlan  whether a plan stands
 */
export function foundOf(entries: readonly JointEntry[], hasPlan: boolean): JointFound {
  const counting = inTurn(entries);
  const made = counting.findLast(isMade);
  const values = made ? valuesNow(entries, made) : {};
  return {
    state: stateAfter(counting, hasPlan),
    maker: made ? (made.onBehalfOf ?? made.person.id) : null,
    filler: textOr(values['filler']),
    lot: textOr(values['lot']),
    madeAt: made?.at ?? null,
  };
}
