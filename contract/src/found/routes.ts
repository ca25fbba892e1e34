import { get, type Streamed } from '../route';
import { EVERYBODY } from '../session/types';
import type { FoundPage } from './types';

export const FOUND_ROUTES = {
  found: get<FoundPage>()('/api/found/:asked', EVERYBODY),
  foundCsv: get<Streamed>()('/api/found/:asked/joints.csv', EVERYBODY),
} as const;
