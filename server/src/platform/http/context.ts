import type { Me } from '@kesto/contract';
import type { DataSource } from 'typeorm';
import type { PhotoCleaner } from '../../features/photos';
import type { Clock } from '../clock';
import { withShop, type ShopWork } from '../db/shop';

/** What every feature is built on; made once in `main.ts`. */
export interface Platform {
  readonly db: DataSource;
  readonly clock: Clock;
  readonly demo: boolean;
  readonly dataDir: string;
  readonly cleanPhoto: PhotoCleaner;
}

/** One request of one signed-in person. */
export interface SignedIn {
  readonly me: Me;
  readonly inShop: <T>(work: (shop: ShopWork) => Promise<T>) => Promise<T>;
}

export const signedAs = (platform: Platform, me: Me): SignedIn => ({ me, inShop: (work) => withShop(platform.db, me.shop.id, work) });
