import { isFlame, type EntryKind } from '@kesto/core';

/** What is to be said of an entry beside what it says. */
export interface EntryRemarks {
  readonly isOutOfTurn: boolean;
  /** Why a later entry struck it out; null where none did. */
  readonly struckOut: string | null;
  readonly values: Readonly<Record<string, unknown>>;
  readonly kind: EntryKind;
  /** Words of it are no longer kept. */
  readonly isErased: boolean;
}

/** Each in a few words; none where nothing is to be said. */
export function entryRemarks({ isOutOfTurn, struckOut, values, kind, isErased }: EntryRemarks): readonly string[] {
  return [
    ...(struckOut === null ? [] : [`struck out: ${struckOut}`]),
    ...(isOutOfTurn && struckOut === null ? ['out of turn: a lead says which counts'] : []),
    ...(isFlame(kind) && values['torch'] === 'locked' ? ['lit while the torch was locked'] : []),
    ...(isFlame(kind) && values['approval'] === null ? ['no approval covered this filler on that day'] : []),
    ...(isErased ? ['words erased'] : []),
  ];
}
