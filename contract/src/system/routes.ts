import { get } from '../route';
import type { Health } from './types';

export const SYSTEM_ROUTES = {
  health: get<Health>()('/api/health', 'anyone'),
  openapi: get<object>()('/api/openapi.json', 'anyone'),
} as const;
