import {
  BEHALF_HEADER,
  CLOCK_HEADER,
  MADE_FROM_HEADER,
  pathOf,
  PERSON_HEADER,
  ROUTES,
  type Answer,
  type ApiErrorBody,
  type EntryRouteName,
  type RouteName,
} from '@kesto/contract/api';
import type { Outcome } from './command';
import type { KeptCommand } from './kept';

const LONGEST_MS = 60_000;

type ToPost = Pick<KeptCommand, 'params' | 'body' | 'file' | 'by' | 'onBehalfOf' | 'madeFrom'> & { readonly route: RouteName };

/** Null for a write of a route that this version does not know. */
function asRequest({ route, params, body, file, by, onBehalfOf, madeFrom }: ToPost): Request | null {
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

type ErrorOf = Omit<ApiErrorBody['error'], 'requestId'>;

async function errorOf(response: Response): Promise<ErrorOf> {
  const body = (await response.json().catch(() => null)) as ApiErrorBody | null; // cast: every error of the API has this shape
  return body?.error ?? { code: '', message: `The server answered ${response.status}.` };
}

const SIGNED_OUT = 401;
/** Not now, says the server: too slow, too early, too many, or it fails. What it says of the request itself is a refusal. */
const isPassing = (status: number) => [408, 425, 429].includes(status) || status >= 500;

const TAKEN: Outcome = { kind: 'taken' };
const NO_ANSWER: Outcome = { kind: 'later', message: null };

/** What an error leads to. */
function outcomeOfError(status: number, { code, message, field, details }: ErrorOf): Outcome {
  if (status === SIGNED_OUT) return { kind: 'signed-out' };
  if (isPassing(status)) return { kind: 'later', message };
  if (code === 'OTHER_PERSON') return { kind: 'other-person', message, signedIn: details?.signedIn ?? null };
  if (code === 'CHANGED' && details?.hash !== undefined) return { kind: 'changed', stands: details.stands, hash: details.hash };
  return { kind: 'refused', message, field: field ?? null };
}

/** What each answer leads to. */
const outcomeOf = async (response: Response): Promise<Outcome> =>
  response.ok ? TAKEN : outcomeOfError(response.status, await errorOf(response));

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

type ClockSeen = (aheadMs: number) => void;
const unseen: ClockSeen = () => undefined;

/** The server's answer; null where nobody answered, undefined where this version cannot send it. */
async function answerTo(toPost: ToPost, clockSeen: ClockSeen): Promise<Response | null | undefined> {
  let request: Request | null;
  try {
    request = asRequest(toPost);
  } catch {
    request = null; // what a former or later version kept, and this one cannot even write down
  }
  if (!request) return undefined;
  const asked = Date.now();
  const response = await fetch(request).catch(() => null);
  const ahead = response && aheadOf(response, asked);
  if (ahead !== null) clockSeen(ahead);
  return response;
}

/** Sends one command; its id makes a second try the same write. */
export async function post(command: KeptCommand, clockSeen: ClockSeen = unseen): Promise<Outcome> {
  const response = await answerTo(command, clockSeen);
  if (response === undefined) return { kind: 'set-aside' };
  return response ? outcomeOf(response) : NO_ANSWER;
}

/** Sends several entries of one person in one request: what becomes of each that the server tried; null where it will not take them together. */
export async function postTogether(commands: readonly KeptCommand[], clockSeen: ClockSeen = unseen): Promise<readonly Outcome[] | null> {
  const [first] = commands;
  if (!first) return null;
  const entries = commands.map(({ route, params, body }) => ({ route: route as EntryRouteName, params, body })); // cast: entries alone go together
  const { by, onBehalfOf } = first;
  const response = await answerTo(
    { route: 'sendEntries', params: {}, body: { entries }, by, ...(onBehalfOf ? { onBehalfOf } : {}) },
    clockSeen,
  );
  if (!response) return [NO_ANSWER];
  if (!response.ok) {
    const outcome = await outcomeOf(response);
    return outcome.kind === 'refused' ? null : [outcome];
  }
  const told = (await response.json().catch(() => null)) as Answer<'sendEntries'> | null; // cast: as the route answers
  if (!told) return [NO_ANSWER];
  return told.answers.length > 0 ? told.answers.map(({ status, error }) => (error ? outcomeOfError(status, error) : TAKEN)) : null;
}
