import { isNativeError } from 'node:util/types';
import { AppError } from '../errors';

const RETRY_AFTER_S = 5;

const KEPT = 'What you entered is kept here; it is sent again when there is room.';

/** What PostgreSQL's classes of error mean to whoever asked. */
const BY_CODE: readonly (readonly [RegExp, (cause: unknown) => AppError])[] = [
  [
    /^(53100|58030)$|^ENOSPC$/,
    (cause) =>
      new AppError('STORAGE_FULL', `The server’s disk is full: nothing was stored. ${KEPT}`, undefined, { cause, retryAfterS: 60 }),
  ],
  [/^23505$/, (cause) => new AppError('CONFLICT', 'This id is already in use for something else.', 'id', { cause })],
  [
    /^(22021|22P05|22P02|22003|54000)$/,
    (cause) => new AppError('INVALID_INPUT', 'Something in this request cannot be stored as text or number.', undefined, { cause }),
  ],
  [/^(08...|53...|57...|40001|40P01|55P03|25P0[34])$|^E(CONNREFUSED|CONNRESET|PIPE|TIMEDOUT|HOSTUNREACH)$/, unavailable],
];

/** The driver names these by their words alone. */
const GONE =
  /timeout exceeded when trying to connect|Query read timeout|Connection terminated|Client was closed|is not connected|ConnectionIsNotSet/i;

function unavailable(cause: unknown): AppError {
  return new AppError('UNAVAILABLE', 'The database does not answer just now. What you entered is kept here; try again.', undefined, {
    cause,
    retryAfterS: RETRY_AFTER_S,
  });
}

function codeOf(error: object): string {
  const driver = 'driverError' in error && typeof error.driverError === 'object' ? error.driverError : null;
  const holder = driver && 'code' in driver ? driver : error;
  return 'code' in holder && typeof holder.code === 'string' ? holder.code : '';
}

/** The database's failure as ours; null for what is none of its. */
export function databaseFailure(error: unknown): AppError | null {
  if (!isNativeError(error)) return null;
  const code = codeOf(error);
  const found = BY_CODE.find(([pattern]) => pattern.test(code));
  if (found) return found[1](error);
  return GONE.test(error.message) ? unavailable(error) : null;
}
