import { JSON_DEPTH, jsonProblem, type JsonProblem } from '@kesto/core';
import type { RequestHandler } from 'express';
import { AppError } from '../errors';

const WHY: Readonly<Record<JsonProblem, string>> = {
  'too-deep': `has more than ${JSON_DEPTH} levels`,
  number: 'is a number that no finite one can hold',
  text: 'holds a character that no text can hold (NUL, or half a surrogate pair)',
};

/** Refuses, before anything looks at it, what could be neither stored nor hashed. */
export const refuseUnstorable: RequestHandler = (request, _response, next) => {
  if (/%00/.test(request.originalUrl)) throw new AppError('INVALID_INPUT', 'The address holds a NUL.', 'address');
  const found = jsonProblem(request.body);
  if (found) throw new AppError('INVALID_INPUT', `${found.field || 'body'} ${WHY[found.problem]}`, found.field || 'body');
  next();
};
