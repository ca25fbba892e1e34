import { accountOf } from './loginsOf';
import type { Done } from '@kesto/contract';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { openSession } from './openSession';
import { COOKIE, signOut } from './session.service';
import { triesOf } from './tries';

const DONE: Done = { ok: true };

export function sessionRoutes(routes: Registrar, platform: Platform): void {
  const tries = triesOf(platform);

  routes.open('signIn', async ({ body, request, response }) => {
    await tries.guard(accountOf(body.login), request.ip ?? '', () => openSession(platform, body, { request, response }));
    return { status: 201, body: DONE };
  });
  routes.signed('me', async ({ me }) => ({ body: me }));
  routes.signed('signOut', async ({ request, response }) => {
    await signOut(platform, request);
    response.clearCookie(COOKIE, { path: '/' });
    return { body: DONE };
  });
  routes.signed('putUnits', async ({ body, me, inShop }) => {
    await inShop(({ people }) => people.change(me.person.id, { units: body }));
    return { body: { ...me, units: body } };
  });
}
