import type { InviteView, PersonView, SignInView } from '@kesto/contract';
import { IsNull, MoreThan, Not, type DataSource } from 'typeorm';
import { Invites, People, Sessions, Shops, type InviteRow, type PersonRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

export const everybody = ({ shopId, manager }: ShopWork): Promise<PersonRow[]> =>
  manager.find(People, { where: { shop_id: shopId }, order: { name: 'ASC' } });
export const personById = ({ shopId, manager }: ShopWork, id: string): Promise<PersonRow | null> =>
  manager.findOneBy(People, { shop_id: shopId, id });

export async function addPerson({ shopId, manager }: ShopWork, person: Omit<PersonRow, 'shop_id'>): Promise<void> {
  await manager.insert(People, { ...person, shop_id: shopId });
}

export async function changePerson({ shopId, manager }: ShopWork, id: string, part: Partial<PersonRow>): Promise<void> {
  await manager.update(People, { shop_id: shopId, id }, part);
}

/** Admins who have not left. */
export const adminCount = ({ shopId, manager }: ShopWork): Promise<number> =>
  manager.countBy(People, { shop_id: shopId, role: 'admin', left_at: IsNull() });

export async function endSignIns({ shopId, manager }: ShopWork, personId: string, butFor: string | null = null): Promise<void> {
  await manager.delete(Sessions, { shop_id: shopId, person_id: personId, ...(butFor ? { token_hash: Not(butFor) } : {}) });
}

/** False where the person has no such sign-in. */
export async function endSignIn({ shopId, manager }: ShopWork, personId: string, id: string): Promise<boolean> {
  return ((await manager.delete(Sessions, { shop_id: shopId, person_id: personId, id })).affected ?? 0) > 0;
}

export async function signInsOf(shop: ShopWork, personId: string, now: Date, here: string): Promise<readonly SignInView[]> {
  const rows = await shop.manager.find(Sessions, {
    where: { shop_id: shop.shopId, person_id: personId, expires_at: MoreThan(now) },
    order: { began_at: 'DESC' },
  });
  return rows.map((row) => ({ id: row.id, device: row.device, began: row.began_at.toISOString(), here: row.token_hash === here }));
}

export const openInvites = ({ shopId, manager }: ShopWork, now: Date): Promise<InviteRow[]> =>
  manager.find(Invites, { where: { shop_id: shopId, used_at: IsNull(), expires_at: MoreThan(now) }, order: { expires_at: 'ASC' } });
export const inviteById = ({ shopId, manager }: ShopWork, id: string): Promise<InviteRow | null> =>
  manager.findOneBy(Invites, { shop_id: shopId, id });

export async function addInvite({ shopId, manager }: ShopWork, invite: Omit<InviteRow, 'shop_id' | 'used_at'>): Promise<void> {
  await manager.insert(Invites, { ...invite, shop_id: shopId, used_at: null });
}

/** False where there is no such invitation. */
export async function markUsed({ shopId, manager }: ShopWork, id: string, now: Date): Promise<boolean> {
  return ((await manager.update(Invites, { shop_id: shopId, id }, { used_at: now })).affected ?? 0) > 0;
}

/** Holds the invite until the transaction ends: two who come by one code at once are one. */
export const lockInvite = ({ shopId, manager }: ShopWork, id: string): Promise<InviteRow | null> =>
  manager.findOne(Invites, { where: { shop_id: shopId, id }, lock: { mode: 'pessimistic_write' } });

/** Which shop a code belongs to: asked, like a sign-in, before a shop is known. */
export function inviteByCode(db: DataSource, codeHash: string): Promise<InviteRow | null> {
  return db.transaction(async (manager) => {
    await manager.query(`select set_config('app.invite', $1, true)`, [codeHash]);
    return manager.findOneBy(Invites, { code_hash: codeHash });
  });
}

/** Sign-in names are one for all shops: whoever signs in says no shop. */
export function loginIsTaken(db: DataSource, login: string): Promise<boolean> {
  return db.transaction(async (manager) => {
    await manager.query(`select set_config('app.login', $1, true)`, [login]);
    return manager.existsBy(People, { login });
  });
}

export async function shopName({ shopId, manager }: ShopWork): Promise<string> {
  return (await manager.findOneBy(Shops, { shop_id: shopId }))?.name ?? '';
}

export async function nameShop({ shopId, manager }: ShopWork, name: string): Promise<void> {
  await manager.update(Shops, { shop_id: shopId }, { name });
}

export const toPerson = ({ id, name, role, approvals, confirmed_at, left_at }: PersonRow): PersonView => ({
  ...{ id, name, role, approvals },
  confirmedAt: confirmed_at?.toISOString() ?? null,
  left: left_at !== null,
});

export const toInvite = ({ id, name, role, person_id, expires_at }: InviteRow): InviteView => ({
  ...{ id, name, role },
  until: expires_at.toISOString(),
  person: person_id,
});
