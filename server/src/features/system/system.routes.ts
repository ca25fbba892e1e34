import { ROUTES } from '@kesto/contract/schemas';
import { ENGINE_VERSION } from '@kesto/core';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { demoPeople } from '../demo/people';
import { openApiDescription } from './openapi';

export function systemRoutes(routes: Registrar, platform: Platform): void {
  routes.open(ROUTES.health, async () => {
    await platform.db.query('select 1');
    return { body: { ok: true, engineVersion: ENGINE_VERSION } };
  });
  routes.open(ROUTES.openapi, async () => ({ body: openApiDescription() }));
  routes.open(ROUTES.demoPeople, async () => ({ body: platform.demo ? demoPeople() : [] }));
}
