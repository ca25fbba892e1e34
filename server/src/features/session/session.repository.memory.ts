import { removeRows, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { SessionRepository } from './session.repository';

export const memorySessions = ({ sessions }: MemoryRows): SessionRepository => ({
  byToken: async (tokenHash) => sessions.find((session) => session.tokenHash === tokenHash) ?? null,
  ofPerson: async (personId, now) =>
    sortedBy(
      sessions.filter((session) => session.personId === personId && session.expiresAt > now),
      ({ beganAt }) => -beganAt.getTime(),
    ),
  async add(session) {
    sessions.push(session);
  },
  async remove(tokenHash) {
    removeRows(sessions, (session) => session.tokenHash === tokenHash);
  },
  async removeExpired(now) {
    removeRows(sessions, ({ expiresAt }) => expiresAt <= now);
  },
  end: async (personId, id) => removeRows(sessions, (session) => session.personId === personId && session.id === id) > 0,
  async endAllOf(personId, butFor) {
    removeRows(sessions, (session) => session.personId === personId && session.tokenHash !== butFor);
  },
});
