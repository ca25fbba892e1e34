import type { CalcError } from './errors';

export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly errors: readonly CalcError[] };

/** A result that is there. */
export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** A refusal: everything that is wrong, as data; `contract/src/wording` makes its sentences. */
export function fail(...errors: readonly CalcError[]): Result<never> {
  return { ok: false, errors };
}

/** Ends a switch over a union: a case that was forgotten does not compile, and throws where data lied. */
export function assertNever(value: never): never {
  throw new Error(`unexpected value ${JSON.stringify(value)}`);
}
