import { BEHALF_HEADER, CLOCK_HEADER, MADE_FROM_HEADER, pathOf, PERSON_HEADER, ROUTES, type ApiErrorBody } from '@kesto/contract/api';
import type { Outcome } from './command';
import type { KeptCommand } from './kept';

const LONGEST_MS = 60_000;

/** Null for a write of a route that this version does not know. */
function asRequest({ route, params, body, file, by, onBehalfOf, madeFrom }: KeptCommand): Request | null {
  const known = Object.hasOwn(ROUTES, route) ? ROUTES[route] : null;
  if (!known) return null;
  return new Request(new URL(pathOf<string>(known.path, params), globalThis.location?.origin ?? 'http://localhost'), {
    method: known.method.toUpperCase(),
    credentials: 'same-origin',
    headers: {
      'content-type': file ? 'application/octet-stream' : 'application/json',
      [PERSON_HEADER]: by,
      [CLOCK_HEADER]: new Date().toISOString(),
      ...(onBehalfOf ? { [BEHALF_HEADER]: onBehalfOf.id } : {}),
      ...(madeFrom ? { [MADE_FROM_HEADER]: madeFrom.hash } : {}),
    },
    body: file ?? JSON.stringify(body),
    signal: AbortSignal.timeout(LONGEST_MS),
  });
}

type ErrorOf = ApiErrorBody['error'];

async function errorOf(response: Response): Promise<Pick<ErrorOf, 'code' | 'message' | 'field' | 'details'>> {
  const body = (await response.json().catch(() => null)) as ApiErrorBody | null; // cast: every error of the API has this shape
  return body?.error ?? { code: '', message: `The server answered ${response.status}.` };
}

const SIGNED_OUT = 401;
/** Not now, says the server: too slow, too early, too many, or it fails. What it says of the request itself is a refusal. */
const isPassing = (status: number) => [408, 425, 429].includes(status) || status >= 500;

/** What each answer leads to. */
async function outcomeOf(response: Response): Promise<Outcome> {
  if (response.ok) return { kind: 'taken' };
  if (response.status === SIGNED_OUT) return { kind: 'signed-out' };
  const { code, message, field = null, details } = await errorOf(response);
  if (isPassing(response.status)) return { kind: 'later', message };
  if (code === 'OTHER_PERSON') return { kind: 'other-person', message, signedIn: details?.signedIn ?? null };
  if (code === 'CHANGED' && details?.hash !== undefined) return { kind: 'changed', stands: details.stands, hash: details.hash };
  return { kind: 'refused', message, field };
}

/**
 * How far this device's clock is ahead of the server's, to the second that HTTP tells; null where it tells none. The server's second lies
 * anywhere between asking and reading the answer, and a phone may sleep meanwhile: the least that is certain is told.
 */
function aheadOf(response: Response, askedMs: number): number | null {
  const server = Date.parse(response.headers.get('date') ?? '');
  if (Number.isNaN(server)) return null;
  const [least, most] = [askedMs - server, Date.now() - server];
  return least > 0 ? least : Math.min(0, most);
}

/** Sends one command; its id makes a second try the same write. */
export async function post(command: KeptCommand, clockSeen: (aheadMs: number) => void = () => undefined): Promise<Outcome> {
  let request: Request | null;
  try {
    request = asRequest(command);
  } catch {
    request = null; // what a former or later version kept, and this one cannot even write down
  }
  if (!request) return { kind: 'set-aside' };
  const asked = Date.now();
  const response = await fetch(request).catch(() => null);
  if (!response) return { kind: 'later', message: null };
  const ahead = aheadOf(response, asked);
  if (ahead !== null) clockSeen(ahead);
  return outcomeOf(response);
}
