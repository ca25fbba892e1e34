import type { InviteView, Me, People, PersonKept, PersonView, PutInviteRequest, PutPersonRequest, Role } from '@kesto/contract';
import { personContent } from '@kesto/contract';
import { deviceKeys } from '@kesto/core/tree';
import { requestHash } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { checkMadeFrom } from '../../platform/madeFrom';
import { audited } from '../audit';
import type { ShopWork } from '../shopWork';
import { codeHash } from './codes';
import { checkNameIsFree } from './names';
import type { Invite, Person } from './people.repository';
import { checkRank } from './power';
import { tellShop } from './shopChain';
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

function checkSame(before: Invite, asked: Invite): void {
  const differs = (['codeHash', 'role', 'name', 'personId'] as const).find((key) => before[key] !== asked[key]);
  if (!differs) return;
  const field = { codeHash: 'code', role: 'role', name: 'name', personId: 'person' }[differs];
  throw new AppError('CONFLICT', `This invitation has another ${field} already: make a new one.`, field);
}

/** Asks somebody in, or promises a new password to somebody who is here. The same again is the same invitation. */
export async function invite(shop: ShopWork, { id, by, body, now }: Asked<PutInviteRequest>): Promise<InviteView> {
  const person = body.person ? await shop.people.byId(body.person) : null;
  if (body.person && (!person || person.leftAt)) throw notFound('This person');
  checkRank(by, body.role, ...(person ? [person.role] : []));
  const asked: Invite = {
    ...{ id, codeHash: codeHash(body.code), personId: person?.id ?? null },
    name: person?.name ?? body.name,
    role: person?.role ?? body.role,
    madeBy: by.id,
    madeAt: now,
    expiresAt: new Date(now.getTime() + INVITE_MS),
    usedAt: null,
  };
  const before = await shop.invites.byId(id);
  if (before) checkSame(before, asked);
  if (!before && !person) await checkNameIsFree(shop, body.name);
  if (!before) {
    await shop.invites.add(asked);
    await audited(shop, { what: 'code-made', personId: by.id, whom: asked.personId, about: asked.name }, now);
  }
  return toInvite(before ?? asked);
}

/** Takes a code back; what an admin promised is an admin's. */
export async function dropInvite(shop: ShopWork, { id, by, now }: Omit<Asked<null>, 'body'>): Promise<void> {
  const invitation = await shop.invites.byId(id);
  if (!invitation) throw notFound('This invitation');
  const person = invitation.personId ? await shop.people.byId(invitation.personId) : null;
  checkRank(by, person?.role ?? invitation.role);
  await shop.invites.markUsed(id, now);
  await audited(shop, { what: 'code-dropped', personId: by.id, whom: invitation.personId, about: invitation.name }, now);
}

/** Signs one of one's own devices out. */
export async function endSignIn(shop: ShopWork, { id, by, now }: Omit<Asked<null>, 'body'>): Promise<void> {
  if (!(await shop.sessions.end(by.id, id))) throw notFound('This sign-in');
  await audited(shop, { what: 'sign-in-ended', personId: by.id }, now);
}

/** A person whose power is about to change: one such change at a time in a shop. */
async function heldPerson(shop: ShopWork, id: string): Promise<Person> {
  await shop.shop.lock();
  const person = await shop.people.lock(id);
  if (!person) throw notFound('This person');
  return person;
}

/** Somebody stays to let the others in. */
async function checkLastAdmin(shop: ShopWork, before: Person, field: 'role' | 'left'): Promise<void> {
  if (before.role !== 'admin' || before.leftAt || (await shop.people.adminCount()) > 1) return;
  throw new AppError('INVALID_INPUT', `${before.name} is the shop’s only admin: make another one first.`, field);
}

async function changedTo(shop: ShopWork, before: Person, part: Partial<Person>): Promise<PersonView> {
  await shop.people.change(before.id, part);
  return toPerson({ ...before, ...part });
}

/** Another role; codes that somebody with less power now had promised end. */
export async function setRole(shop: ShopWork, { id, by, body, now }: Asked<{ readonly role: Role }>): Promise<PersonView> {
  const before = await heldPerson(shop, id);
  checkRank(by, body.role, before.role);
  if (body.role === before.role) return toPerson(before);
  await checkLastAdmin(shop, before, 'role');
  await shop.invites.endThoseOf(id, now);
  await tellShop(shop, 'role', { person: id, role: body.role }, { by, now });
  return changedTo(shop, before, { role: body.role });
}

/** Devices of somebody whose keys are good. */
async function goodDevicesOf({ shopId, ledger }: ShopWork, personId: string): Promise<readonly string[]> {
  const keys = deviceKeys(await ledger.of({ of: 'shop', id: shopId }));
  return keys.filter(({ person, until }) => person === personId && until === null).map(({ device }) => device);
}

/** Whoever leaves is signed out everywhere at once, and the codes they promised and the keys of their devices end; the records stay. */
export async function setLeft(shop: ShopWork, { id, by, body, now }: Asked<{ readonly left: boolean }>): Promise<PersonView> {
  const before = await heldPerson(shop, id);
  checkRank(by, before.role);
  if (body.left === (before.leftAt !== null)) return toPerson(before);
  if (body.left) await checkLastAdmin(shop, before, 'left');
  await tellShop(shop, body.left ? 'left' : 'came-back', { person: id }, { by, now });
  if (!body.left) return changedTo(shop, before, { leftAt: null });
  await shop.sessions.endAllOf(id);
  await shop.invites.endThoseOf(id, now);
  await shop.series.endThoseOf(id, now);
  for (const device of await goodDevicesOf(shop, id)) await tellShop(shop, 'device-ended', { device, why: 'left' }, { by, now });
  return changedTo(shop, before, { leftAt: now });
}

async function checkName(shop: ShopWork, { by, body }: Asked<PutPersonRequest>, before: Person): Promise<void> {
  if (body.name === before.name) return;
  if (by.role !== 'admin' && by.id !== before.id)
    throw new AppError('FORBIDDEN', 'Only an admin gives somebody else another name.', 'name');
  await checkNameIsFree(shop, body.name, before.id);
}

/** What the shop says of a person and may wait for a signal: name and approvals. What else a former page asked for is told, not done. */
export async function changed(shop: ShopWork, asked: Asked<PutPersonRequest>, madeFrom: string | null): Promise<PersonKept> {
  const { by, body, now } = asked;
  const before = await heldPerson(shop, asked.id);
  checkRank(by, before.role);
  await checkName(shop, asked, before);
  const view = toPerson(before);
  checkMadeFrom(madeFrom, { content: personContent(view), asked: personContent(body), stands: personContent(view) });
  const { name, approvals, confirmed } = body;
  // Whoever enters an approval vouches for it as it is entered.
  const vouched = confirmed || requestHash(approvals) !== requestHash(before.approvals);
  if (vouched) await tellShop(shop, 'approvals', { person: before.id, approvals }, { by, now });
  const after = await changedTo(shop, before, { name, approvals, ...(vouched ? { confirmedAt: now } : {}) });
  const notDone = (['role', 'left'] as const).filter((key) => body[key] !== undefined && body[key] !== after[key]);
  return { ...after, notDone };
}
