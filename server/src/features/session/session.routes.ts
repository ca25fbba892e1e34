import type { SignInRequest } from '@kesto/contract';
import { ROUTES } from '@kesto/contract/schemas';
import type { UnitPreferences } from '@kesto/core';
import type { Request, Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import { setUnits } from './session.repository.typeorm';
import { COOKIE, SESSION_MS, signIn, signOut } from './session.service';

const TRIES = 20;
const WINDOW_MS = 5 * 60 * 1000;

/** Failed sign-ins from one address; good ones do not count. */
function tries() {
  const limiter = rateLimit({
    windowMs: WINDOW_MS,
    limit: TRIES,
    skipSuccessfulRequests: true,
    handler: (_request, _response, next) => next(new AppError('TOO_MANY_TRIES', 'Too many tries to sign in. Wait five minutes.')),
  });
  return (request: Request, response: Response) =>
    new Promise<void>((resolve, reject) => {
      void limiter(request, response, (error?: unknown) =>
        error ? reject(error instanceof Error ? error : new Error(String(error))) : resolve(),
      );
    });
}

export function sessionRoutes(routes: Registrar, platform: Platform): void {
  const limited = tries();
  const cookie = { httpOnly: true, sameSite: 'strict', path: '/', maxAge: SESSION_MS } as const;

  routes.open<SignInRequest>(ROUTES.signIn, async ({ body, request, response }) => {
    await limited(request, response);
    response.cookie(COOKIE, await signIn(platform, body), { ...cookie, secure: request.secure });
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
