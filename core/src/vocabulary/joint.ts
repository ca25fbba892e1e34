export const MALE_FORMS = ['tube', 'capillary', 'component-stub', 'reducer'] as const;
export const FORMS = ['tube', 'capillary', 'fitting-cup', 'swaged-socket', 'component-stub', 'crimped-stub', 'saddle', 'reducer'] as const;
export type Form = (typeof FORMS)[number];

export const HISTORY_STATES = ['new', 'brazed', 'soft-soldered'] as const;
export type HistoryState = (typeof HISTORY_STATES)[number];
export const REMOVALS = ['ground-off', 'cut-off'] as const;
/** How the old filler was taken away, where it was. */
export type Removal = (typeof REMOVALS)[number];
export type History =
  HistoryState | { readonly state: HistoryState; readonly filler?: string; readonly removed?: Removal; readonly year?: number };

export const POSITIONS = ['horizontal', 'up', 'down', 'overhead'] as const;
export type Position = (typeof POSITIONS)[number];

export const ACCESSES = ['open', 'tight', 'bench'] as const;
export type Access = (typeof ACCESSES)[number];

/** Which way from the joint: along the male tube (taken when not said), the part that takes it, or a branch's run. */
export const ALONGS = ['male', 'female', 'run'] as const;
export type Along = (typeof ALONGS)[number];
