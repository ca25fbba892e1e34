import { createHash } from 'node:crypto';
import type { AuditedWhat } from '@kesto/contract';
import type { Role } from '@kesto/core/vocabulary';
import { byId, removeRows, type MemoryLink, type MemoryRows } from '../../platform/memory/rows';
import { AUDITED_IN_ANY_CHAIN, type AuditRepository, type FoundLine } from './audit.repository';

const BARE = { whom: null, role: null, job: null, joint: null, about: null, device: null, address: null, times: 1 } as const;

/** As the database makes one of a person and an address. */
const uuidOf = (text: string) =>
  createHash('md5')
    .update(text)
    .digest('hex')
    .replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');

const textAt = (told: Readonly<Record<string, unknown>>, key: string) => (typeof told[key] === 'string' ? told[key] : null);

export function memoryAudit(rows: MemoryRows): AuditRepository {
  const { audit, refusedTries, links } = rows;
  function ofLink({ link: { content }, at }: MemoryLink): FoundLine {
    const { said, chain } = content;
    return {
      ...BARE,
      ...{ id: said.id, at: new Date(at), what: said.kind as AuditedWhat, personId: said.person }, // cast: those that are audited alone
      ...{ whom: textAt(said.told, 'person'), role: textAt(said.told, 'role') as Role | null }, // cast: the kind's field
      job: chain.of === 'job' ? (byId(rows.jobs, chain.id)?.number ?? null) : null,
      joint: chain.of === 'joint' ? (byId(rows.joints, chain.id)?.tag ?? null) : null,
    };
  }
  const lines = (): readonly FoundLine[] => [
    ...audit.map((line) => ({ ...BARE, ...line })),
    ...links.filter(({ link: { content } }) => content.chain.of === 'shop' || AUDITED_IN_ANY_CHAIN.includes(content.said.kind)).map(ofLink),
    ...refusedTries.map(({ personId, address, minute, tries }) => ({
      ...{ ...BARE, id: uuidOf(`${personId}${address}`), at: minute, what: 'sign-in-refused' as const, personId: null },
      ...{ whom: personId, address, times: tries },
    })),
  ];
  const key = ({ at, id }: { readonly at: Date; readonly id: string }) => `${at.toISOString()} ${id}`;
  return {
    async add(line) {
      audit.push(line);
    },
    async refused(one, forgottenBefore) {
      const at = refusedTries.findIndex(
        (row) => row.personId === one.personId && row.address === one.address && row.minute.getTime() === one.minute.getTime(),
      );
      const before = refusedTries[at];
      if (before) refusedTries[at] = { ...before, tries: before.tries + 1 };
      else refusedTries.push({ ...one, tries: 1 });
      removeRows(refusedTries, ({ minute }) => minute < forgottenBefore);
    },
    refusedSince: async (moment) => refusedTries.filter(({ minute }) => minute >= moment).length,
    page: async (behind, most) =>
      lines()
        .filter((line) => !behind || key(line) < key(behind))
        .toSorted((a, b) => (key(a) < key(b) ? 1 : -1))
        .slice(0, most),
  };
}
