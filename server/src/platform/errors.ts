/** Closed list of what the API can refuse for. */
export type AppErrorCode =
  | 'INVALID_INPUT'
  | 'SIGNED_OUT'
  | 'WRONG_SIGN_IN'
  | 'FORBIDDEN'
  | 'CROSS_SITE'
  | 'NOT_FOUND'
  | 'CONFLICT'
  | 'NOT_PLANNED'
  | 'FROZEN'
  | 'OUT_OF_ORDER'
  | 'TOO_LARGE'
  | 'NOT_AN_IMAGE'
  | 'TOO_MANY_TRIES'
  | 'INTERNAL';

export const HTTP_STATUS: Readonly<Record<AppErrorCode, number>> = {
  INVALID_INPUT: 400,
  SIGNED_OUT: 401,
  WRONG_SIGN_IN: 401,
  FORBIDDEN: 403,
  CROSS_SITE: 403,
  NOT_FOUND: 404,
  CONFLICT: 409,
  NOT_PLANNED: 409,
  FROZEN: 409,
  OUT_OF_ORDER: 409,
  TOO_LARGE: 413,
  NOT_AN_IMAGE: 415,
  TOO_MANY_TRIES: 429,
  INTERNAL: 500,
};

export class AppError extends Error {
  constructor(
    readonly code: AppErrorCode,
    message: string,
    readonly field?: string,
    options?: ErrorOptions,
  ) {
    super(message, options);
  }
}

export const notFound = (what: string) => new AppError('NOT_FOUND', `${what} is not known in this shop`);
