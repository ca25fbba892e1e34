import type { IncomingMessage } from 'node:http';

/** Why a connection is not let in, as the status it is answered with; null: it is. */
export type UpgradeRefusal = 400 | 403 | 404 | 429 | null;

export interface Judged {
  /** The one path that is listened at. */
  readonly path: string;
  /** Whether this server goes by the name in the Host header. */
  readonly isOwnHost: (host: string) => boolean;
  /** Connections that stand, of the same address and in all. */
  readonly standing: { readonly ofAddress: number; readonly inAll: number };
}

/** Connections of one address, and in all. */
const MOST = { ofAddress: 40, inAll: 400 } as const;

/**
 * Judged before it is answered: the path, the name this server goes by, how many there are; a browser is none of those that are let in
 * here, and says so by its Origin.
 */
export function judgeUpgrade(
  { url = '', headers }: Pick<IncomingMessage, 'url' | 'headers'>,
  { path, isOwnHost, standing }: Judged,
): UpgradeRefusal {
  if (url.split('?')[0] !== path) return 404;
  if (url !== path || !isOwnHost(headers.host ?? '')) return 400;
  if (headers.origin !== undefined || headers.cookie !== undefined) return 403;
  return standing.ofAddress >= MOST.ofAddress || standing.inAll >= MOST.inAll ? 429 : null;
}
