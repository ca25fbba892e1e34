import { IsNull } from 'typeorm';
import { DayPins, PinUses } from '../../platform/db/rows';
import type { ShopTransaction } from '../../platform/db/shop';
import type { DayPinRepository } from './dayPins.repository';

export const typeormDayPins = ({ shopId, manager }: ShopTransaction): DayPinRepository => ({
  byId: (id) => manager.findOneBy(DayPins, { shopId, id }),
  async add(pin) {
    await manager.insert(DayPins, { ...pin, shopId });
  },
  async used(use) {
    await manager
      .createQueryBuilder()
      .insert()
      .into(PinUses)
      .values({ ...use, shopId })
      .orIgnore()
      .execute();
  },
  unseenOf: (leadId) => manager.find(PinUses, { where: { shopId, leadId, seenAt: IsNull() }, order: { at: 'ASC' } }),
  async seen(id, leadId, now) {
    await manager.update(PinUses, { shopId, id, leadId, seenAt: IsNull() }, { seenAt: now });
  },
});
