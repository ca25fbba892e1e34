import { check, type RouteDescription } from '@kesto/contract/schemas';
import type { Request, RequestHandler, Response, Router } from 'express';
import { AppError } from '../errors';
import { signedAs, type Platform, type Signed } from './context';

declare module 'express-serve-static-core' {
  interface Request {
    signed?: Signed;
  }
}

export interface Answer {
  readonly status?: number;
  readonly body?: unknown;
}

export interface Call<Body = unknown> {
  readonly body: Body;
  readonly params: Readonly<Record<string, string>>;
  readonly request: Request;
  readonly response: Response;
}

/** Finds out who calls; answers null for nobody. */
export type Authenticate = (request: Request) => Promise<Signed['me'] | null>;

export interface Registrar {
  readonly open: <B>(route: RouteDescription, handle: (call: Call<B>) => Promise<Answer | void>) => void;
  readonly signed: <B>(route: RouteDescription, handle: (call: Call<B> & Signed) => Promise<Answer | void>) => void;
}

/** Registers a described route: roles and body are checked before its handler sees the call. */
export function registrar(router: Router, platform: Platform, authenticate: Authenticate): Registrar {
  const add = <B>(route: RouteDescription, handle: (call: Call<B>, signed: Signed | null) => Promise<Answer | void>) => {
    const handler: RequestHandler = async (request, response) => {
      const signed = route.roles === 'anyone' ? null : await signedFor(route, request);
      const call = { body: bodyFor<B>(route, request.body), params: request.params as Record<string, string>, request, response };
      const answer = await handle(call, signed);
      if (answer) response.status(answer.status ?? 200).json(answer.body ?? {});
    };
    router[route.method](route.path, handler);
  };

  async function signedFor(route: RouteDescription, request: Request): Promise<Signed> {
    const me = await authenticate(request);
    if (!me) throw new AppError('SIGNED_OUT', 'You are signed out. Sign in again; what you entered is kept.');
    if (route.roles !== 'anyone' && !route.roles.includes(me.person.role)) {
      throw new AppError('FORBIDDEN', `${me.person.role} may not do this: ${route.summary.toLowerCase()}`);
    }
    return signedAs(platform, me);
  }

  return {
    open: (route, handle) => add(route, (call) => handle(call as never)),
    signed: (route, handle) =>
      add(route, (call, signed) => {
        if (!signed) throw new AppError('SIGNED_OUT', 'You are signed out.');
        return handle({ ...call, ...signed } as never);
      }),
  };
}

function bodyFor<B>(route: RouteDescription, body: unknown): B {
  if (!route.body) return body as B; // cast: routes without a schema read no JSON body
  const checked = check(route.body, body ?? {});
  if (!checked.ok) throw new AppError('INVALID_INPUT', checked.problem.message, checked.problem.field);
  return checked.value as B; // cast: the schema has accepted it
}
