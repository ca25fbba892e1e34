import type { Logger } from 'pino';
import { workOff } from './found';
import type { SealDesk } from './seal';
import type { Store } from './shopWork';

/** A store that knows in which shops something was done since it was asked last. */
export function busyStore(store: Store): { readonly store: Store; readonly busyShops: () => readonly string[] } {
  const busy = new Set<string>();
  return {
    store: {
      ...store,
      inShop(shopId, work) {
        busy.add(shopId);
        return store.inShop(shopId, work);
      },
    },
    busyShops() {
      const shops = [...busy];
      busy.clear();
      return shops;
    },
  };
}

interface Chores {
  readonly store: Pick<Store, 'inShop'>;
  readonly seals: Pick<SealDesk, 'sealShop'>;
  readonly log: Pick<Logger, 'error'>;
}

/** What waits to be done in these shops: rows by which joints are found again, the seal. A shop that fails holds up no other. */
export async function doChores({ store, seals, log }: Chores, shops: readonly string[]): Promise<void> {
  for (const shopId of shops) {
    await workOff(store, shopId).catch((error: unknown) => log.error({ error, shopId }, 'not worked off'));
    await seals.sealShop(shopId).catch((error: unknown) => log.error({ error, shopId }, 'not sealed'));
  }
}
