import type { SignInRequest } from '@kesto/contract';
import { ROUTES } from '@kesto/contract/schemas';
import type { UnitPreferences } from '@kesto/core';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { setUnits } from './session.repository.typeorm';
import { COOKIE, SESSION_MS, signIn, signOut } from './session.service';
import { signInTries } from './tries';

export function sessionRoutes(routes: Registrar, platform: Platform): void {
  const tries = signInTries();
  const cookie = { httpOnly: true, sameSite: 'strict', path: '/', maxAge: SESSION_MS } as const;

  routes.open<SignInRequest>(ROUTES.signIn, async ({ body, request, response }) => {
    const address = request.ip ?? '';
    await tries.begin(body.login, address);
    const value = await signIn(platform, body);
    await tries.succeeded(body.login, address);
    response.cookie(COOKIE, value, { ...cookie, secure: request.secure });
    return { status: 201, body: { ok: true } };
  });
  routes.signed(ROUTES.me, async ({ me }) => ({ body: me }));
  routes.signed(ROUTES.signOut, async ({ request, response }) => {
    await signOut(platform, request);
    response.clearCookie(COOKIE, { path: '/' });
    return { body: { ok: true } };
  });
  routes.signed<UnitPreferences>(ROUTES.putUnits, async ({ body, me, inShop }) => {
    await inShop((shop) => setUnits(shop, me.person.id, body));
    return { body: { ...me, units: body } };
  });
}
