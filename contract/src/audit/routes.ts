import { get } from '../route';
import { ADMINS } from '../session/types';
import type { AuditPage } from './types';

export const AUDIT_ROUTES = {
  audit: get<AuditPage>()('/api/audit/:before', ADMINS),
} as const;
