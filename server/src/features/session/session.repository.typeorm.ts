import { LessThanOrEqual, MoreThan, Not } from 'typeorm';
import { Sessions } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { SessionRepository } from './session.repository';

export const typeormSessions = ({ shopId, manager }: ShopTransaction): SessionRepository => ({
  byToken: (tokenHash) => manager.findOneBy(Sessions, { shopId, tokenHash }),
  ofPerson: (personId, now) =>
    manager.find(Sessions, { where: { shopId, personId, expiresAt: MoreThan(now) }, order: { beganAt: 'DESC' } }),
  async add(session) {
    await manager.insert(Sessions, { ...session, shopId });
  },
  async remove(tokenHash) {
    await manager.delete(Sessions, { shopId, tokenHash });
  },
  async removeExpired(now) {
    await manager.delete(Sessions, { shopId, expiresAt: LessThanOrEqual(now) });
  },
  end: async (personId, id) => ((await manager.delete(Sessions, { shopId, personId, id })).affected ?? 0) > 0,
  async endAllOf(personId, butFor) {
    await manager.delete(Sessions, { shopId, personId, ...(butFor === undefined ? {} : { tokenHash: Not(butFor) }) });
  },
});
