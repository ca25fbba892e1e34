import type { FromWatcher, Me, ToWatcher } from '@kesto/contract';
import { fromWatcher } from '@kesto/contract/schemas';
import { LRUCache } from 'lru-cache';
import { AppError } from '../../platform/errors';
import type { Line } from '../../platform/live/listenLive';
import type { Platform } from '../../platform/http/context';
import type { ToldJob } from '../jobs';
import type { ShopWork } from '../shopWork';
import { holdLive, pullLive } from './analyst/picture';
import type { News } from './live';
import { readMessage } from './readMessage';

/** A picture is told no oftener [ms], and without news at least so often: who fell silent shows. */
const PICTURE_MS = { least: 1000, most: 5000 } as const;

/** Who signed in on the page a line was opened by: asked anew at every picture. */
export type WhoWatches = (cookie: string, person: string) => Promise<Me | null>;

export type WatchGround = Pick<Platform, 'store' | 'clock' | 'analyst'> & { readonly whoWatches: WhoWatches };

/** Where pages watch. */
export interface WatchDesk {
  readonly answer: (line: Line) => void;
  /** Something of a hold or a pull is new. */
  readonly isNew: (id: string, what: News) => void;
}

interface Made {
  readonly at: number;
  readonly picture: Promise<ToWatcher>;
  isOld: boolean;
}

/** One picture for all pages that watch the same: made anew where something is new, and no oftener than it is told. */
class Pictures {
  private readonly made = new LRUCache<string, Made>({ max: 200, ttl: PICTURE_MS.most });
  /** Jobs as they were read: until something is noted. */
  private readonly told = new LRUCache<string, ToldJob>({ max: 50, ttl: PICTURE_MS.most });
  /** How often something was noted: what was read before is not kept after it. */
  private notes = 0;

  constructor(private readonly ground: WatchGround) {}

  isNew(id: string, what: News): void {
    if (what === 'noted') {
      this.told.clear();
      this.notes += 1;
    }
    for (const [key, one] of this.made.entries()) if (key.includes(id)) one.isOld = true;
  }

  async of(shopId: string, watch: FromWatcher['watch']): Promise<ToWatcher> {
    const key = [shopId, watch.of, watch.job, watch.id, watch.by ?? null].join('.');
    const known = this.made.get(key);
    const restMs = known ? PICTURE_MS.least - (Date.now() - known.at) : 0;
    if (known && !known.isOld) return known.picture;
    if (restMs > 0) {
      await new Promise((rested) => setTimeout(rested, restMs));
      return this.of(shopId, watch);
    }
    const picture = this.make(shopId, watch);
    this.made.set(key, { at: Date.now(), picture, isOld: false });
    picture.catch(() => this.made.delete(key));
    return picture;
  }

  private make(shopId: string, { of, job: jobId, id, by = null }: FromWatcher['watch']): Promise<ToWatcher> {
    const { store, analyst, clock } = this.ground;
    return store.inShop(shopId, async (shop): Promise<ToWatcher> => {
      const asks = { jobId, id, by, told: await this.toldOf(shop, jobId) };
      return of === 'hold'
        ? { hold: await holdLive(shop, analyst, asks, clock()) }
        : { pull: await pullLive(shop, analyst, asks, clock()) };
    });
  }

  private async toldOf(shop: ShopWork, jobId: string): Promise<ToldJob | null> {
    const key = `${shop.shopId}.${jobId}`;
    const known = this.told.get(key);
    if (known) return known;
    const { notes } = this;
    const told = await shop.jobs.told(jobId);
    if (told && notes === this.notes) this.told.set(key, told);
    return told;
  }
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
    private readonly pictures: Pictures,
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
    return this.pictures.of(me.shop.id, asked.watch);
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
  const pictures = new Pictures(ground);
  return {
    isNew(id, what) {
      pictures.isNew(id, what);
      watching.forEach((one) => one.isNew(id));
    },
    answer(line) {
      const one = new Watching(ground, pictures, line);
      watching.add(one);
      line.onMessage((text) => one.hear(text));
      line.onClose(() => {
        watching.delete(one);
        one.end();
      });
    },
  };
}
