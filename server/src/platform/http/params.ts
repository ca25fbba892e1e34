import { validate } from 'uuid';
import { AppError } from '../errors';

/** An id as it is kept, whoever made it: with no version in it, as the database makes one of other words, too. */
export const ID_PATTERN = '[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}';
const ID = new RegExp(`^${ID_PATTERN}$`);
export const isId = (text: string): boolean => ID.test(text);

/** An id out of a path, in the one case that ids are kept in; refused by name when it is not one. */
export function idParam<Name extends string>(params: Readonly<Record<Name, string>>, name: Name): string {
  const value = params[name] ?? '';
  if (!validate(value)) throw new AppError('INVALID_INPUT', `${name} must be a UUID`, name);
  return value.toLowerCase();
}

/** The hash of bytes out of a path; refused by name when it is none. */
export function hashParam<Name extends string>(params: Readonly<Record<Name, string>>, name: Name): string {
  const value = params[name] ?? '';
  if (!/^[0-9a-f]{64}$/.test(value)) throw new AppError('INVALID_INPUT', `${name} must be a SHA-256 in hex`, name);
  return value;
}
