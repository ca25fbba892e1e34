import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { demoPeople } from '../demo';
import { health } from './health';
import { openApiDescription } from './openapi';

export function systemRoutes(routes: Registrar, platform: Platform): void {
  routes.open('health', async () => {
    const body = await health(platform);
    return { status: body.ok ? 200 : 503, body };
  });
  routes.open('openapi', async () => ({ body: openApiDescription() }));
  routes.open('demoPeople', async () => ({ body: platform.demo ? demoPeople() : [] }));
}
