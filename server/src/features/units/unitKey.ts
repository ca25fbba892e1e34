import { UNITS_START } from '@kesto/contract';
import { AppError } from '../../platform/errors';
import type { BehindUnit } from './units.repository';

const KEY = /^(\d{1,9})\.([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})$/;

/** What a page of machines names as its next: behind this one. */
export const keyOf = ({ place, id }: BehindUnit): string => `${place}.${id}`;

/** Where a page of machines begins; null for the first. */
export function behindOf(after: string): BehindUnit | null {
  if (after === UNITS_START) return null;
  const [, place, id] = KEY.exec(after) ?? [];
  if (!place || !id) throw new AppError('INVALID_INPUT', `after must be "${UNITS_START}" or what a page named as its next`, 'after');
  return { place: Number(place), id };
}
