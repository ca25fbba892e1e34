import type { Invitation, JoinRequest } from '@kesto/contract';
import { METRIC_PREFERENCES } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { hashPassword } from '../session';
import type { ShopWork } from '../shopWork';
import { codeHash } from './codes';
import type { Invite } from './people.repository';

const unknownCode = () => new AppError('NOT_FOUND', 'This code is not known, was used, or is out of date. Ask for a new one.', 'code');

async function openInvite(platform: Platform, code: string): Promise<Invite & { readonly shopId: string }> {
  const invite = await platform.store.inviteBy(codeHash(code));
  if (!invite || invite.usedAt || invite.expiresAt <= platform.clock()) throw unknownCode();
  return invite;
}

/** What a code is for, told before anything is typed. */
export async function readInvite(platform: Platform, code: string): Promise<Invitation> {
  const { shopId, name, role, personId } = await openInvite(platform, code);
  return platform.store.inShop(shopId, async (shop) => ({
    ...{ name, role },
    shop: (await shop.shop.get()).name,
    first: (await shop.people.all()).length === 0,
    login: personId ? ((await shop.people.byId(personId))?.login ?? null) : null,
  }));
}

const newPerson = (invite: Invite, { name, login }: JoinRequest, passwordHash: string) => ({
  ...{ id: uuid(), name, login, passwordHash },
  role: invite.role,
  units: METRIC_PREFERENCES,
  approvals: [],
  confirmedAt: null,
  leftAt: null,
});

async function comeIn(shop: ShopWork, invite: Invite, body: JoinRequest, passwordHash: string): Promise<void> {
  if (invite.personId) {
    await shop.people.change(invite.personId, { passwordHash });
    return shop.sessions.endAllOf(invite.personId);
  }
  const first = (await shop.people.all()).length === 0;
  if (first && !body.shopName) throw new AppError('INVALID_INPUT', 'is needed: what is the shop called?', 'shopName');
  if (first && body.shopName) await shop.shop.change({ name: body.shopName });
  await shop.people.add(newPerson(invite, body, passwordHash));
}

/** Comes in by a code, once; answers with the name to sign in by. */
export async function join(platform: Platform, body: JoinRequest): Promise<string> {
  const invite = await openInvite(platform, body.code);
  if (!invite.personId && (await platform.store.loginIsTaken(body.login)))
    throw new AppError('CONFLICT', `${body.login} signs in here already: choose another name.`, 'login');
  const passwordHash = await hashPassword(body.password);
  return platform.store.inShop(invite.shopId, async (shop) => {
    const held = await shop.invites.lock(invite.id);
    if (!held || held.usedAt) throw unknownCode();
    await comeIn(shop, held, body, passwordHash);
    await shop.invites.markUsed(held.id, platform.clock());
    return held.personId ? ((await shop.people.byId(held.personId))?.login ?? body.login) : body.login;
  });
}
