import { AppError } from '../../platform/errors';

/** Of an address: the size of a tree head that whoever asks holds already; nothing where it says none. */
export function sizeHeld(from: unknown): { readonly from?: number } {
  if (from === undefined) return {};
  if (typeof from === 'string' && /^[1-9]\d{0,15}$/.test(from)) return { from: Number(from) };
  throw new AppError('INVALID_INPUT', 'from must be the size of a tree head: a whole number from 1', 'from');
}
