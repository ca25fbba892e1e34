import { LEADS, type PersonName, type SignInRequest } from '@kesto/contract';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { Author } from '../ledger';
import { accountOf } from './loginsOf';
import { isBarred, knownBy, noteRefused } from './session.service';
import { triesOf } from './tries';

/** The session that is open has not ended: 401 would say so to the page. */
const wrongBeside = () => new AppError('INVALID_INPUT', 'Name or password is wrong.', 'password');

/** Where and for whom somebody signs in beside the session that is open. */
interface Beside {
  readonly shopId: string;
  readonly address: string;
}

/** A lead or an admin who signs in for one thing on somebody else's phone: no session is opened, and the one that is open stays. */
export function leadBeside(
  platform: Platform,
  { login, password }: SignInRequest,
  { shopId, address }: Beside,
): Promise<PersonName & Author> {
  return triesOf(platform).guard(accountOf(login), address, async () => {
    const person = await knownBy(platform, login);
    const fits = await platform.passwords.fits(person?.passwordHash, password, address);
    if (person && !fits) noteRefused(platform, person, address);
    if (!person || !fits || person.left || person.shopId !== shopId || isBarred(platform, shopId)) throw wrongBeside();
    const held = await platform.store.inShop(shopId, (shop) => shop.people.byId(person.personId));
    if (!held || held.leftAt) throw wrongBeside();
    if (!LEADS.includes(held.role))
      throw new AppError('FORBIDDEN', `${held.name} is ${held.role}: a lead or an admin overrules this.`, 'login');
    return { id: held.id, name: held.name, role: held.role };
  });
}
