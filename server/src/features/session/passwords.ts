import { randomBytes } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { hash, verify } from '@node-rs/argon2';
import { AppError } from '../../platform/errors';
import { caller } from './caller';
import { fairQueue, QueueFull, type FairQueueOptions } from './fairQueue';

/** Argon2id as OWASP recommends it: 19 MiB, two passes. */
const HASHING = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;
/** One at a time for each two cores: the others go on serving. */
const QUEUE: FairQueueOptions = { atOnce: Math.max(1, Math.floor(availableParallelism() / 2)), mostWaiting: 64, mostOfOne: 40 };
/** A full queue is worked off within this. */
const RETRY_AFTER_S = 5;

export const hashPassword = (password: string) => hash(password, HASHING);

/** A hash no password has, so that an unknown login takes as long as a wrong password. */
const NOBODY = hashPassword(randomBytes(16).toString('hex'));

/** Hashing and comparing passwords, bounded: a flood of sign-ins holds nobody up who is at work. */
export interface Passwords {
  readonly hash: (password: string, address: string) => Promise<string>;
  /** The same work where nobody is known by that name. */
  readonly fits: (passwordHash: string | undefined, password: string, address: string) => Promise<boolean>;
  /** Somebody signed in from here: this address goes first from now on. */
  readonly know: (address: string) => void;
}

const MOST_KNOWN = 10_000;

export function queuedPasswords(options: FairQueueOptions = QUEUE): Passwords {
  const inTurn = fairQueue(options);
  const known = new Set<string>();
  const dear = async <T>(address: string, work: () => Promise<T>): Promise<T> => {
    const from = caller(address);
    try {
      return await inTurn({ from, goesFirst: known.has(from) }, work);
    } catch (error) {
      if (!(error instanceof QueueFull)) throw error;
      throw new AppError('BUSY', 'Too many are signing in at once. Try again in a few seconds.', undefined, { retryAfterS: RETRY_AFTER_S });
    }
  };
  return {
    hash: (password, address) => dear(address, () => hashPassword(password)),
    fits: (passwordHash, password, address) => dear(address, async () => verify(passwordHash ?? (await NOBODY), password)),
    know(address) {
      if (known.size >= MOST_KNOWN) known.clear();
      known.add(caller(address));
    },
  };
}
