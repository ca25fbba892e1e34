import type { SealView } from '@kesto/contract';
import { keyWords, TREE_HEAD_FORMAT, type TreeHeadFile } from '@kesto/core/tree';
import { AppError, notFound } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { Registrar } from '../../platform/http/register';
import type { ShopWork } from '../shopWork';
import { continuedFrom, sealFor } from './proofs.service';
import { beginEpoch, changeKey } from './sealing.service';
import { audited } from '../audit';

async function viewOf(shop: ShopWork, { seals }: Platform): Promise<SealView> {
  const [treeHead, key] = [await shop.seal.newestHead(), await seals.keyFor(shop)];
  return {
    ...{ state: typeof key === 'string' ? key : 'sealing', treeHead, grown: await shop.seal.hasGrown() },
    keyWords: treeHead ? keyWords(treeHead.key) : [],
  };
}

const conflict = (message: string) => new AppError('CONFLICT', message);

export function sealRoutes(routes: Registrar, platform: Platform): void {
  const { seals, clock } = platform;
  routes.signed('seal', async ({ inShop }) => ({ body: await inShop((shop) => viewOf(shop, platform)) }));
  routes.signed('treeHead', async ({ inShop, response }) => {
    const seal = await inShop(async (shop) => {
      await seals.sealNow(shop, []);
      return sealFor(shop, { chains: [], links: [] });
    });
    if (!seal) throw notFound('A tree head');
    const file: TreeHeadFile = { format: TREE_HEAD_FORMAT, version: 1, seal };
    response.attachment(`tree-head-${seal.treeHead.size}.json`).type('json').send(JSON.stringify(file));
  });
  routes.signed('continued', async ({ params, inShop }) => {
    const size = Number(params.size);
    if (!Number.isSafeInteger(size) || size < 1) throw new AppError('INVALID_INPUT', 'size must be a whole number from 1', 'size');
    const body = await inShop(async (shop) => {
      const treeHead = await shop.seal.newestHead();
      const [continued] = treeHead ? await continuedFrom(shop, [size], treeHead) : [];
      if (!treeHead || !continued) throw notFound(`A tree of ${size} leaves`);
      return { treeHead, continued };
    });
    return { body };
  });
  routes.signed('setShopKey', async ({ body: { why, from }, me, inShop }) => ({
    body: await inShop(async (shop) => {
      if (seals.keys.isCopy(shop.shopId)) throw conflict('This is a restored copy: say first that it is the server now.');
      const newest = await shop.seal.newestHead();
      if ((newest?.key ?? null) !== from) return viewOf(shop, platform);
      const old = seals.keys.of(shop.shopId, newest?.key);
      const isOwn = old !== null && newest?.key === old.key;
      if (why === 'changed' && !isOwn) throw conflict('The key that signed so far is not on this server: say that it was lost.');
      await changeKey(shop, { key: seals.keys.make(shop.shopId), old: isOwn ? old : null, why, now: clock() });
      await audited(shop, { what: 'key-changed', personId: me.person.id, about: why }, clock());
      return viewOf(shop, platform);
    }),
  }));
  routes.signed('setServer', async ({ me, inShop }) => ({
    body: await inShop(async (shop) => {
      if (!seals.keys.isCopy(shop.shopId)) return viewOf(shop, platform);
      const newest = await shop.seal.newestHead();
      const key = seals.keys.of(shop.shopId, newest?.key);
      if (key && newest?.key === key.key) await beginEpoch(shop, { key, now: clock() });
      seals.keys.becameServer(shop.shopId);
      await audited(shop, { what: 'server-now', personId: me.person.id }, clock());
      return viewOf(shop, platform);
    }),
  }));
}
