import type { Field, Fields, Spec } from './fields';
import { commit, type Beside, type Salt } from './openWords';

export interface Closed {
  readonly told: Readonly<Record<string, unknown>>;
  readonly beside: Beside;
}

function closed(spec: Spec, value: unknown, salt: Salt, beside: Record<string, Beside[string]>): unknown {
  if (value === undefined || value === null) return value;
  if (spec.of === 'text' && spec.open) {
    const { commitment, beside: own } = commit(String(value), salt);
    Object.assign(beside, own);
    return commitment;
  }
  if (spec.of === 'list') return (value as readonly unknown[]).map((item) => closed(spec.item, item, salt, beside)); // cast: it fits its field
  if (spec.of === 'orNothing') return closed(spec.item, value, salt, beside);
  return spec.of === 'object' ? closedFields(spec.fields, value as Readonly<Record<string, unknown>>, salt, beside) : value; // cast: as above
}

const closedFields = (
  fields: Fields,
  values: Readonly<Record<string, unknown>>,
  salt: Salt,
  beside: Record<string, Beside[string]>,
): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    Object.entries(values).map(([key, value]) => [key, closed((fields[key] as Field<unknown>).spec, value, salt, beside)]), // cast: no key is beside the fields
  );

/**
 * What somebody told, as it is hashed: their own words and names give way to commitments.
 *
 * @param fields  of the kind
 * @param values  that fit them
 * @param salt    where fresh salts come from
 * @returns       what stands in the entry, and the words that stand beside it
 */
export function closeWords(fields: Fields, values: Readonly<Record<string, unknown>>, salt: Salt): Closed {
  const beside: Record<string, Beside[string]> = {};
  return { told: closedFields(fields, values, salt, beside), beside };
}
