import { In, IsNull, MoreThan } from 'typeorm';
import { Invites, People } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import { keepWords } from '../../platform/db/keepWords';
import type { InviteRepository, PersonRepository } from './people.repository';

export const typeormPeople = (transaction: ShopTransaction): PersonRepository => {
  const { shopId, manager } = transaction;
  return {
    all: () => manager.find(People, { where: { shopId }, order: { name: 'ASC' } }),
    byId: (id) => manager.findOneBy(People, { shopId, id }),
    lock: (id) => manager.findOne(People, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
    namesOf: async (ids) => new Map((await manager.findBy(People, { shopId, id: In([...ids]) })).map(({ id, name }) => [id, name])),
    count: () => manager.countBy(People, { shopId }),
    adminCount: () => manager.countBy(People, { shopId, role: 'admin', leftAt: IsNull() }),
    async add(person) {
      await manager.insert(People, { ...person, shopId } as never); // cast: TypeORM's deep partial type does not take readonly arrays
    },
    async change(id, part) {
      const before = part.name === undefined ? null : await manager.findOneBy(People, { shopId, id });
      await manager.update(People, { shopId, id }, part as never); // cast: as above
      if (part.name !== undefined && before?.name !== part.name) await keepWords(transaction).renamed(id, part.name);
    },
  };
};

export const typeormInvites = ({ shopId, manager }: ShopTransaction): InviteRepository => ({
  open: (now) => manager.find(Invites, { where: { shopId, usedAt: IsNull(), expiresAt: MoreThan(now) }, order: { expiresAt: 'ASC' } }),
  byId: (id) => manager.findOneBy(Invites, { shopId, id }),
  lock: (id) => manager.findOne(Invites, { where: { shopId, id }, lock: { mode: 'pessimistic_write' } }),
  markUsed: async (id, now) => ((await manager.update(Invites, { shopId, id }, { usedAt: now })).affected ?? 0) > 0,
  async add(invite) {
    await manager.insert(Invites, { ...invite, shopId });
  },
  async endThoseOf(madeBy, now) {
    await manager.update(Invites, { shopId, madeBy, usedAt: IsNull() }, { usedAt: now });
  },
});
