import type { Invitation, JoinRequest } from '@kesto/contract';
import { METRIC_PREFERENCES } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { audited } from '../audit';
import type { ShopWork } from '../shopWork';
import { codeHash } from './codes';
import { checkNameIsFree } from './names';
import type { Invite } from './people.repository';
import { isGood } from './power';
import { tellShop } from './shopChain';

const unknownCode = () => new AppError('NOT_FOUND', 'This code is not known, was used, or is out of date. Ask for a new one.', 'code');

async function openInvite(platform: Platform, code: string): Promise<Invite & { readonly shopId: string }> {
  const invite = await platform.store.inviteBy(codeHash(code));
  if (!invite || invite.usedAt || invite.expiresAt <= platform.clock()) throw unknownCode();
  return invite;
}

/** What a code is for, told before anything is typed. */
export async function readInvite(platform: Platform, code: string): Promise<Invitation> {
  const invite = await openInvite(platform, code);
  return platform.store.inShop(invite.shopId, async (shop) => {
    const target = invite.personId ? await shop.people.byId(invite.personId) : null;
    if (!(await isGood(shop, invite, target))) throw unknownCode();
    return {
      ...{ name: invite.name, role: target?.role ?? invite.role },
      shop: (await shop.shop.get()).name,
      first: (await shop.people.count()) === 0,
      login: target?.login ?? null,
    };
  });
}

const newPerson = (invite: Invite, { name, login }: JoinRequest, passwordHash: string) => ({
  ...{ id: uuid(), name, login, passwordHash },
  role: invite.role,
  units: METRIC_PREFERENCES,
  approvals: [],
  confirmedAt: null,
  leftAt: null,
});

async function addPerson(
  shop: ShopWork,
  invite: Invite,
  body: JoinRequest,
  { passwordHash, now }: { passwordHash: string; now: Date },
): Promise<string> {
  const first = (await shop.people.count()) === 0;
  if (first && !body.shopName) throw new AppError('INVALID_INPUT', 'is needed: what is the shop called?', 'shopName');
  await checkNameIsFree(shop, body.name);
  if (first && body.shopName) await shop.shop.change({ name: body.shopName });
  const person = newPerson(invite, body, passwordHash);
  await shop.people.add(person);
  const invitedBy = invite.madeBy === null ? {} : { invitedBy: invite.madeBy };
  await tellShop(shop, 'role', { person: person.id, role: person.role, ...invitedBy }, { by: person, now });
  await audited(shop, { what: 'code-used', personId: person.id }, now);
  return body.login;
}

/** Comes in by a code, once; answers with the name to sign in by. */
export async function join(platform: Platform, body: JoinRequest, address: string): Promise<string> {
  const invite = await openInvite(platform, body.code);
  if (!invite.personId && (await platform.store.loginIsTaken(body.login)))
    throw new AppError('CONFLICT', `${body.login} signs in here already: choose another name.`, 'login');
  const passwordHash = await platform.passwords.hash(body.password, address);
  return platform.store.inShop(invite.shopId, async (shop) => {
    // The shop first, as for a role that changes: whoever is made less meanwhile has made no code.
    await shop.shop.lock();
    const held = await shop.invites.lock(invite.id);
    const target = held?.personId ? await shop.people.lock(held.personId) : null;
    if (!held || held.usedAt || !(await isGood(shop, held, target))) throw unknownCode();
    const now = platform.clock();
    await shop.invites.markUsed(held.id, now);
    if (!target) return addPerson(shop, held, body, { passwordHash, now });
    await shop.people.change(target.id, { passwordHash });
    await shop.sessions.endAllOf(target.id);
    await audited(shop, { what: 'code-used', personId: target.id }, now);
    return target.login;
  });
}
