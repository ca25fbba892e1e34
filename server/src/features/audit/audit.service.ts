import { AUDIT_START, type AuditLine, type AuditPage } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import { AppError } from '../../platform/errors';
import { isId } from '../../platform/http/params';
import type { ShopWork } from '../shopWork';
import type { Audited, Behind, FoundLine } from './audit.repository';

const PAGE = 50;
const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const KEPT_MS = 400 * 24 * HOUR_MS;
/** More addresses than these within an hour are one: a flood fills no disk. */
const MOST_AN_HOUR = 300;
const MANY_ADDRESSES = 'many addresses';

/** Notes what somebody did, in the transaction that does it. */
export const audited = (
  { audit }: ShopWork,
  what: Pick<Audited, 'what' | 'personId'> & Partial<Pick<Audited, 'whom' | 'about' | 'device'>>,
  now: Date,
): Promise<void> => audit.add({ id: uuid(), at: now, whom: null, about: null, device: null, ...what });

/** Notes a wrong password for somebody of this shop: one row a minute and address, with how often. */
export async function auditRefused({ audit }: ShopWork, personId: string, address: string, now: Date): Promise<void> {
  const minute = new Date(Math.floor(now.getTime() / MINUTE_MS) * MINUTE_MS);
  const isFlood = (await audit.refusedSince(new Date(now.getTime() - HOUR_MS))) >= MOST_AN_HOUR;
  await audit.refused({ personId, address: isFlood ? MANY_ADDRESSES : address, minute }, new Date(now.getTime() - KEPT_MS));
}

const keyOf = ({ at, id }: FoundLine) => `${at.getTime()}.${id}`;

function behindOf(key: string): Behind | null {
  if (key === AUDIT_START) return null;
  const [at, id, ...more] = key.split('.');
  if (!at || !/^\d{1,15}$/.test(at) || !id || !isId(id) || more.length > 0) {
    throw new AppError('INVALID_INPUT', `before must be "${AUDIT_START}" or what a page named as its next`, 'before');
  }
  return { at: new Date(Number(at)), id };
}

/** One page of the trail, in words that whoever reads it knows. */
export async function auditPage(shop: ShopWork, before: string): Promise<AuditPage> {
  const found = await shop.audit.page(behindOf(before), PAGE + 1);
  const shown = found.slice(0, PAGE);
  const ids = shown.flatMap(({ personId, whom }) => [personId, whom]).filter((id) => id !== null);
  const names = await shop.people.namesOf([...new Set(ids)]);
  const toLine = ({ personId, about, ...line }: FoundLine): AuditLine => ({
    ...line,
    at: line.at.toISOString(),
    by: personId === null ? null : (names.get(personId) ?? null),
    whom: line.whom === null ? (line.what === 'exported' ? null : about) : (names.get(line.whom) ?? null),
    joint: line.joint ?? (line.what === 'exported' ? about : null),
  });
  const last = shown.at(-1);
  return { lines: shown.map(toLine), next: found.length > PAGE && last ? keyOf(last) : null };
}
