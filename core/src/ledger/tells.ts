import { MASS_UNITS, type Quantity } from '../unit/units';
import { BEND_ROWS } from './bendRows';
import { isDrawnWell } from './strokes';
import type { KindId, Told } from './kinds';
import { POINT_ROWS } from './pointRows';

/** What one value says of another and cannot, as data: the field, and why. */
export type Misfit =
  | { readonly field: string; readonly why: 'under-tare'; readonly tareKg: number }
  | { readonly field: string; readonly why: 'under-before'; readonly beforeKg: number }
  | { readonly field: string; readonly why: 'over-before'; readonly before: Quantity }
  | { readonly field: string; readonly why: 'under-stamp'; readonly stamp: Quantity }
  | { readonly field: string; readonly why: 'strokes-only' }
  | { readonly field: string; readonly why: 'never-overruled' }
  | { readonly field: string; readonly why: 'of-the-torch-alone' }
  | { readonly field: string; readonly why: 'reason-needed' }
  | { readonly field: string; readonly why: 'never-none-here' }
  | { readonly field: string; readonly why: 'one-thing' }
  | { readonly field: string; readonly why: 'not-of-this-bend' }
  | { readonly field: string; readonly why: 'reading-needed' }
  | { readonly field: string; readonly why: 'of-the-joints-alone' };

const kgOf = ({ value, unit }: Quantity): number => value * ((MASS_UNITS as Readonly<Record<string, number>>)[unit] ?? Number.NaN); // cast: any word may stand there

type Tells = { readonly [K in KindId]?: (told: Told<K>) => Misfit | null };

const TELLS: Tells = {
  recovered: ({ tareKg, beforeKg = tareKg, grossKg }) =>
    beforeKg < tareKg
      ? { field: 'beforeKg', why: 'under-tare', tareKg }
      : grossKg < beforeKg
        ? { field: 'grossKg', why: 'under-before', beforeKg }
        : null,
  'cylinder-weighed': ({ before, after, stampedTare }) =>
    kgOf(after) > kgOf(before)
      ? { field: 'after', why: 'over-before', before }
      : stampedTare && kgOf(after) < kgOf(stampedTare)
        ? { field: 'after', why: 'under-stamp', stamp: stampedTare }
        : null,
  'signed-off': ({ drawn }) => (drawn === undefined || isDrawnWell(drawn) ? null : { field: 'drawn', why: 'strokes-only' }),
  overruled: ({ gate, points }) =>
    points !== undefined && gate !== 'torch'
      ? { field: 'points', why: 'of-the-torch-alone' }
      : points?.some((point) => POINT_ROWS[point].neverOverruled)
        ? { field: 'points', why: 'never-overruled' }
        : null,
  'hot-work': ({ point, answer }) =>
    answer === 'none-here' && !POINT_ROWS[point].mayBeNone ? { field: 'answer', why: 'never-none-here' } : null,
  'place-soaped': ({ joint, place, hose }) =>
    [joint, place, hose].filter((one) => one !== undefined).length === 1 ? null : { field: 'place', why: 'one-thing' },
  'bend-point': ({ bend, point, reads }) => {
    const row = BEND_ROWS[bend].find((one) => one.point === point);
    if (!row) return { field: 'point', why: 'not-of-this-bend' };
    return (row.reads === 'gauge' || row.reads === 'drop') && !reads ? { field: 'reads', why: 'reading-needed' } : null;
  },
  'handed-point': ({ point, proofs }) =>
    proofs !== undefined && point !== 'joint-tightness' ? { field: 'proofs', why: 'of-the-joints-alone' } : null,
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
