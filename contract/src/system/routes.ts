import { get } from '../route';
import type { Health } from './types';

export const SYSTEM_ROUTES = {
  health: get<Health>()('/api/health', { summary: 'Is the server up, and its database', roles: 'anyone' }),
  openapi: get<object>()('/api/openapi.json', { summary: 'This description', roles: 'anyone' }),
} as const;
