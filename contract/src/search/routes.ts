import { get } from '../route';
import { EVERYBODY } from '../session/types';
import type { Found } from './types';

export const SEARCH_ROUTES = {
  search: get<Found>()('/api/search/:text', EVERYBODY),
} as const;
