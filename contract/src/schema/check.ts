import type Joi from 'joi';

export interface FieldProblem {
  readonly code: string;
  readonly field: string;
  readonly message: string;
}

export type Checked<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: FieldProblem };

/** `joint.near[0].kind` from Joi's path. */
function fieldPath(path: readonly (string | number)[]): string {
  return path.reduce<string>((text, part) => (typeof part === 'number' ? `${text}[${part}]` : text === '' ? part : `${text}.${part}`), '');
}

const MISSING = ['any.required'];
const UNKNOWN = ['object.unknown'];

/** Joi reports an alternative as a whole; the deepest complaint inside it names the field a person can mend. */
function deepest(detail: Joi.ValidationErrorItem): Joi.ValidationErrorItem {
  const nested = detail.context?.['details'] as readonly Joi.ValidationErrorItem[] | undefined; // cast: Joi keeps an alternative's complaints here, untyped
  return (nested ?? []).map(deepest).reduce((found, d) => (d.path.length > found.path.length ? d : found), detail);
}

/** A quantity is one field to whoever typed it: its value and its unit are not fields of their own. */
const quantityPath = (field: string) => field.replace(/\.(value|unit)$/, '');

/** A body against its schema, nothing converted, nothing dropped: the first problem names the field and what is allowed. */
export function check<T>(schema: Joi.Schema<T>, body: unknown): Checked<T> {
  const result = schema.validate(body, { convert: false, abortEarly: false, errors: { wrap: { label: false }, label: 'path' } });
  if (!result.error) return { ok: true, value: result.value };
  const [first] = result.error.details;
  if (!first) return { ok: false, problem: { code: 'invalid', field: '', message: result.error.message } };
  const detail = deepest(first);
  const code = MISSING.includes(detail.type) ? 'missing' : UNKNOWN.includes(detail.type) ? 'unknown-field' : 'invalid';
  return { ok: false, problem: { code, field: quantityPath(fieldPath(detail.path)), message: detail.message } };
}
