import { CLOCK_HEADER } from '@kesto/contract';
import type { Request } from 'express';
import type { Clock } from '../clock';

/** Now, and how far the server's clock is ahead of the sender's [s]: by the clock that the request says, null where it says none. */
export function clocked(request: Request, clock: Clock): { readonly now: Date; readonly offsetS: number | null } {
  const now = clock();
  const said = Date.parse(request.get(CLOCK_HEADER) ?? '');
  return { now, offsetS: Number.isNaN(said) ? null : (now.getTime() - said) / 1000 };
}
