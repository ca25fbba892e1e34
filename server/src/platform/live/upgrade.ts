import type { IncomingMessage } from 'node:http';

/** Why a connection is not let in, as the status it is answered with; null: it is. */
export type UpgradeRefusal = 400 | 403 | 404 | 429 | null;

/** Who may speak at a path: an instrument, which is no browser, or one of our own pages. */
export type Caller = 'instrument' | 'page';

export interface Judged {
  /** Who speaks at the path that was asked; null: nobody is heard there. */
  readonly caller: Caller | null;
  /** Whether this server goes by the name in the Host header. */
  readonly isOwnHost: (host: string) => boolean;
  /** Connections that stand: of the same address to the same path, and in all. */
  readonly standing: { readonly ofAddress: number; readonly inAll: number };
}

/** Connections of one address, and in all: behind a proxy every phone comes from one. */
const MOST = { ofAddress: { instrument: 40, page: 150 }, inAll: 400 } as const;

const isOfHost = (origin: string | undefined, host: string): boolean =>
  origin !== undefined && URL.canParse(origin) && new URL(origin).host === host;

/** A browser says by its Origin whose page it shows; what has none is no browser. */
function fits(caller: Caller, { origin, cookie, host = '' }: IncomingMessage['headers']): boolean {
  return caller === 'page' ? isOfHost(origin, host) && cookie !== undefined : origin === undefined && cookie === undefined;
}

/**
 * Judged before it is answered: the path, the name this server goes by, how many there are, and who is heard there. Behind a proxy the
 * Host header is the public one, as it is for every request.
 */
export function judgeUpgrade(
  { url = '', headers }: Pick<IncomingMessage, 'url' | 'headers'>,
  { caller, isOwnHost, standing }: Judged,
): UpgradeRefusal {
  if (caller === null) return 404;
  if (url.includes('?') || !isOwnHost(headers.host ?? '')) return 400;
  if (!fits(caller, headers)) return 403;
  return standing.ofAddress >= MOST.ofAddress[caller] || standing.inAll >= MOST.inAll ? 429 : null;
}
