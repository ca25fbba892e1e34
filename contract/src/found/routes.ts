import { get, type Streamed } from '../route';
import { EVERYBODY } from '../session/types';
import type { FoundPage } from './types';

export const FOUND_ROUTES = {
  found: get<FoundPage>()('/api/found/:asked', {
    summary: 'Joints by tag, machine, person, filler, lot, day and how they stand',
    roles: EVERYBODY,
  }),
  foundCsv: get<Streamed>()('/api/found/:asked/joints.csv', { summary: 'The same joints as a table', roles: EVERYBODY }),
} as const;
