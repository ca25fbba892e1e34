import type { Me } from '@kesto/contract';
import type { UnitPreferences } from '@kesto/core';
import { LessThanOrEqual, Not, type DataSource } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { People, Sessions, Shops, type PersonRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';

export interface SignInFacts {
  readonly shopId: string;
  readonly personId: string;
  readonly passwordHash: string;
  readonly left: boolean;
}

/** Who signs in by a name: the one question asked before a shop is known. The same work whether the name is known or not. */
export function factsForSignIn(db: DataSource, login: string): Promise<SignInFacts | null> {
  return db.transaction(async (manager) => {
    await manager.query(`select set_config('app.login', $1, true)`, [login]);
    const person = await manager.findOneBy(People, { login });
    return person && { shopId: person.shop_id, personId: person.id, passwordHash: person.password_hash, left: person.left_at !== null };
  });
}

export async function addSession(
  { shopId, manager }: ShopWork,
  session: { tokenHash: string; personId: string; expiresAt: Date; device: string },
): Promise<void> {
  await manager.insert(Sessions, {
    shop_id: shopId,
    token_hash: session.tokenHash,
    person_id: session.personId,
    expires_at: session.expiresAt,
    device: session.device,
    id: uuid(),
    began_at: () => 'now()',
  });
}

export async function removeExpiredSessions({ shopId, manager }: ShopWork, now: Date): Promise<void> {
  await manager.delete(Sessions, { shop_id: shopId, expires_at: LessThanOrEqual(now) });
}

export async function removeSession({ shopId, manager }: ShopWork, tokenHash: string): Promise<void> {
  await manager.delete(Sessions, { shop_id: shopId, token_hash: tokenHash });
}

export async function meBySession({ shopId, manager }: ShopWork, tokenHash: string, now: Date): Promise<Me | null> {
  const session = await manager.findOneBy(Sessions, { shop_id: shopId, token_hash: tokenHash });
  if (!session || session.expires_at <= now) return null;
  const person = await manager.findOneBy(People, { shop_id: shopId, id: session.person_id });
  const shop = await manager.findOneBy(Shops, { shop_id: shopId });
  return person && !person.left_at && shop ? toMe(person, shop.name) : null;
}

function toMe(person: PersonRow, shopName: string): Me {
  return {
    person: { id: person.id, name: person.name, role: person.role },
    shop: { id: person.shop_id, name: shopName },
    units: person.units,
    approvals: person.approvals,
  };
}

export async function setUnits({ shopId, manager }: ShopWork, personId: string, units: UnitPreferences): Promise<void> {
  await manager.update(People, { shop_id: shopId, id: personId }, { units });
}

export async function passwordHashOf({ shopId, manager }: ShopWork, personId: string): Promise<string> {
  return (await manager.findOneByOrFail(People, { shop_id: shopId, id: personId })).password_hash;
}

interface PasswordChange {
  readonly personId: string;
  readonly passwordHash: string;
  /** The sign-in that stays. */
  readonly here: string;
}

export async function changePassword({ shopId, manager }: ShopWork, { personId, passwordHash, here }: PasswordChange): Promise<void> {
  await manager.update(People, { shop_id: shopId, id: personId }, { password_hash: passwordHash });
  await manager.delete(Sessions, { shop_id: shopId, person_id: personId, token_hash: Not(here) });
}
