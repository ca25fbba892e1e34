import type { Invitation, JoinRequest } from '@kesto/contract';
import { METRIC_PREFERENCES } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import type { InviteRow } from '../../platform/db/rows';
import { withShop, type ShopWork } from '../../platform/db/shop';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import { hashPassword } from '../session';
import { codeHash } from './codes';
import {
  addPerson,
  changePerson,
  endSignIns,
  everybody,
  inviteByCode,
  lockInvite,
  loginIsTaken,
  nameShop,
  personById,
  shopName,
  markUsed,
} from './people.repository.typeorm';

const unknownCode = () => new AppError('NOT_FOUND', 'This code is not known, was used, or is out of date. Ask for a new one.', 'code');

async function openInvite(platform: Platform, code: string): Promise<InviteRow> {
  const invite = await inviteByCode(platform.db, codeHash(code));
  if (!invite || invite.used_at || invite.expires_at <= platform.clock()) throw unknownCode();
  return invite;
}

/** What a code is for, told before anything is typed. */
export async function readInvite(platform: Platform, code: string): Promise<Invitation> {
  const { shop_id, name, role, person_id } = await openInvite(platform, code);
  return withShop(platform.db, shop_id, async (shop) => ({
    ...{ name, role },
    shop: await shopName(shop),
    first: (await everybody(shop)).length === 0,
    login: person_id ? ((await personById(shop, person_id))?.login ?? null) : null,
  }));
}

const newPerson = (invite: InviteRow, { name, login }: JoinRequest, password_hash: string) => ({
  ...{ id: uuid(), name, login, password_hash },
  role: invite.role,
  units: METRIC_PREFERENCES,
  approvals: [],
  confirmed_at: null,
  left_at: null,
});

async function comeIn(shop: ShopWork, invite: InviteRow, body: JoinRequest, password_hash: string): Promise<void> {
  if (invite.person_id) {
    await changePerson(shop, invite.person_id, { password_hash });
    return endSignIns(shop, invite.person_id);
  }
  const first = (await everybody(shop)).length === 0;
  if (first && !body.shopName) throw new AppError('INVALID_INPUT', 'is needed: what is the shop called?', 'shopName');
  if (first && body.shopName) await nameShop(shop, body.shopName);
  await addPerson(shop, newPerson(invite, body, password_hash));
}

/** Comes in by a code, once; answers with the name to sign in by. */
export async function join(platform: Platform, body: JoinRequest): Promise<string> {
  const invite = await openInvite(platform, body.code);
  if (!invite.person_id && (await loginIsTaken(platform.db, body.login)))
    throw new AppError('CONFLICT', `${body.login} signs in here already: choose another name.`, 'login');
  const password_hash = await hashPassword(body.password);
  return withShop(platform.db, invite.shop_id, async (shop) => {
    const held = await lockInvite(shop, invite.id);
    if (!held || held.used_at) throw unknownCode();
    await comeIn(shop, held, body, password_hash);
    await markUsed(shop, held.id, platform.clock());
    return held.person_id ? ((await personById(shop, held.person_id))?.login ?? body.login) : body.login;
  });
}
