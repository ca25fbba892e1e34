import type { Logger } from 'pino';
import { AUDITED_IN_ANY_CHAIN } from './audit';
import type { ShopWork, Store } from './shopWork';

/** What is told of one piece of work, in ids alone: no name, no code, no secret. */
interface Line {
  readonly what: string;
  readonly by: string | null;
  readonly whom?: string | null;
  readonly in?: string;
}

function listening(shop: ShopWork, tell: (line: Line) => void): ShopWork {
  return {
    ...shop,
    audit: {
      ...shop.audit,
      add: async (line) => {
        await shop.audit.add(line);
        tell({ what: line.what, by: line.personId, whom: line.whom });
      },
      refused: async (one, forgottenBefore) => {
        await shop.audit.refused(one, forgottenBefore);
        tell({ what: 'sign-in-refused', by: null, whom: one.personId });
      },
    },
    ledger: {
      ...shop.ledger,
      add: async (link, columns) => {
        await shop.ledger.add(link, columns);
        const { said, chain } = link.content;
        const whom = typeof said.told['person'] === 'string' ? said.told['person'] : null;
        if (chain.of === 'shop' || AUDITED_IN_ANY_CHAIN.includes(said.kind))
          tell({ what: said.kind, by: said.person, whom, in: `${chain.of} ${chain.id}` });
      },
    },
  };
}

/** A store that writes what stands in the audit trail to the log too, once it is kept. */
export const auditedStore = (store: Store, log: Logger): Store => ({
  ...store,
  async inShop(shopId, work) {
    const lines: Line[] = [];
    const answer = await store.inShop(shopId, (shop) => work(listening(shop, (line) => void lines.push(line))));
    for (const line of lines) log.info({ audit: { shop: shopId, ...line } }, 'audit');
    return answer;
  },
});
