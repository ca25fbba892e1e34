import type { InviteView, Me, People, PersonView, PutInviteRequest, PutPersonRequest } from '@kesto/contract';
import { requestHash } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import { codeHash } from './codes';
import type { Person } from './people.repository';
import { toInvite, toPerson } from './views';

const INVITE_MS = 7 * 24 * 3_600_000;

export async function people(shop: ShopWork, now: Date): Promise<People> {
  return { people: (await shop.people.all()).map(toPerson), invites: (await shop.invites.open(now)).map(toInvite) };
}

interface Asked<Body> {
  readonly id: string;
  readonly by: Me['person'];
  readonly body: Body;
  readonly now: Date;
}

/** Admins are made, changed and given new passwords by admins alone. */
function checkRank(by: Me['person'], ...roles: readonly string[]): void {
  if (by.role !== 'admin' && roles.includes('admin')) throw new AppError('FORBIDDEN', 'Only an admin makes or changes an admin.', 'role');
}

/** Asks somebody in, or promises a new password to somebody who is here. The same id and code again is the same invitation. */
export async function invite(shop: ShopWork, { id, by, body, now }: Asked<PutInviteRequest>): Promise<InviteView> {
  const person = body.person ? await shop.people.byId(body.person) : null;
  if (body.person && (!person || person.leftAt)) throw notFound('This person');
  checkRank(by, body.role, person?.role ?? '');
  const hash = codeHash(body.code);
  const before = await shop.invites.byId(id);
  if (before && before.codeHash !== hash) throw new AppError('CONFLICT', 'This invitation has another code already.', 'code');
  const asked = {
    ...{ id, codeHash: hash, personId: person?.id ?? null },
    name: person?.name ?? body.name,
    role: person?.role ?? body.role,
    expiresAt: new Date(now.getTime() + INVITE_MS),
    usedAt: null,
  };
  if (!before) await shop.invites.add(asked);
  return toInvite(before ?? asked);
}

/** Somebody stays to let the others in. */
async function checkLastAdmin(shop: ShopWork, before: Person, body: PutPersonRequest): Promise<void> {
  const stays = body.role === 'admin' && !body.left;
  if (before.role !== 'admin' || before.leftAt || stays || (await shop.people.adminCount()) > 1) return;
  throw new AppError('INVALID_INPUT', `${before.name} is the shop’s only admin: make another one first.`, body.left ? 'left' : 'role');
}

/** What the shop says of a person. Whoever leaves is signed out everywhere at once; the records stay. */
export async function changed(shop: ShopWork, { id, by, body, now }: Asked<PutPersonRequest>): Promise<PersonView> {
  const before = await shop.people.byId(id);
  if (!before) throw notFound('This person');
  checkRank(by, body.role, before.role);
  await checkLastAdmin(shop, before, body);
  const { name, role, approvals, left, confirmed } = body;
  const leftAt = left ? (before.leftAt ?? now) : null;
  // Whoever enters an approval vouches for it as it is entered.
  const vouched = confirmed || requestHash(approvals) !== requestHash(before.approvals);
  await shop.people.change(id, { name, role, approvals, leftAt, ...(vouched ? { confirmedAt: now } : {}) });
  if (left) await shop.sessions.endAllOf(id);
  const after = await shop.people.byId(id);
  if (!after) throw notFound('This person');
  return toPerson(after);
}
