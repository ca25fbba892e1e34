import type { KindId, Told } from './kinds';
import { POINT_ROWS } from './pointRows';

/** What one value says of another and cannot, as data: the field, and why. */
export type Misfit =
  | { readonly field: string; readonly why: 'under-tare'; readonly tareKg: number }
  | { readonly field: string; readonly why: 'reason-needed' }
  | { readonly field: string; readonly why: 'never-none-here' };

type Tells = { readonly [K in KindId]?: (told: Told<K>) => Misfit | null };

const TELLS: Tells = {
  recovered: ({ tareKg, grossKg }) => (grossKg < tareKg ? { field: 'grossKg', why: 'under-tare', tareKg } : null),
  'hot-work': ({ point, answer }) =>
    answer === 'none-here' && !POINT_ROWS[point].mayBeNone ? { field: 'answer', why: 'never-none-here' } : null,
  'also-opened': ({ choice, why }) => (choice === 'declined' && why === undefined ? { field: 'why', why: 'reason-needed' } : null),
};

/**
 * What values that each fit their field say of one another, the same on both sides.
 *
 * @param kind    of the entry
 * @param values  that fit the fields of the kind
 * @returns       the first that cannot be, by its field; null where they go together
 */
export const tellsWell = (kind: KindId, values: Readonly<Record<string, unknown>>): Misfit | null =>
  (TELLS[kind] as ((told: Readonly<Record<string, unknown>>) => Misfit | null) | undefined)?.(values) ?? null; // cast: the fields were checked
