import type { JointState, LookValues } from '@kesto/contract';
import type { EntryKind } from '@kesto/core';

export interface EntryFact {
  readonly kind: EntryKind;
  readonly values: Readonly<Record<string, unknown>>;
}

const AFTER: Partial<Record<EntryKind, JointState>> = {
  planned: 'planned',
  brazed: 'brazed',
  reworked: 'brazed',
  accepted: 'accepted',
  'sent back': 'sent back',
  'cut out': 'cut out',
};

const LOOKED: Readonly<Record<LookValues['result'], JointState>> = { pass: 'passed', rework: 'rework', 'cut out': 'cut out' };

/** Where a joint stands after its entries; notes and corrections do not move it. */
export function stateAfter(entries: readonly EntryFact[], hasPlan: boolean): JointState {
  return entries.reduce<JointState>(
    (state, entry) => {
      if (entry.kind === 'looked at') return LOOKED[(entry.values as unknown as LookValues).result]; // cast: the schema of this kind
      return AFTER[entry.kind] ?? state;
    },
    hasPlan ? 'planned' : 'not planned',
  );
}

const MAY_FOLLOW: Partial<Record<EntryKind, readonly JointState[]>> = {
  brazed: ['planned'],
  reworked: ['rework', 'sent back'],
  'looked at': ['brazed', 'passed'],
  accepted: ['passed'],
  'sent back': ['passed', 'brazed', 'accepted'],
};

/** What must have happened before an entry of this kind; null when it may follow. */
export function whyNot(kind: EntryKind, state: JointState): string | null {
  const allowed = MAY_FOLLOW[kind];
  if (!allowed || allowed.includes(state)) return null;
  return `“${kind}” cannot follow “${state}”: the joint must be ${allowed.join(' or ')}.`;
}
