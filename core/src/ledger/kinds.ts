import { anew, hash, id, list, text, type Fields, type ValuesOf } from './fields';
import { any, job, type Chain, type KindRow } from './row';
import { why } from './kinds/common';
import { CHARGE_KINDS } from './kinds/chargeKinds';
import { HAND_OVER_KINDS } from './kinds/handOverKinds';
import { HOLD_KINDS } from './kinds/holdKinds';
import { JOB_KINDS } from './kinds/jobKinds';
import { JOINT_KINDS } from './kinds/jointKinds';
import { PULL_KINDS } from './kinds/pullKinds';
import { SHOP_KINDS } from './kinds/shopKinds';
import { STAGE_KINDS } from './kinds/stageKinds';

/** Every kind of entry there is, defined once: what it says, in which chain and stage, and who may say it. Masses in kg. */
export const KINDS = {
  ...STAGE_KINDS,
  ...HOLD_KINDS,
  ...PULL_KINDS,
  ...CHARGE_KINDS,
  ...HAND_OVER_KINDS,
  ...JOB_KINDS,
  ...JOINT_KINDS,
  ...SHOP_KINDS,

  /** Says anew what the entry it names can say. */
  corrected: any('claim', { values: anew }),
  /** The entry it names does not count: it is of another place, or was never so. */
  'struck-out': any('claim', {}),
  /** Words that are no longer kept; their commitment stands where it stood. */
  erased: { ...any('claim', { what: list(hash, 1, 100), why }), by: 'admins' },
  /** What somebody who reads has to say of it: changes nothing. */
  commented: { ...any('fact', { text: text(2000) }), chains: ['joint', 'job'], by: 'anybody' },
  /** What Kesto makes of an entry again after another changed what it was made from. */
  'worked-out': { ...job([], 'fact', { of: id, values: anew }), by: 'kesto' },
} as const satisfies Readonly<Record<string, KindRow>>;

export type Kinds = typeof KINDS;
export type KindId = keyof Kinds;
export type KindOf<C extends Chain> = { [K in KindId]: C extends Kinds[K]['chains'][number] ? K : never }[KindId];
/** Kinds that are kept in a stage. */
export type StagedKind = { [K in KindId]: Kinds[K]['stages'][number] extends never ? never : K }[KindId];
/** What a person tells. */
export type Told<K extends KindId> = ValuesOf<Kinds[K]['told']>;
/** Kinds of which something is worked out. */
export type WorkedKind = { [K in KindId]: Kinds[K]['worked'] extends null ? never : K }[KindId];
/** What is worked out of it. */
export type Worked<K extends KindId> = Kinds[K]['worked'] extends infer F extends Fields ? ValuesOf<F> : object;

/** Every kind there is. */
export const kindIds = (): readonly KindId[] => Object.keys(KINDS) as readonly KindId[]; // cast: the table's own keys

/** Kinds that stand in a chain, in the order of the table. */
export const kindsOf = <C extends Chain>(chain: C): readonly KindOf<C>[] =>
  kindIds().filter((kind): kind is KindOf<C> => (KINDS[kind].chains as readonly Chain[]).includes(chain)); // cast: a row names some of them

/** Kinds that are kept in a stage. */
export const stagedKinds = (): readonly StagedKind[] => kindIds().filter((kind): kind is StagedKind => KINDS[kind].stages.length > 0);

/** Of what a kind tells today: which shape it is, counted from 1. */
export const shapeOf = (kind: KindId): number => KINDS[kind].former.length + 1;

/** Whether something is worked out of a kind. */
export const isWorked = (kind: KindId): kind is WorkedKind => KINDS[kind].worked !== null;

/** What a person told of values that may hold what was worked out as well. */
export function toldOf<K extends KindId>(kind: K, values: Readonly<Record<string, unknown>>): Told<K> {
  const keys = Object.keys(KINDS[kind].told);
  return Object.fromEntries(Object.entries(values).filter(([key]) => keys.includes(key))) as Told<K>; // cast: values fit the kind's fields
}
