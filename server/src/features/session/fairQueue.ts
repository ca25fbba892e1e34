/** A queue that is full, as data: whoever asked says what to do. */
export class QueueFull extends Error {}

interface Waiting {
  readonly from: string;
  readonly goesFirst: boolean;
  readonly start: () => void;
}

export interface FairQueueOptions {
  readonly atOnce: number;
  readonly mostWaiting: number;
  /** Of one caller: nobody fills the queue alone. */
  readonly mostOfOne: number;
}

export interface Turn {
  readonly from: string;
  readonly goesFirst: boolean;
}

/** Work that is dear, a few pieces at a time: those who go first, then each caller in turn however much one of them asks. */
export function fairQueue({ atOnce, mostWaiting, mostOfOne }: FairQueueOptions) {
  let running = 0;
  let waiting: readonly Waiting[] = [];
  /** Callers in the order in which they were served last. */
  let served: readonly string[] = [];

  /** The first of those who go first; else the oldest of the caller who was served longest ago. */
  function next(): Waiting | undefined {
    const ranked = waiting.some((w) => w.goesFirst) ? waiting.filter((w) => w.goesFirst) : waiting;
    const longestAgo = [...new Set(ranked.map((w) => w.from))].sort((a, b) => served.indexOf(a) - served.indexOf(b))[0];
    return ranked.find((w) => w.from === longestAgo);
  }

  function startNext(): void {
    const chosen = running < atOnce ? next() : undefined;
    if (!chosen) return;
    waiting = waiting.filter((w) => w !== chosen);
    served = [...served.filter((from) => from !== chosen.from && waiting.some((w) => w.from === from)), chosen.from];
    running += 1;
    chosen.start();
  }

  return async function inTurn<T>({ from, goesFirst }: Turn, work: () => Promise<T>): Promise<T> {
    if (waiting.length >= mostWaiting || waiting.filter((w) => w.from === from).length >= mostOfOne) throw new QueueFull();
    await new Promise<void>((start) => {
      waiting = [...waiting, { from, goesFirst, start }];
      startNext();
    });
    try {
      return await work();
    } finally {
      running -= 1;
      startNext();
    }
  };
}
