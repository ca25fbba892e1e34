import { addRow, byId, changeRows, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { DayPinRepository, PinUse } from './dayPins.repository';

const isUnseenOf = (leadId: string) => (use: PinUse) => use.leadId === leadId && use.seenAt === null;

export const memoryDayPins = ({ dayPins, pinUses }: MemoryRows): DayPinRepository => ({
  byId: async (id) => byId(dayPins, id),
  add: async (pin) => addRow(dayPins, pin),
  async used(use) {
    if (!byId(pinUses, use.id)) pinUses.push(use);
  },
  unseenOf: async (leadId) => sortedBy(pinUses.filter(isUnseenOf(leadId)), ({ at }) => at),
  async seen(id, leadId, now) {
    changeRows(pinUses, (use) => use.id === id && isUnseenOf(leadId)(use), { seenAt: now });
  },
});
