import { pathOf, ROUTES, type ApiErrorBody } from '@kesto/contract/api';
import type { Outcome } from './command';
import type { KeptCommand } from './kept';

const LONGEST_MS = 60_000;
const SIGNED_OUT = 401;
/** Not now, says the server: too slow, too many, or it fails. What it says of the request itself is a refusal. */
const isPassing = (status: number) => status === 408 || status === 429 || status >= 500;

const asRequest = ({ route, params, body, file }: KeptCommand): Request =>
  new Request(new URL(pathOf<string>(ROUTES[route].path, params), globalThis.location?.origin ?? 'http://localhost'), {
    method: ROUTES[route].method.toUpperCase(),
    credentials: 'same-origin',
    headers: { 'content-type': file ? 'application/octet-stream' : 'application/json' },
    body: file ?? JSON.stringify(body),
    signal: AbortSignal.timeout(LONGEST_MS),
  });

async function errorOf(response: Response): Promise<{ message: string; field: string | null }> {
  const body = (await response.json().catch(() => null)) as ApiErrorBody | null; // cast: every error of the API has this shape
  return { message: body?.error.message ?? `The server answered ${response.status}.`, field: body?.error.field ?? null };
}

/** Sends one command; its id makes a second try the same write. */
export async function post(command: KeptCommand): Promise<Outcome> {
  const response = await fetch(asRequest(command)).catch(() => null);
  if (!response) return { kind: 'later', message: null };
  if (response.ok) return { kind: 'taken' };
  if (response.status === SIGNED_OUT) return { kind: 'signed-out' };
  const error = await errorOf(response);
  return isPassing(response.status) ? { kind: 'later', message: error.message } : { kind: 'refused', ...error };
}
