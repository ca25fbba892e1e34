import { ROUTES, type Body, type Given, type Params, type RouteName, type Streamed } from '@kesto/contract';
import { bodySchemaOf, check } from '@kesto/contract/schemas';
import { SUMMARIES } from '@kesto/contract/summaries';
import type { Request, RequestHandler, Response, Router } from 'express';
import { AppError } from '../errors';
import { signedAs, type Platform, type SignedIn } from './context';

/** What a handler gives back: the route's own answer, or nothing where it sends a stream by itself. */
export type Reply<Name extends RouteName> = Given<Name> extends Streamed ? void : { readonly status?: number; readonly body: Given<Name> };

export interface Call<Name extends RouteName> {
  readonly body: Body<Name>;
  readonly params: Params<Name>;
  readonly request: Request;
  readonly response: Response;
}

/** Finds out who calls; answers null for nobody. */
export type Authenticate = (request: Request) => Promise<SignedIn['me'] | null>;

type Handle<Name extends RouteName, Who> = (call: Call<Name> & Who) => Promise<Reply<Name>>;

export interface Registrar {
  readonly open: <Name extends RouteName>(name: Name, handle: Handle<Name, object>) => void;
  readonly signed: <Name extends RouteName>(name: Name, handle: Handle<Name, SignedIn>) => void;
}

/** Registers the route of a name: roles and body are checked before its handler sees the call. */
export function registrar(router: Router, platform: Platform, authenticate: Authenticate): Registrar {
  const add = <Name extends RouteName>(name: Name, handle: (call: Call<Name>, signed: SignedIn | null) => Promise<Reply<Name>>) => {
    const route = ROUTES[name];
    const handler: RequestHandler = async (request, response) => {
      const began = performance.now();
      response.on('finish', () => platform.metrics.answered(name, response.statusCode, (performance.now() - began) / 1000));
      const signed = route.roles === 'anyone' ? null : await signedFor(name, request);
      const params = request.params as unknown as Params<Name>; // cast: Express matched the very path these are named in
      const answer = await handle({ body: checkedBody(name, request.body), params, request, response }, signed);
      if (answer) response.status(answer.status ?? 200).json(answer.body ?? {});
    };
    router[route.method](route.path, handler);
  };

  async function signedFor(name: RouteName, request: Request): Promise<SignedIn> {
    const me = await authenticate(request);
    if (!me) throw new AppError('SIGNED_OUT', 'You are signed out. Sign in again; what you entered is kept.');
    checkRole(name, me);
    return signedAs(platform, me);
  }

  return {
    open: (name, handle) => add(name, (call) => handle(call)),
    signed: (name, handle) =>
      add(name, (call, signed) => {
        if (!signed) throw new AppError('SIGNED_OUT', 'You are signed out.');
        return handle({ ...call, ...signed });
      }),
  };
}

/** Refuses whoever's role may not use a route. */
export function checkRole(name: RouteName, { person }: SignedIn['me']): void {
  const { roles } = ROUTES[name];
  if (roles !== 'anyone' && !roles.includes(person.role))
    throw new AppError('FORBIDDEN', `${person.role} may not do this: ${SUMMARIES[name].toLowerCase()}`);
}

/** The body of a route, as its schema takes it; refused by the name of what is wrong in it. */
export function checkedBody<Name extends RouteName>(name: Name, body: unknown): Body<Name> {
  const schema = bodySchemaOf(name);
  if (!schema) return undefined as Body<Name>; // cast: routes without a schema carry no JSON body
  const checked = check(schema, body ?? {});
  if (!checked.ok) throw new AppError('INVALID_INPUT', checked.problem.message, checked.problem.field);
  return checked.value as Body<Name>; // cast: the schema has accepted it
}
