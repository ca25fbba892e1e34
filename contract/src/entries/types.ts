import type { ApiErrorBody } from '../system/types';

/** What a person says of a joint or a job: signed by their device before it leaves it, and sent together where several wait. */
export const ENTRY_ROUTE_NAMES = ['putEntry', 'putStageEntry', 'putJointComment', 'putJobComment'] as const;
export type EntryRouteName = (typeof ENTRY_ROUTE_NAMES)[number];

export const MOST_ENTRIES_AT_ONCE = 50;

/** One entry as its own route would take it. */
export interface SentEntry {
  readonly route: EntryRouteName;
  readonly params: Readonly<Record<string, string>>;
  readonly body: unknown;
}

export interface SendEntriesRequest {
  readonly entries: readonly SentEntry[];
}

/** What the entry's own route would have answered. */
export interface EntryAnswer {
  readonly status: number;
  readonly error?: ApiErrorBody['error'];
}

/** In the order of the entries; shorter where the server failed on one: those after it were not tried. */
export interface EntryAnswers {
  readonly answers: readonly EntryAnswer[];
}
