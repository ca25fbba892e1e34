import { randomBytes } from 'node:crypto';
import { copyOf, noRows, sortedBy, type MemoryRows } from '../platform/memory/rows';
import { memoryAudit } from './audit/audit.repository.memory';
import { memoryDrawings } from './circuits/drawings.repository.memory';
import { memoryDayPins } from './dayPins/dayPins.repository.memory';
import { memoryImports } from './imports/imports.repository.memory';
import { memoryLabels } from './labels/labels.repository.memory';
import { memoryFound } from './found/found.repository.memory';
import { memorySeries } from './instruments/series.repository.memory';
import { memoryJobs } from './jobs/jobs.repository.memory';
import { memoryJoints, memoryPlans, memoryRecords } from './joints/joints.repository.memory';
import { memoryLedger } from './ledger/ledger.repository.memory';
import { memoryInvites, memoryPeople } from './people/people.repository.memory';
import { memoryPhotos } from './photos/photos.repository.memory';
import { memorySeal } from './seal/seal.repository.memory';
import { memorySearch } from './search/search.repository.memory';
import { memorySessions } from './session/session.repository.memory';
import { memoryShop } from './shop/shop.repository.memory';
import type { ShopWork, Store } from './shopWork';
import { memoryFinds } from './stages/finds.repository.memory';
import { memoryCircuits, memorySites, memoryUnits } from './units/units.repository.memory';

const memoryShopWork = (shopId: string, rows: MemoryRows): ShopWork => ({
  shopId,
  salt: () => randomBytes(16).toString('hex'),
  shop: memoryShop(rows),
  people: memoryPeople(rows),
  invites: memoryInvites(rows),
  sessions: memorySessions(rows),
  sites: memorySites(rows),
  units: memoryUnits(rows),
  circuits: memoryCircuits(rows),
  drawings: memoryDrawings(rows),
  jobs: memoryJobs(rows),
  ledger: memoryLedger(rows),
  finds: memoryFinds(rows),
  joints: memoryJoints(rows),
  plans: memoryPlans(rows),
  records: memoryRecords(rows),
  photos: memoryPhotos(rows),
  search: memorySearch(rows),
  audit: memoryAudit(rows),
  dayPins: memoryDayPins(rows),
  series: memorySeries(rows),
  seal: memorySeal(rows),
  found: memoryFound(rows),
  labels: memoryLabels(rows),
  imports: memoryImports(rows),
});

/**
 * Shops that are gone with the process: rules are tried on them in milliseconds. Work is done one after the other, all of it kept or none;
 * what only a database does (walls between shops, locks, constraints) is tried on a database.
 */
export function memoryStore(): Store {
  const shops = new Map<string, MemoryRows>();
  let last: Promise<unknown> = Promise.resolve();
  const all = () => [...shops].map(([shopId, rows]) => ({ shopId, rows }));

  async function work<T>(shopId: string, ask: (shop: ShopWork) => Promise<T>): Promise<T> {
    const rows = copyOf(shops.get(shopId) ?? noRows());
    const answer = await ask(memoryShopWork(shopId, rows));
    shops.set(shopId, rows);
    return answer;
  }
  return {
    inShop(shopId, ask) {
      const done = last.then(() => work(shopId, ask));
      last = done.catch(() => undefined);
      return done;
    },
    async signInBy(login) {
      const [found] = all().flatMap(({ shopId, rows }) => rows.people.filter((one) => one.login === login).map((one) => ({ shopId, one })));
      return found
        ? { shopId: found.shopId, personId: found.one.id, passwordHash: found.one.passwordHash, left: found.one.leftAt !== null }
        : null;
    },
    loginIsTaken: async (login) => all().some(({ rows }) => rows.people.some((person) => person.login === login)),
    async inviteBy(codeHash) {
      const known = all().flatMap(({ shopId, rows }) => rows.invites.map((invite) => ({ ...invite, shopId })));
      return (
        sortedBy(
          known.filter((invite) => invite.codeHash === codeHash),
          ({ madeAt }) => madeAt,
        )[0] ?? null
      );
    },
    knowsHead: async ({ joint, sequence, head }) =>
      all().some(({ rows }) => rows.labelsGiven.some((one) => one.jointId === joint && one.sequence === sequence && one.head === head)),
    ping: async () => undefined,
    connections: () => ({ all: 0, free: 0, waiting: 0 }),
  };
}
