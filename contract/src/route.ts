import type { Role } from './session/types';

export type Method = 'get' | 'put' | 'post' | 'delete';

/** Who may call; `anyone` needs no sign-in. */
export type Callers = readonly Role[] | 'anyone';

/** An answer that is sent as a file or a stream of its own; who asks by fetch reads it as T. */
export interface Streamed<T = unknown> {
  readonly streamed: T;
}

/** One route of the API: its path written once, and what it carries, as types alone. */
export interface Route<Path extends string = string, Body = unknown, Answer = unknown> {
  readonly method: Method;
  readonly path: Path;
  readonly roles: Callers;
  /** Never there: body and answer for whoever reads the types. */
  readonly carries?: { readonly body: Body; readonly answer: Answer };
}

/** What a route without a body carries. */
export type NoBody = undefined;

const made =
  <Body, Answer>(method: Method) =>
  <const Path extends string>(path: Path, roles: Callers): Route<Path, Body, Answer> => ({ method, path, roles });

export const get = <Answer>() => made<NoBody, Answer>('get');
export const put = <Body, Answer>() => made<Body, Answer>('put');
export const post = <Body, Answer>() => made<Body, Answer>('post');
export const remove = <Answer>() => made<NoBody, Answer>('delete');

export type ParamsOf<Path extends string> = Path extends `${string}:${infer Name}/${infer Rest}`
  ? Name | ParamsOf<`/${Rest}`>
  : Path extends `${string}:${infer Name}`
    ? Name
    : never;

/** The path with its parameters put in, each as one segment. */
export const pathOf = <Path extends string>(path: Path, params: Readonly<Record<ParamsOf<Path>, string>>): string =>
  path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent((params as Record<string, string>)[name] ?? '')); // cast: the names are those of this path
