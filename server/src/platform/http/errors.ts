import type { ApiErrorBody } from '@kesto/contract';
import type { ErrorRequestHandler, Request, RequestHandler } from 'express';
import { databaseFailure } from '../db/failures';
import { AppError, HTTP_STATUS, type AppErrorCode } from '../errors';
import { isFromPage } from './fromPage';

/** Nothing failed: too many at once, or a page of the former version. */
const SAID_BY_CODE: readonly AppErrorCode[] = ['BUSY', 'OLD_PAGE'];

const requestId = (request: Request) => String(request.id ?? '');

/** What Express and its parsers refuse by themselves, in our words. */
const BY_STATUS: Readonly<Record<number, readonly [AppErrorCode, string]>> = {
  404: ['NOT_FOUND', 'There is nothing at this address.'],
  405: ['NOT_ALLOWED', 'This cannot be done at this address.'],
  412: ['PRECONDITION', 'What was asked for has changed since.'],
  413: ['TOO_LARGE', 'What was sent is too large. A photo may have at most 12 MB, everything else 512 kB.'],
  415: ['UNSUPPORTED', 'The body is in an encoding or character set that is not taken: send JSON in UTF-8.'],
  416: ['RANGE', 'This part of the file does not exist.'],
};

const TYPED: Readonly<Record<string, readonly [message: string, field: string]>> = {
  'entity.parse.failed': ['The body is not JSON.', 'body'],
  'request.aborted': ['The request broke off before it was whole.', 'body'],
  'request.size.invalid': ['The request’s length is not what it said.', 'body'],
};

function clientFailure(error: unknown): AppError | null {
  if (error instanceof URIError)
    return new AppError('INVALID_INPUT', 'The address cannot be read: a % is not followed by two hex digits.', 'address');
  if (!(error instanceof Error) || !('status' in error) || typeof error.status !== 'number') return null;
  if (error.status < 400 || error.status >= 500) return null;
  const typed = 'type' in error ? TYPED[String(error.type)] : undefined;
  if (typed) return new AppError('INVALID_INPUT', typed[0], typed[1]);
  const [code, message] = BY_STATUS[error.status] ?? ['INVALID_INPUT', 'This request cannot be read.'];
  return new AppError(code, message, code === 'TOO_LARGE' ? 'body' : undefined);
}

export function asAppError(error: unknown): AppError {
  if (error instanceof AppError) return error;
  return (
    clientFailure(error) ??
    databaseFailure(error) ??
    new AppError('INTERNAL', 'Something failed on the server. What you entered is kept here; try again.', undefined, { cause: error })
  );
}

/** A wrong password or code, or too many of them: told to the log, by address and without what was typed. */
const isRefusedTry = ({ code, field }: AppError) =>
  code === 'WRONG_SIGN_IN' || code === 'TOO_MANY_TRIES' || (code === 'NOT_FOUND' && field === 'code');

/** What is told of an error: internals stay in the log. */
export const toldOf = ({ code, message, field, details }: AppError, request: Request): ApiErrorBody['error'] => ({
  ...{ code, message, requestId: requestId(request) },
  ...(field === undefined ? {} : { field }),
  ...(details === undefined ? {} : { details }),
});

/** The one place an error becomes an answer: internals stay in the log, the request id lets a person point at them. */
export const errorMiddleware: ErrorRequestHandler = (thrown, request, response, next) => {
  const error = asAppError(thrown);
  const status = HTTP_STATUS[error.code];
  if (status >= 500 && !SAID_BY_CODE.includes(error.code)) request.log.error({ err: error.cause ?? error }, 'request failed');
  if (isRefusedTry(error)) request.log.info({ tried: { code: error.code, address: request.ip } }, 'refused at the door');
  if (response.headersSent) return next(thrown);
  if (error.retryAfterS !== undefined) response.setHeader('retry-after', Math.ceil(error.retryAfterS));
  response.status(status).json({ error: toldOf(error, request) } satisfies ApiErrorBody);
};

export const unknownRoute: RequestHandler = (request) => {
  const nothing = `There is nothing at ${request.method} ${request.path.slice(0, 200)}`;
  throw new AppError('NOT_FOUND', isFromPage(request) ? `${nothing}. This page may be of another version of Kesto: reload it.` : nothing);
};
