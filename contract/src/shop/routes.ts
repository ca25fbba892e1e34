import type { Schools } from '@kesto/core';
import { get, put } from '../route';
import { EVERYBODY, LEADS, MAKERS } from '../session/types';
import type { VanStock, VanUse } from './types';

export const SHOP_ROUTES = {
  van: get<VanStock>()('/api/van', EVERYBODY),
  vanUse: get<VanUse>()('/api/van/use', EVERYBODY),
  putVan: put<VanStock, VanStock>()('/api/van', MAKERS),
  getSchools: get<Schools>()('/api/schools', EVERYBODY),
  putSchools: put<Schools, Schools>()('/api/schools', LEADS),
} as const;
