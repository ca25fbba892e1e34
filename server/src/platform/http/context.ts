import type { Me } from '@kesto/contract';
import type { PhotoQueue } from '../../features/photos';
import type { Analyst, LiveDesk, StandIns } from '../../features/instruments';
import type { SealDesk } from '../../features/seal';
import type { Passwords } from '../../features/session';
import type { ShopWork, Store } from '../../features/shopWork';
import type { Clock } from '../clock';
import type { Metrics } from '../metrics';

/** What every feature is built on; made once in `main.ts`. */
export interface Platform {
  readonly store: Store;
  readonly clock: Clock;
  readonly demo: boolean;
  /** Whose people may not sign in here; null where everybody may. */
  readonly barredShop: string | null;
  readonly dataDir: string;
  /** Where the letters for paper ship. */
  readonly fontsDir: string;
  readonly photos: PhotoQueue;
  readonly passwords: Passwords;
  readonly metrics: Metrics;
  /** By which somebody on another machine may read the measures; null: nobody. */
  readonly metricsToken: string | null;
  /** Where instruments speak. */
  readonly live: LiveDesk;
  readonly standIns: StandIns;
  /** Works out what they sent. */
  readonly analyst: Analyst;
  /** What seals the shops' records. */
  readonly seals: SealDesk;
  /** Address by which this server is reached from elsewhere; null: nobody said. */
  readonly publicUrl: URL | null;
}

/** One request of one signed-in person. */
export interface SignedIn {
  readonly me: Me;
  readonly inShop: <T>(work: (shop: ShopWork) => Promise<T>) => Promise<T>;
}

export const signedAs = (platform: Platform, me: Me): SignedIn => ({ me, inShop: (work) => platform.store.inShop(me.shop.id, work) });
