import { pathOf, ROUTES, type Body, type Params, type RouteName } from '@kesto/contract/api';

interface Call {
  readonly url: string;
  readonly method: string;
  readonly body?: unknown;
}

/** Where the route of that name stands, for what fetches by itself: a page to print, a picture, a file. */
export const addressOf = <Name extends RouteName>(name: Name, params: Params<Name>): string => pathOf<string>(ROUTES[name].path, params);

type Sent<Name extends RouteName> = Body<Name> extends undefined ? [] : [Body<Name>];

/** A request to the route of that name: path, method and body are the contract's. */
export function call<Name extends RouteName>(name: Name, params: Params<Name>, ...[body]: Sent<Name>): Call {
  const sent = { url: addressOf(name, params), method: ROUTES[name].method.toUpperCase() };
  return body === undefined ? sent : { ...sent, body };
}
