import { put } from '../route';
import { EVERYBODY } from '../session/types';
import type { EntryAnswers, SendEntriesRequest } from './types';

export const ENTRIES_ROUTES = {
  sendEntries: put<SendEntriesRequest, EntryAnswers>()('/api/entries', {
    summary: 'Several entries in their order, each with its own answer and by the rights of its own route',
    roles: EVERYBODY,
  }),
} as const;
