import type { FoundAsked, FoundJoint } from '@kesto/contract';
import type { JointFound } from '@kesto/core';

/** A joint's row, worked out from its record. */
export interface FoundRow extends JointFound {
  readonly jointId: string;
}

export interface FoundRepository {
  /** Joints of which something was noted since their row was worked out, at most so many; they count as worked out from here on. */
  takeStale(most: number): Promise<readonly string[]>;
  /** Whether any is left of which something was noted since. */
  isBehind(): Promise<boolean>;
  save(rows: readonly FoundRow[]): Promise<void>;
  /** The newest first, at most so many; and how many there are in all, counted no further than that, where it is asked. */
  page(
    asked: FoundAsked,
    most: number,
    counted?: number,
  ): Promise<{ readonly joints: readonly FoundJoint[]; readonly count: number | null }>;
}

/** By when a joint that was never made sorts. */
export const NEVER_MADE = '1970-01-01T00:00:00.000Z';

/** What names the place of a joint in the order. */
export const placeOf = ({ madeAt, id }: Pick<FoundJoint, 'madeAt' | 'id'>): string => `${Date.parse(madeAt ?? NEVER_MADE)}.${id}`;

export function placeIn(after: string): { readonly madeAt: string; readonly id: string } {
  const [at = '0', id = ''] = after.split('.');
  return { madeAt: new Date(Number(at)).toISOString(), id };
}
