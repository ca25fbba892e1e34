import { execFile } from 'node:child_process';
import pLimit from 'p-limit';
import { AppError, type AppErrorCode } from '../../platform/errors';
import type { CleanPhoto, PhotoCleaner } from './photos.service';

const AT_ONCE = 2;
const MOST_WAITING = 40;
const LONGEST_MS = 20_000;
const MOST_BYTES = 8_000_000;
const LINE_END = 10;

type Head =
  Omit<CleanPhoto, 'bytes'> | { readonly refused: { readonly code: AppErrorCode; readonly message: string; readonly field?: string } };

function answered(output: Buffer): CleanPhoto {
  const end = output.indexOf(LINE_END);
  const head = JSON.parse(output.subarray(0, end).toString('utf8')) as Head; // cast: written by our own worker
  if ('refused' in head) throw new AppError(head.refused.code, head.refused.message, head.refused.field);
  return { ...head, bytes: output.subarray(end + 1) };
}

/** A picture that ends its worker (memory, time, a fault in a decoder) has harmed nothing else. */
const notRead = (cause: unknown) =>
  new AppError('NOT_AN_IMAGE', 'The photo could not be read: it may be damaged, or far larger than a camera makes.', 'photo', { cause });

function work(worker: string, sent: Buffer): Promise<CleanPhoto> {
  return new Promise((resolve, reject) => {
    const options = { encoding: 'buffer', timeout: LONGEST_MS, killSignal: 'SIGKILL', maxBuffer: MOST_BYTES } as const;
    const child = execFile(process.execPath, [worker], options, (error, output) => {
      if (error) return reject(notRead(error));
      try {
        resolve(answered(output));
      } catch (refused) {
        reject(refused as Error); // cast: answered() throws AppErrors
      }
    });
    child.stdin?.on('error', () => undefined); // the worker's end is told by its exit
    child.stdin?.end(sent);
  });
}

export interface PhotoQueue {
  readonly clean: PhotoCleaner;
  /** How many wait for their turn. */
  readonly waiting: () => number;
}

/** Photos in a queue of their own, each decoded by a process of its own, two at a time. */
export function photoQueue(worker: string): PhotoQueue {
  const limit = pLimit(AT_ONCE);
  const clean: PhotoCleaner = (sent) => {
    if (limit.pendingCount >= MOST_WAITING) {
      throw new AppError('UNAVAILABLE', 'Many photos are arriving at once. This one is kept here; it is sent again shortly.', 'photo', {
        retryAfterS: 10,
      });
    }
    return limit(() => work(worker, sent));
  };
  return { clean, waiting: () => limit.pendingCount };
}
