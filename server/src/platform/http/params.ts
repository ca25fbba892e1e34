import { validate } from 'uuid';
import { AppError } from '../errors';

/** An id out of a path, in the one case that ids are kept in; refused by name when it is not one. */
export function idParam(params: Readonly<Record<string, string>>, name: string): string {
  const value = params[name] ?? '';
  if (!validate(value)) throw new AppError('INVALID_INPUT', `${name} must be a UUID`, name);
  return value.toLowerCase();
}
