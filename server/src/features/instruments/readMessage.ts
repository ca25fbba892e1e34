import { check } from '@kesto/contract/schemas';
import type Joi from 'joi';
import { AppError } from '../../platform/errors';

/** One message, by its schema. */
export function readMessage<T>(schema: Joi.ObjectSchema<T>, text: string): T {
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    throw new AppError('INVALID_INPUT', 'A message is one JSON object.');
  }
  const checked = check<T>(schema, body);
  if (!checked.ok) throw new AppError('INVALID_INPUT', checked.problem.message, checked.problem.field);
  return checked.value;
}
