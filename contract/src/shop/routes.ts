import type { Schools } from '@kesto/core';
import { get, put } from '../route';
import { EVERYBODY, LEADS, MAKERS } from '../session/types';
import type { VanStock, VanUse } from './types';

export const SHOP_ROUTES = {
  van: get<VanStock>()('/api/van', { summary: 'Rods, torch and gas on the van', roles: EVERYBODY }),
  vanUse: get<VanUse>()('/api/van/use', { summary: 'What joints took since the van was counted', roles: EVERYBODY }),
  putVan: put<VanStock, VanStock>()('/api/van', { summary: 'What is on the van, counted again', roles: MAKERS }),
  getSchools: get<Schools>()('/api/schools', { summary: 'The shop’s answers where practitioners differ', roles: EVERYBODY }),
  putSchools: put<Schools, Schools>()('/api/schools', { summary: 'Choose the shop’s schools', roles: LEADS }),
} as const;
