import type { DeviceView, EndDeviceRequest, PersonName, SetDeviceRequest, SignedBy, VouchRequest } from '@kesto/contract';
import type { KindOf, LedgerLink } from '@kesto/core';
import { deviceKeys, keyWords, type DeviceKey } from '@kesto/core/tree';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { append, authorOf, type Author } from '../ledger';
import type { ShopWork } from '../shopWork';

/** Who asks, and when by both clocks. */
export interface Who {
  readonly person: PersonName & Author;
  readonly now: Date;
  readonly offsetS: number | null;
}

/** Keys of one person, that are good or were: more are a fault, or somebody who tries them. */
const MOST_DEVICES = 60;

const isLead = ({ person }: Pick<Who, 'person'>) => person.role === 'lead' || person.role === 'admin';
const chainOf = ({ shopId, ledger }: ShopWork): Promise<readonly LedgerLink[]> => ledger.of({ of: 'shop', id: shopId });

interface Said {
  readonly id: string;
  readonly kind: Extract<KindOf<'shop'>, 'device-key' | 'device-vouched' | 'device-ended'>;
  readonly told: Readonly<Record<string, unknown>>;
  readonly deviceTime: string;
  readonly signed?: SignedBy;
}

/** Adds an entry to the shop's chain. Repeating it changes nothing. */
async function tell(shop: ShopWork, { person, now, offsetS }: Who, { signed, ...said }: Said): Promise<LedgerLink> {
  // Entered again it is the same key, whenever it is said.
  const { deviceTime: _when, ...same } = said;
  const hash = requestHash({ ...same, person: person.id });
  const before = await shop.ledger.taken('shop', said.id);
  if (before) {
    sameOrConflict(before.requestHash, hash, 'entry');
    return before.link as LedgerLink; // cast: of the shop's chain
  }
  return append(shop, await chainOf(shop), {
    ...{ ...said, chain: { of: 'shop', id: shop.shopId }, requestHash: hash, signed },
    ...{ person: authorOf(person), now, offsetS },
  });
}

async function keyOf(shop: ShopWork, device: string): Promise<DeviceKey> {
  const key = deviceKeys(await chainOf(shop)).find((one) => one.device === device);
  if (!key) throw notFound('This device');
  return key;
}

/** The key of the device that somebody signs in on. */
export async function enterDevice(shop: ShopWork, who: Who, device: string, { alg, key, deviceTime }: SetDeviceRequest): Promise<void> {
  await shop.shop.lock();
  const own = deviceKeys(await chainOf(shop)).filter(({ person }) => person === who.person.id);
  const isKnown = own.some((one) => one.device === device);
  if (!isKnown && own.length >= MOST_DEVICES)
    throw new AppError('FULL', `At most ${MOST_DEVICES} devices of one person are kept.`, 'device');
  await tell(shop, who, { id: device, kind: 'device-key', told: { device, alg, key }, deviceTime });
}

/** Somebody says whose a device is: by the signature of another one, which the entry carries. */
export async function vouch(
  shop: ShopWork,
  who: Who,
  { device, entry, body }: { readonly device: string; readonly entry: string; readonly body: VouchRequest },
): Promise<void> {
  await shop.shop.lock();
  const key = await keyOf(shop, device);
  if (key.person !== who.person.id && !isLead(who)) throw new AppError('FORBIDDEN', 'Only a lead vouches for somebody else’s device.');
  if (body.signed.device === device) throw new AppError('INVALID_INPUT', 'signed.device: no device vouches for itself', 'signed.device');
  const { deviceTime, signed } = body;
  const link = await tell(shop, who, { id: entry, kind: 'device-vouched', told: { device }, deviceTime, signed });
  if (!link.content.signature) throw new AppError('INVALID_INPUT', 'signed: not the signature of a device of yours', 'signed');
}

export async function endDevice(
  shop: ShopWork,
  who: Who,
  { device, entry, body }: { readonly device: string; readonly entry: string; readonly body: EndDeviceRequest },
): Promise<void> {
  await shop.shop.lock();
  const key = await keyOf(shop, device);
  if (key.person !== who.person.id && !isLead(who)) throw new AppError('FORBIDDEN', 'Only a lead ends somebody else’s device.');
  await tell(shop, who, { id: entry, kind: 'device-ended', told: { device, why: body.why }, deviceTime: body.deviceTime });
}

/** One's own devices; for leads everybody's, the newest first. */
export async function devices(shop: ShopWork, who: Pick<Who, 'person'>): Promise<readonly DeviceView[]> {
  const keys = deviceKeys(await chainOf(shop));
  const personOf = new Map(keys.map(({ device, person }) => [device, person]));
  const shown = keys.filter(({ person }) => person === who.person.id || isLead(who));
  const names = await shop.people.namesOf([...new Set(keys.map(({ person }) => person))]);
  const nameOf = (person: string | undefined) => names.get(person ?? '') ?? '';
  return shown
    .map(({ device, person, alg, key, since, until, vouchedBy }) => ({
      ...{ device, alg, since, until, person: { id: person, name: nameOf(person) }, keyWords: keyWords(key) },
      vouchedBy: [...new Set(vouchedBy.map((one) => nameOf(personOf.get(one))))],
    }))
    .toReversed();
}
