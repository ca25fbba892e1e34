import { UNITS_START } from '@kesto/contract';
import { AppError } from '../../platform/errors';
import { ID_PATTERN } from '../../platform/http/params';
import type { BehindUnit } from './units.repository';

const KEY = new RegExp(`^(\\d{1,9})\\.(${ID_PATTERN})$`);

/** What a page of machines names as its next: behind this one. */
export const keyOf = ({ place, id }: BehindUnit): string => `${place}.${id}`;

/** Where a page of machines begins; null for the first. */
export function behindOf(after: string): BehindUnit | null {
  if (after === UNITS_START) return null;
  const [, place, id] = KEY.exec(after) ?? [];
  if (!place || !id) throw new AppError('INVALID_INPUT', `after must be "${UNITS_START}" or what a page named as its next`, 'after');
  return { place: Number(place), id };
}
