import type { Pairing } from '@kesto/contract';
import { LIVE_PATH, PAIRING_MINUTES } from '@kesto/contract';
import { LRUCache } from 'lru-cache';
import { codeHash, newCode, readable } from '../people';

/** Whom a code lets in, and where. */
export interface PairingFor {
  readonly shopId: string;
  readonly jobId: string;
  readonly holdId: string;
  /** Who made the code. */
  readonly by: string;
}

/** Codes that wait for their instrument: five minutes, once. They live in the process: a restart asks for another. */
export interface Pairings {
  readonly make: (whom: PairingFor, now: Date) => Pairing;
  /** Null where it is not known, was used, or is out of date. */
  readonly use: (code: string) => PairingFor | null;
}

const MOST_WAITING = 1000;

export function pairings(): Pairings {
  const waiting = new LRUCache<string, PairingFor>({ max: MOST_WAITING, ttl: PAIRING_MINUTES * 60_000 });
  return {
    make: (whom, now) => {
      const code = newCode();
      waiting.set(codeHash(code), whom);
      return { code: readable(code), until: new Date(now.getTime() + PAIRING_MINUTES * 60_000).toISOString(), path: LIVE_PATH };
    },
    use: (code) => {
      const hash = codeHash(code.toUpperCase().replace(/[^0-9A-Z]/g, ''));
      const whom = waiting.get(hash) ?? null;
      waiting.delete(hash);
      return whom;
    },
  };
}
