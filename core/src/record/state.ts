import type { EntryKind } from './chain';
import { isColdKind } from '../cold/cold';
import type { LookResult } from './look';

export const JOINT_STATES = ['not-planned', 'planned', 'brazed', 'passed', 'rework', 'cut-out', 'accepted', 'sent-back'] as const;
export type JointState = (typeof JOINT_STATES)[number];

export interface EntryFact {
  readonly kind: EntryKind;
  readonly values: Readonly<Record<string, unknown>>;
}

const AFTER: Partial<Record<EntryKind, JointState>> = {
  planned: 'planned',
  brazed: 'brazed',
  reworked: 'brazed',
  pressed: 'brazed',
  flared: 'brazed',
  bent: 'brazed',
  accepted: 'accepted',
  'sent-back': 'sent-back',
  'cut-out': 'cut-out',
};

const LOOKED: Readonly<Record<LookResult, JointState>> = { pass: 'passed', rework: 'rework', 'cut-out': 'cut-out' };

const BEFORE_THE_TORCH: readonly JointState[] = ['planned', 'rework', 'sent-back'];
const BEFORE_IT_IS_MADE: readonly JointState[] = ['not-planned', ...BEFORE_THE_TORCH];
const AT_THE_TORCH: readonly JointState[] = [...BEFORE_THE_TORCH, 'brazed', 'passed'];
const BEGUN = JOINT_STATES.filter((state) => state !== 'not-planned');
/** In which a joint is tube: what flows passes it. */
export const MADE: readonly JointState[] = ['brazed', 'passed', 'accepted'];

/** In which states a joint may stand for an entry of a kind to follow. After it is cut out only corrections do. */
export const MAY_FOLLOW: Readonly<Record<EntryKind, readonly JointState[]>> = {
  planned: [],
  'planned-anew': BEFORE_THE_TORCH,
  'goes-on-from': ['not-planned', 'planned'],
  prepared: BEFORE_THE_TORCH,
  purged: BEFORE_THE_TORCH,
  'threaded-on': BEFORE_THE_TORCH,
  'dry-fit': BEFORE_THE_TORCH,
  wrapped: BEFORE_THE_TORCH,
  'outlet-open': BEFORE_THE_TORCH,
  'flooding-began': BEFORE_THE_TORCH,
  'oxygen-read': BEFORE_THE_TORCH,
  'trickle-set': BEFORE_THE_TORCH,
  lit: BEFORE_THE_TORCH,
  // What was used is told while the joint still cools.
  flowed: AT_THE_TORCH,
  'flame-off': AT_THE_TORCH,
  'nitrogen-off': AT_THE_TORCH,
  'took-over': AT_THE_TORCH,
  brazed: ['planned'],
  // No flame, and no plan: a decided way to join is all they need.
  pressed: BEFORE_IT_IS_MADE,
  flared: BEFORE_IT_IS_MADE,
  bent: BEFORE_IT_IS_MADE,
  cooled: ['brazed', 'passed'],
  'looked-at': ['brazed', 'passed'],
  reworked: ['rework', 'sent-back'],
  soaped: MADE,
  held: MADE,
  pulled: MADE,
  accepted: ['passed'],
  'sent-back': ['passed', 'brazed', 'accepted'],
  'cut-out': [...MADE, 'rework', 'sent-back'],
  corrected: BEGUN,
  'struck-out': BEGUN,
  erased: BEGUN,
  commented: BEGUN,
};

/** Whether an entry of this kind may be added to a joint that stands so. */
export const mayFollow = (kind: EntryKind, state: JointState): boolean => MAY_FOLLOW[kind].includes(state);

/**
 * Where a joint that stood in a state stands after one more entry; notes and corrections do not move it, nor does what came out of turn:
 * it happened, and a lead says what counts.
 */
export const stateFollowing = (state: JointState, { kind, values }: EntryFact): JointState => {
  if (kind !== 'planned' && !mayFollow(kind, state)) return state;
  return kind === 'looked-at' ? LOOKED[values['result'] as LookResult] : (AFTER[kind] ?? state); // cast: checked when it was stored
};

/** Where a joint stands after all its entries. */
export const stateAfter = (entries: readonly EntryFact[], hasPlan: boolean): JointState =>
  entries.reduce<JointState>(stateFollowing, hasPlan ? 'planned' : 'not-planned');

/** Entries that came out of turn: what they say cannot follow how the joint stood. In their order. */
export function outOfTurn<Entry extends EntryFact>(entries: readonly Entry[]): readonly Entry[] {
  let state: JointState = 'planned';
  return entries.filter((entry) => {
    const fits = entry.kind === 'planned' || mayFollow(entry.kind, state);
    state = stateFollowing(state, entry);
    return !fits;
  });
}

/** Entries as they count: what came out of turn is left out until a lead has said which stands. */
export function inTurn<Entry extends EntryFact>(entries: readonly Entry[]): readonly Entry[] {
  const early = new Set<Entry>(outOfTurn(entries));
  return entries.filter((entry) => !early.has(entry));
}

/** Kinds that say that a torch was lit: at the torch itself, or of a joint that is noted afterwards. */
export const FLAMES: readonly EntryKind[] = ['lit', 'brazed', 'reworked'];

/** Whether a torch was lit for it. */
export const isFlame = (kind: EntryKind): boolean => FLAMES.includes(kind);

/** A flame says how the torch stood; in a list, where only results are read, as its result. */
const litWhileLocked = ({ kind, values }: EntryFact): boolean =>
  isFlame(kind) && (values['torch'] === 'locked' || values['result'] === 'locked');

/**
 * What waits for a lead: entries that came out of turn, and flames at a locked torch. Whoever answers for the shop settles them by
 * accepting the joint or sending it back afterwards, or by striking out what does not count.
 */
export function unsettled<Entry extends EntryFact>(entries: readonly Entry[]): readonly Entry[] {
  const early = new Set<Entry>(outOfTurn(entries));
  const judged = entries.findLastIndex(({ kind }) => kind === 'accepted' || kind === 'sent-back');
  return entries.slice(judged + 1).filter((entry) => early.has(entry) || litWhileLocked(entry));
}

/** Of an entry, as far as it tells who held the torch. */
interface Lit {
  readonly kind: EntryKind;
  readonly person: { readonly id: string };
  readonly onBehalfOf?: string | null;
}

/** Everybody who ever made a joint, by heat or cold: none of them judges it, whoever reworked it since. */
export const brazersOf = (entries: readonly Lit[]): readonly string[] =>
  entries.filter(({ kind }) => isFlame(kind) || isColdKind(kind)).map(({ person, onBehalfOf }) => onBehalfOf ?? person.id);
