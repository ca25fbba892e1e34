import { put } from '../route';
import { EVERYBODY } from '../session/types';
import type { EntryAnswers, SendEntriesRequest } from './types';

export const ENTRIES_ROUTES = {
  sendEntries: put<SendEntriesRequest, EntryAnswers>()('/api/entries', EVERYBODY),
} as const;
