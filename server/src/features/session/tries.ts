import ipaddr from 'ipaddr.js';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { AppError } from '../../platform/errors';

/** Wrong tries are forgotten after this. */
const WINDOW_S = 15 * 60;
/** As long as a timer can wait. */
const KNOWN_S = 20 * 24 * 3_600;

/** How many wrong tries are free, and the longest wait after one more. */
const PAIR = { free: 5, longestS: 60 } as const;
const ACCOUNT = { free: 20, longestS: 30 } as const;

/** An address as one caller: an IPv6 network of 64 bits is one household. */
function caller(address: string): string {
  if (!ipaddr.isValid(address)) return address;
  const ip = ipaddr.process(address);
  return ip.kind() === 'ipv6' ? ip.toByteArray().slice(0, 8).join('.') : ip.toString();
}

const memory = (duration: number) => new RateLimiterMemory({ points: 1, duration });

/** One count of wrong tries that makes each next one wait longer: 1, 2, 4 ... seconds. */
function slowing({ free, longestS }: { free: number; longestS: number }) {
  const counted = memory(WINDOW_S);
  const waiting = memory(WINDOW_S);
  return {
    secondsToWait: async (key: string) => ((await waiting.get(key))?.msBeforeNext ?? 0) / 1000,
    count: async (key: string) => {
      const { consumedPoints } = await counted.penalty(key);
      if (consumedPoints > free) await waiting.block(key, Math.min(2 ** (consumedPoints - free - 1), longestS));
    },
    uncount: async (key: string) => void (await counted.reward(key)),
    forget: async (key: string) => {
      await counted.delete(key);
      await waiting.delete(key);
    },
  };
}

export interface Tries {
  /** Counts a try before it is looked at, so that a hundred at once are a hundred; refused while one must wait. */
  readonly begin: (login: string, address: string) => Promise<void>;
  readonly succeeded: (login: string, address: string) => Promise<void>;
}

/**
 * Slows guessing, locks nobody out: by account and address together, and more gently by account alone, which does not touch an
 * address that this account signed in from within the last weeks.
 */
export function signInTries(): Tries {
  const pairs = slowing(PAIR);
  const accounts = slowing(ACCOUNT);
  const known = memory(KNOWN_S);
  const pairOf = (login: string, address: string) => `${login.toLowerCase()} ${caller(address)}`;

  return {
    async begin(login, address) {
      const pair = pairOf(login, address);
      const account = login.toLowerCase();
      const isKnown = (await known.get(pair)) !== null;
      const waits = [await pairs.secondsToWait(pair), isKnown ? 0 : await accounts.secondsToWait(account)];
      const wait = Math.ceil(Math.max(...waits));
      if (wait > 0) {
        throw new AppError('TOO_MANY_TRIES', `Too many wrong tries to sign in. Wait ${wait} s.`, undefined, { retryAfterS: wait });
      }
      await pairs.count(pair);
      if (!isKnown) await accounts.count(account);
    },
    async succeeded(login, address) {
      const pair = pairOf(login, address);
      await pairs.forget(pair);
      if ((await known.get(pair)) === null) await accounts.uncount(login.toLowerCase());
      await known.set(pair, 1, KNOWN_S);
    },
  };
}
