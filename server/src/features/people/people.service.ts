import type { InviteView, Me, People, PersonView, PutInviteRequest, PutPersonRequest } from '@kesto/contract';
import { requestHash } from '../../platform/db/idempotency';
import type { PersonRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { AppError, notFound } from '../../platform/errors';
import { codeHash } from './codes';
import {
  addInvite,
  adminCount,
  changePerson,
  endSignIns,
  everybody,
  inviteById,
  openInvites,
  personById,
  toInvite,
  toPerson,
} from './people.repository.typeorm';

const INVITE_MS = 7 * 24 * 3_600_000;

export async function people(shop: ShopWork, now: Date): Promise<People> {
  return { people: (await everybody(shop)).map(toPerson), invites: (await openInvites(shop, now)).map(toInvite) };
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
  const person = body.person ? await personById(shop, body.person) : null;
  if (body.person && (!person || person.left_at)) throw notFound('This person');
  checkRank(by, body.role, person?.role ?? '');
  const hash = codeHash(body.code);
  const before = await inviteById(shop, id);
  if (before && before.code_hash !== hash) throw new AppError('CONFLICT', 'This invitation has another code already.', 'code');
  const row = {
    ...{ id, code_hash: hash, person_id: person?.id ?? null },
    name: person?.name ?? body.name,
    role: person?.role ?? body.role,
    expires_at: new Date(now.getTime() + INVITE_MS),
  };
  if (!before) await addInvite(shop, row);
  return toInvite({ ...(before ?? row), shop_id: shop.shopId, used_at: null });
}

/** Somebody stays to let the others in. */
async function checkLastAdmin(shop: ShopWork, before: PersonRow, body: PutPersonRequest): Promise<void> {
  const stays = body.role === 'admin' && !body.left;
  if (before.role !== 'admin' || before.left_at || stays || (await adminCount(shop)) > 1) return;
  throw new AppError('INVALID_INPUT', `${before.name} is the shop’s only admin: make another one first.`, body.left ? 'left' : 'role');
}

/** What the shop says of a person. Whoever leaves is signed out everywhere at once; the records stay. */
export async function changed(shop: ShopWork, { id, by, body, now }: Asked<PutPersonRequest>): Promise<PersonView> {
  const before = await personById(shop, id);
  if (!before) throw notFound('This person');
  checkRank(by, body.role, before.role);
  await checkLastAdmin(shop, before, body);
  const { name, role, approvals, left, confirmed } = body;
  const left_at = left ? (before.left_at ?? now) : null;
  // Whoever enters an approval vouches for it as it is entered.
  const vouched = confirmed || requestHash(approvals) !== requestHash(before.approvals);
  await changePerson(shop, id, { name, role, approvals: [...approvals], left_at, ...(vouched ? { confirmed_at: now } : {}) });
  if (left) await endSignIns(shop, id);
  const after = await personById(shop, id);
  if (!after) throw notFound('This person');
  return toPerson(after);
}
