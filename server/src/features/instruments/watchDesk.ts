import type { FromWatcher, Me, ToWatcher } from '@kesto/contract';
import { fromWatcher } from '@kesto/contract/schemas';
import { AppError } from '../../platform/errors';
import type { Line } from '../../platform/live/listenLive';
import type { Platform } from '../../platform/http/context';
import { holdLive, pullLive } from './analyst/picture';
import { readMessage } from './readMessage';

/** A picture is told no oftener [ms], and without news at least so often: who fell silent shows. */
const PICTURE_MS = { least: 500, most: 5000 } as const;

/** Who signed in on the page a line was opened by: asked anew at every picture. */
export type WhoWatches = (cookie: string, person: string) => Promise<Me | null>;

export type WatchGround = Pick<Platform, 'store' | 'clock' | 'analyst'> & { readonly whoWatches: WhoWatches };

/** Where pages watch. */
export interface WatchDesk {
  readonly answer: (line: Line) => void;
  /** Something of a hold or a pull is new. */
  readonly isNew: (id: string) => void;
}

/** One page that watches one hold or pull: it is given the newest picture, never a queue of them. */
class Watching {
  private asked: FromWatcher | null = null;
  private toldAt = 0;
  private due: NodeJS.Timeout | null = null;
  private isTelling = false;
  private isClosed = false;

  constructor(
    private readonly ground: WatchGround,
    private readonly line: Line,
  ) {}

  async hear(text: string): Promise<void> {
    try {
      this.asked = readMessage<FromWatcher>(fromWatcher, text);
      await this.tell();
    } catch (error) {
      this.refuse(error);
    }
  }

  isNew(id: string): void {
    if (this.asked?.watch.id === id) this.tellIn(PICTURE_MS.least - (Date.now() - this.toldAt));
  }

  end(): void {
    this.isClosed = true;
    if (this.due) clearTimeout(this.due);
  }

  private tellIn(ms: number): void {
    if (this.isClosed) return;
    if (this.due) clearTimeout(this.due);
    this.due = setTimeout(() => void this.tell().catch((error: unknown) => this.refuse(error)), Math.max(0, ms));
  }

  private async tell(): Promise<void> {
    // While one picture is made, or the last is still on its way, the next waits its turn.
    if (this.isTelling || this.line.isBehind()) return this.tellIn(PICTURE_MS.least);
    this.isTelling = true;
    try {
      this.toldAt = Date.now();
      const picture = await this.picture();
      if (!this.isClosed) this.line.say(picture);
    } finally {
      this.isTelling = false;
    }
    this.tellIn(PICTURE_MS.most);
  }

  private async picture(): Promise<ToWatcher> {
    const { asked, line, ground } = this;
    if (!asked) throw new AppError('INVALID_INPUT', 'Say what is watched.', 'watch');
    const me = await ground.whoWatches(line.cookie, asked.person);
    if (!me) throw new AppError('SIGNED_OUT', 'You are signed out. Sign in again; what you entered is kept.');
    const { of, job: jobId, id, by = null } = asked.watch;
    return ground.store.inShop(me.shop.id, async (shop): Promise<ToWatcher> => {
      const asks = { jobId, id, by };
      return of === 'hold'
        ? { hold: await holdLive(shop, ground.analyst, asks, ground.clock()) }
        : { pull: await pullLive(shop, ground.analyst, asks, ground.clock()) };
    });
  }

  private refuse(error: unknown): void {
    const refused =
      error instanceof AppError ? { code: error.code, message: error.message } : { code: 'INTERNAL', message: 'This cannot be told now.' };
    this.line.say({ refused } satisfies ToWatcher);
    this.line.close();
  }
}

export function watchDesk(ground: WatchGround): WatchDesk {
  const watching = new Set<Watching>();
  return {
    isNew: (id) => watching.forEach((one) => one.isNew(id)),
    answer(line) {
      const one = new Watching(ground, line);
      watching.add(one);
      line.onMessage((text) => one.hear(text));
      line.onClose(() => {
        watching.delete(one);
        one.end();
      });
    },
  };
}
