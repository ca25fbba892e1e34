import type { CalcError } from './errors';

export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly errors: readonly CalcError[] };

export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function fail(...errors: readonly CalcError[]): Result<never> {
  return { ok: false, errors };
}

export function assertNever(value: never): never {
  throw new Error(`unexpected value ${JSON.stringify(value)}`);
}
