import { RANK, type Role } from '@kesto/contract';
import { AppError } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import type { Invite, Person } from './people.repository';

/** Admins are made, changed and given new passwords by admins alone: nobody gives more than they have. */
export function checkRank(by: { readonly role: Role }, ...roles: readonly Role[]): void {
  if (roles.every((role) => RANK[role] <= RANK[by.role])) return;
  throw new AppError('FORBIDDEN', 'Only an admin makes or changes an admin.', 'role');
}

/** What a code's maker may do now; null where they may make no code any more. */
async function powerOf({ people }: ShopWork, { madeBy }: Invite, others: number): Promise<number | null> {
  // The first code of a shop is its admin's. Of codes that the former version made nobody knows by whom: no more than a lead's.
  if (madeBy === null) return others === 0 ? RANK.admin : RANK.lead;
  const maker = await people.byId(madeBy);
  return maker && !maker.leftAt && RANK[maker.role] >= RANK.lead ? RANK[maker.role] : null;
}

/** A code does what its maker may do at the moment of its use, and never touches somebody who left or stands higher now. */
export async function isGood(shop: ShopWork, invite: Invite, target: Person | null): Promise<boolean> {
  const power = await powerOf(shop, invite, await shop.people.count());
  if (power === null || RANK[invite.role] > power) return false;
  return invite.personId === null || (target !== null && target.leftAt === null && RANK[target.role] <= power);
}
