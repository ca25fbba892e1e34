import { randomBytes } from 'node:crypto';
import type { Pool } from 'pg';
import type { DataSource } from 'typeorm';
import { Invites, People } from '../platform/db/rows';
import { LabelsGiven } from '../platform/db/treeRows';
import { withShop, type ShopTransaction } from '../platform/db/shop';
import { typeormAudit } from './audit/audit.repository.typeorm';
import { typeormDrawings } from './circuits/drawings.repository.typeorm';
import { typeormDayPins } from './dayPins/dayPins.repository.typeorm';
import { typeormImports } from './imports/imports.repository.typeorm';
import { typeormLabels } from './labels/labels.repository.typeorm';
import { typeormFound } from './found/found.repository.typeorm';
import { typeormSeries } from './instruments/series.repository.typeorm';
import { typeormJobs } from './jobs/jobs.repository.typeorm';
import { typeormJoints, typeormPlans, typeormRecords } from './joints/joints.repository.typeorm';
import { typeormInvites, typeormPeople } from './people/people.repository.typeorm';
import { typeormPhotos } from './photos/photos.repository.typeorm';
import { typeormSeal } from './seal/seal.repository.typeorm';
import { typeormSearch } from './search/search.repository.typeorm';
import { typeormSessions } from './session/session.repository.typeorm';
import { typeormShop } from './shop/shop.repository.typeorm';
import { knownLinks, type KnownLinks } from './ledger/knownLinks';
import { typeormLedger } from './ledger/ledger.repository.typeorm';
import type { ShopWork, Store } from './shopWork';
import { typeormFinds } from './stages/finds.repository.typeorm';
import { typeormCircuits, typeormSites, typeormUnits } from './units/units.repository.typeorm';

export function typeormShopWork(transaction: ShopTransaction, known: KnownLinks): ShopWork {
  const ledger = typeormLedger(transaction, known);
  return {
    shopId: transaction.shopId,
    salt: () => randomBytes(16).toString('hex'),
    shop: typeormShop(transaction),
    people: typeormPeople(transaction),
    invites: typeormInvites(transaction),
    sessions: typeormSessions(transaction),
    sites: typeormSites(transaction),
    units: typeormUnits(transaction),
    circuits: typeormCircuits(transaction),
    drawings: typeormDrawings(transaction),
    jobs: typeormJobs(transaction, ledger),
    ledger,
    finds: typeormFinds(transaction),
    joints: typeormJoints(transaction),
    plans: typeormPlans(transaction),
    records: typeormRecords(transaction),
    photos: typeormPhotos(transaction),
    search: typeormSearch(transaction),
    audit: typeormAudit(transaction),
    dayPins: typeormDayPins(transaction),
    series: typeormSeries(transaction),
    seal: typeormSeal(transaction),
    found: typeormFound(transaction),
    labels: typeormLabels(transaction),
    imports: typeormImports(transaction),
  };
}

export function typeormStore(db: DataSource): Store {
  const known = knownLinks();
  /** What row-level security lets through by a word that is known, where the shop is not. */
  const knowing = <T>(
    setting: 'app.login' | 'app.invite' | 'app.head',
    word: string,
    ask: (manager: ShopTransaction['manager']) => Promise<T>,
  ) =>
    db.transaction(async (manager) => {
      await manager.query(`select set_config($1, $2, true)`, [setting, word]);
      return ask(manager);
    });
  return {
    inShop: (shopId, work) => withShop(db, shopId, (transaction) => work(typeormShopWork(transaction, known))),
    async signInBy(login) {
      const person = await knowing('app.login', login, (manager) => manager.findOneBy(People, { login }));
      return person && { shopId: person.shopId, personId: person.id, passwordHash: person.passwordHash, left: person.leftAt !== null };
    },
    loginIsTaken: (login) => knowing('app.login', login, (manager) => manager.existsBy(People, { login })),
    // Another shop may know the same code by now: whoever made it first is meant, and nobody is told.
    inviteBy: (codeHash) =>
      knowing('app.invite', codeHash, (manager) => manager.findOne(Invites, { where: { codeHash }, order: { madeAt: 'ASC' } })),
    knowsHead: ({ joint: jointId, sequence, head }) =>
      knowing('app.head', head, (manager) => manager.existsBy(LabelsGiven, { jointId, sequence, head })),
    async ping() {
      await db.query('select 1');
    },
    connections() {
      const { totalCount, idleCount, waitingCount } = (db.driver as unknown as { master: Pool }).master; // cast: the driver for PostgreSQL
      return { all: totalCount, free: idleCount, waiting: waitingCount };
    },
  };
}
