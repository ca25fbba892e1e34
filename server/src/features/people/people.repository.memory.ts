import { addRow, byId, changeRows, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { InviteRepository, Person, PersonRepository } from './people.repository';

export const memoryPeople = ({ people }: MemoryRows): PersonRepository => ({
  all: async () => sortedBy(people, ({ name }) => name),
  byId: async (id) => byId(people, id),
  lock: async (id) => byId(people, id),
  namesOf: async (ids) => new Map(people.filter(({ id }) => ids.includes(id)).map(({ id, name }) => [id, name])),
  count: async () => people.length,
  adminCount: async () => people.filter(({ role, leftAt }) => role === 'admin' && leftAt === null).length,
  add: async (person) => addRow(people, person),
  async change(id, part) {
    changeRows<Person>(people, (person) => person.id === id, part);
  },
});

export const memoryInvites = ({ invites }: MemoryRows): InviteRepository => ({
  open: async (now) =>
    sortedBy(
      invites.filter(({ usedAt, expiresAt }) => usedAt === null && expiresAt > now),
      ({ expiresAt }) => expiresAt,
    ),
  byId: async (id) => byId(invites, id),
  lock: async (id) => byId(invites, id),
  markUsed: async (id, now) => changeRows(invites, (invite) => invite.id === id, { usedAt: now }) > 0,
  add: async (invite) => addRow(invites, invite),
  async endThoseOf(madeBy, now) {
    changeRows(invites, (invite) => invite.madeBy === madeBy && invite.usedAt === null, { usedAt: now });
  },
});
