import { Worker } from 'node:worker_threads';
import { AppError } from '../../../platform/errors';
import { Sums, type Answered, type Asked } from './sums';

/** Works out what live holds and pulls come to, beside the requests. */
export interface Analyst {
  readonly ask: (asked: Asked) => Promise<Answered>;
  readonly close: () => void;
}

/** In this very thread: for tests, and to the digit what the other thread says. */
export function analystHere(): Analyst {
  const sums = new Sums();
  return { ask: async (asked) => sums.answer(asked), close: () => undefined };
}

const LONGEST_MS = 10_000;
const late = () => new AppError('BUSY', 'What was sent is safe; it is worked out in a moment.');

interface Waiting {
  readonly done: (answer: Answered) => void;
  readonly fail: (error: Error) => void;
}

/**
 * In a thread of its own. One that ended begins anew with nothing at hand: it is told everything again.
 *
 * @param script  the bundle of `analystWorker.ts`
 */
export function analystThread(script: string): Analyst {
  const waiting = new Map<number, Waiting>();
  let thread: Worker | null = null;
  let asked = 0;
  const ended = (worker: Worker) => {
    if (thread !== worker) return;
    thread = null;
    waiting.forEach(({ fail }) => fail(late()));
    waiting.clear();
  };
  const begin = (): Worker => {
    const worker = new Worker(script);
    worker.on('message', ({ id, answer, failed }: { id: number; answer: Answered; failed?: string }) => {
      const one = waiting.get(id);
      waiting.delete(id);
      if (failed === undefined) one?.done(answer);
      else one?.fail(new Error(failed));
    });
    worker.on('error', () => ended(worker));
    worker.on('exit', () => ended(worker));
    worker.unref();
    return worker;
  };
  return {
    ask: (what) =>
      new Promise<Answered>((resolve, reject) => {
        thread ??= begin();
        const id = ++asked;
        const timer = setTimeout(() => {
          waiting.delete(id);
          reject(late());
        }, LONGEST_MS);
        const settled =
          <T>(then: (value: T) => void) =>
          (value: T) => {
            clearTimeout(timer);
            then(value);
          };
        waiting.set(id, { done: settled(resolve), fail: settled(reject) });
        thread.postMessage({ id, asked: what });
      }),
    close() {
      const worker = thread;
      if (!worker) return;
      ended(worker);
      void worker.terminate();
    },
  };
}
