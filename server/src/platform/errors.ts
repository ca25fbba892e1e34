import type { ErrorDetails } from '@kesto/contract';

/** Closed list of what the API can refuse for. */
export type AppErrorCode =
  | 'INVALID_INPUT'
  | 'SIGNED_OUT'
  | 'WRONG_SIGN_IN'
  | 'FORBIDDEN'
  | 'CROSS_SITE'
  | 'STRANGE_HOST'
  | 'NOT_FOUND'
  | 'NOT_ALLOWED'
  | 'CONFLICT'
  | 'CHANGED'
  | 'OTHER_PERSON'
  | 'NOT_PLANNED'
  | 'FROZEN'
  | 'OUT_OF_ORDER'
  | 'GATE'
  | 'FULL'
  | 'PRECONDITION'
  | 'TOO_LARGE'
  | 'NOT_AN_IMAGE'
  | 'UNSUPPORTED'
  | 'RANGE'
  | 'TOO_MANY_TRIES'
  | 'INTERNAL'
  | 'UNAVAILABLE'
  | 'BUSY'
  | 'OLD_PAGE'
  | 'STORAGE_FULL';

export const HTTP_STATUS: Readonly<Record<AppErrorCode, number>> = {
  INVALID_INPUT: 400,
  SIGNED_OUT: 401,
  WRONG_SIGN_IN: 401,
  FORBIDDEN: 403,
  CROSS_SITE: 403,
  STRANGE_HOST: 421,
  NOT_FOUND: 404,
  NOT_ALLOWED: 405,
  CONFLICT: 409,
  CHANGED: 409,
  OTHER_PERSON: 409,
  NOT_PLANNED: 409,
  FROZEN: 409,
  OUT_OF_ORDER: 409,
  GATE: 409,
  FULL: 409,
  PRECONDITION: 412,
  TOO_LARGE: 413,
  NOT_AN_IMAGE: 415,
  UNSUPPORTED: 415,
  RANGE: 416,
  TOO_MANY_TRIES: 429,
  INTERNAL: 500,
  UNAVAILABLE: 503,
  BUSY: 503,
  // Later, to the former version’s page: it keeps what it sent until it is reloaded.
  OLD_PAGE: 503,
  STORAGE_FULL: 507,
};

interface AppErrorOptions extends ErrorOptions {
  /** When the same may be tried again. */
  readonly retryAfterS?: number;
  readonly details?: ErrorDetails;
}

export class AppError extends Error {
  readonly retryAfterS: number | undefined;
  readonly details: ErrorDetails | undefined;

  constructor(
    readonly code: AppErrorCode,
    message: string,
    readonly field?: string,
    options?: AppErrorOptions,
  ) {
    super(message, options);
    this.retryAfterS = options?.retryAfterS;
    this.details = options?.details;
  }
}

export const notFound = (what: string) => new AppError('NOT_FOUND', `${what} is not known in this shop`);
