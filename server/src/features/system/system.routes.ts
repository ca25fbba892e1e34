import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { demoPeople } from '../demo';
import { health } from './health';
import { openApiDescription } from './openapi';

export function systemRoutes(routes: Registrar, platform: Platform): void {
  routes.open('health', async () => ({ body: await health(platform.store, platform.dataDir) }));
  routes.open('openapi', async () => ({ body: openApiDescription() }));
  routes.open('demoPeople', async () => ({ body: platform.demo ? demoPeople() : [] }));
}
