import { RateLimiterMemory } from 'rate-limiter-flexible';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { caller } from './caller';

/** Wrong tries are forgotten after this. */
const WINDOW_S = 15 * 60;
/** As long as a timer can wait. */
const KNOWN_S = 20 * 24 * 3_600;

interface Slowness {
  /** How many wrong tries are free. */
  readonly free: number;
  /** The longest wait after one more. */
  readonly longestS: number;
}
const PAIR: Slowness = { free: 5, longestS: 60 };
const ACCOUNT: Slowness = { free: 20, longestS: 30 };
/** An office signs in at once from one address: what is under way counts as wrong until it is right. */
const ADDRESS: Slowness = { free: 40, longestS: 60 };
/** Nobody types so many codes wrong; whoever guesses is alone with it. */
const CODES: Slowness = { free: 10, longestS: 60 };

const memory = (duration: number) => new RateLimiterMemory({ points: 1, duration });

/** One count of wrong tries that makes each next one wait longer: 1, 2, 4 ... seconds. */
function slowing({ free, longestS }: Slowness) {
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

function waitOr(seconds: readonly number[], what: string): void {
  const wait = Math.ceil(Math.max(...seconds));
  if (wait > 0) throw new AppError('TOO_MANY_TRIES', `Too many wrong ${what}. Wait ${wait} s.`, undefined, { retryAfterS: wait });
}

/** Whether a try was looked at and found wrong; a server that was too busy says nothing of it. */
const wasLookedAt = (error: unknown) => error instanceof AppError && error.code !== 'BUSY' && error.code !== 'UNAVAILABLE';

export interface SignInTries {
  /** The work of one try: counted before it begins, so that a hundred at once are a hundred; refused while one must wait. */
  readonly guard: <T>(login: string, address: string, work: () => Promise<T>) => Promise<T>;
}

/**
 * Slows guessing, locks nobody out: by account and address together, by address, and more gently by account alone. An address
 * that this account signed in from within the last weeks waits for its own wrong tries alone.
 */
export function signInTries(refused: () => void): SignInTries {
  const pairs = slowing(PAIR);
  const accounts = slowing(ACCOUNT);
  const addresses = slowing(ADDRESS);
  const known = memory(KNOWN_S);

  return {
    async guard(login, address, work) {
      const account = login.toLowerCase();
      const from = caller(address);
      const pair = `${account} ${from}`;
      const isKnown = (await known.get(pair)) !== null;
      const wider = isKnown ? [] : [await accounts.secondsToWait(account), await addresses.secondsToWait(from)];
      waitOr([await pairs.secondsToWait(pair), ...wider], 'tries to sign in');
      await pairs.count(pair);
      if (!isKnown) await accounts.count(account);
      await addresses.count(from);
      const giveBack = async () => {
        if (!isKnown) await accounts.uncount(account);
        await addresses.uncount(from);
      };
      try {
        const done = await work();
        await pairs.forget(pair);
        await giveBack();
        await known.set(pair, 1, KNOWN_S);
        return done;
      } catch (error) {
        if (!wasLookedAt(error)) {
          await pairs.uncount(pair);
          await giveBack();
        } else refused();
        throw error;
      }
    },
  };
}

export interface CodeTries {
  readonly guard: <T>(address: string, work: () => Promise<T>) => Promise<T>;
}

/** Wrong codes slow the address they come from and nobody else; a right one forgets them. */
export function codeTries(refused: () => void): CodeTries {
  const addresses = slowing(CODES);
  return {
    async guard(address, work) {
      const from = caller(address);
      waitOr([await addresses.secondsToWait(from)], 'codes');
      await addresses.count(from);
      try {
        const done = await work();
        await addresses.forget(from);
        return done;
      } catch (error) {
        // Only a code that nobody knows is a guess: a name that is taken, or a password too short, is a person typing.
        const isGuess = error instanceof AppError && error.code === 'NOT_FOUND';
        if (isGuess) refused();
        else await addresses.uncount(from);
        throw error;
      }
    },
  };
}

const byPlatform = new WeakMap<Platform, SignInTries>();
/** One count for everything that takes a password: a second way in is not a second chance. */
export function triesOf(platform: Platform): SignInTries {
  const before = byPlatform.get(platform);
  if (before) return before;
  const tries = signInTries(() => platform.metrics.refused('password'));
  byPlatform.set(platform, tries);
  return tries;
}
