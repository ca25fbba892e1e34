import type { ApiErrorBody } from '@kesto/contract';
import type { ErrorRequestHandler, Request, RequestHandler } from 'express';
import { AppError, HTTP_STATUS } from '../errors';

const requestId = (request: Request) => String(request.id ?? '');

function asAppError(error: unknown): AppError {
  if (error instanceof AppError) return error;
  const kind = typeof error === 'object' && error !== null && 'type' in error ? error.type : undefined;
  if (kind === 'entity.too.large') return new AppError('TOO_LARGE', 'What was sent is too large. A photo may have at most 12 MB.', 'photo');
  if (kind === 'entity.parse.failed') return new AppError('INVALID_INPUT', 'The body is not JSON.', 'body');
  return new AppError('INTERNAL', 'Something failed on the server. What you entered is kept here; try again.', undefined, { cause: error });
}

/** The one place an error becomes an answer: internals stay in the log, the request id lets a person point at them. */
export const errorMiddleware: ErrorRequestHandler = (thrown, request, response, next) => {
  const error = asAppError(thrown);
  if (error.code === 'INTERNAL') request.log.error({ err: error.cause ?? error }, 'request failed');
  if (response.headersSent) return next(thrown);
  const body: ApiErrorBody = {
    error: {
      code: error.code,
      message: error.message,
      requestId: requestId(request),
      ...(error.field === undefined ? {} : { field: error.field }),
    },
  };
  response.status(HTTP_STATUS[error.code]).json(body);
};

export const unknownRoute: RequestHandler = (request) => {
  throw new AppError('NOT_FOUND', `There is nothing at ${request.method} ${request.path}`);
};
