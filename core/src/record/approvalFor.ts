import { findFiller } from '../filler/fillers';
import type { FillerFamily } from '../filler/fillers';
import type { ApprovalScope } from '../vocabulary/people';

const SCOPES: Readonly<Record<FillerFamily, ApprovalScope>> = {
  'copper-phosphorus': 'phosphorus',
  silver: 'silver',
  'aluminium-silicon': 'aluminium',
  'zinc-aluminium': 'aluminium',
};

/** What an approval for a filler has to cover; null for a filler of no table. */
export function scopeOf(filler: string): ApprovalScope | null {
  const family = findFiller(filler)?.family;
  return family ? SCOPES[family] : null;
}

interface Approved {
  readonly scope: ApprovalScope;
  /** The last day it holds, as 2027-03-31. */
  readonly validUntil: string;
}

/**
 * The approval that counts for a flame: of the filler's family, on the day it was lit.
 *
 * @param approvals  of whoever lit it
 * @param filler     its designation
 * @param at         when it was lit, ISO 8601 in UTC
 * @returns          the one that covers it longest; null where none does
 */
export function approvalFor(approvals: readonly Approved[], filler: string, at: string): Approved | null {
  const needed = scopeOf(filler);
  const covers = approvals.filter(({ scope, validUntil }) => scope === needed && validUntil >= at.slice(0, 10));
  const [best] = [...covers].sort((a, b) => b.validUntil.localeCompare(a.validUntil));
  return best ? { scope: best.scope, validUntil: best.validUntil } : null;
}
