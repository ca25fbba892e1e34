/** Something that is changed step by step, with what it was before and what was taken back. */
export interface History<Draft> {
  readonly past: readonly Draft[];
  readonly present: Draft;
  readonly future: readonly Draft[];
  /** What the last step belonged to: letters of one field, or the drag of one handle, are undone as one. */
  readonly move: string | null;
}

const STEPS_BACK = 50;

export const begun = <Draft>(present: Draft): History<Draft> => ({ past: [], present, future: [], move: null });

/** After one more step; those of one move make one. */
export function stepped<Draft>({ past, present, move }: History<Draft>, next: Draft, of: string | null): History<Draft> {
  const goesOn = of !== null && of === move && past.length > 0;
  return { past: goesOn ? past : [...past, present].slice(-STEPS_BACK), present: next, future: [], move: of };
}

/** Null where there is nothing to take back. */
export function undone<Draft>({ past, present, future }: History<Draft>): History<Draft> | null {
  const [before] = past.slice(-1);
  return before === undefined ? null : { past: past.slice(0, -1), present: before, future: [present, ...future], move: null };
}

/** Null where nothing was taken back. */
export function redone<Draft>({ past, present, future }: History<Draft>): History<Draft> | null {
  const [next, ...rest] = future;
  return next === undefined ? null : { past: [...past, present], present: next, future: rest, move: null };
}
