import { loginsOf } from './loginsOf';
import { createHash, randomBytes } from 'node:crypto';
import { BEHALF_HEADER, LEADS, PERSON_HEADER, type Me, type PutPasswordRequest, type SignInRequest } from '@kesto/contract';
import { parse } from 'cookie';
import type { Request } from 'express';
import { v7 as uuid, validate } from 'uuid';
import { AppError } from '../../platform/errors';
import type { Platform, SignedIn } from '../../platform/http/context';
import { isFromPage } from '../../platform/http/fromPage';
import type { Authenticate } from '../../platform/http/register';
import { audited, auditRefused } from '../audit';
import type { WhoWatches } from '../instruments';
import type { ShopWork, SignInFacts } from '../shopWork';

export const COOKIE = 'kesto_session';
export const SESSION_MS = 14 * 24 * 3600 * 1000;

const tokenHash = (token: string) => createHash('sha256').update(token).digest('hex');

const wrongSignIn = () => new AppError('WRONG_SIGN_IN', 'Name or password is wrong.', 'password');

/** Where the demo is not wanted, its people (whose password everybody knows) are nobody: the shop is barred. */
export const isBarred = ({ barredShop }: Pick<Platform, 'barredShop'>, shopId: string) => shopId === barredShop;

/** Where a sign-in comes from. */
export interface From {
  readonly address: string;
  /** The device in a word or two. */
  readonly device: string;
}

/** Noted when the answer is long gone [ms]: a name that is known takes no longer than one that is not. */
const NOTED_AFTER_MS = 200;

export function noteRefused({ store, clock }: Platform, { shopId, personId }: SignInFacts, address: string): void {
  const now = clock();
  const note = () => store.inShop(shopId, (shop) => auditRefused(shop, personId, address, now)).catch(() => undefined);
  setTimeout(() => void note(), NOTED_AFTER_MS).unref();
}

/** Whoever a typed name means: the first of what it may stand for that somebody signs in by. */
export async function knownBy({ store }: Platform, typed: string): Promise<SignInFacts | null> {
  // All are asked, whoever there is: how long it takes tells nobody.
  const found = await Promise.all(loginsOf(typed).map((login) => store.signInBy(login)));
  return found.find((person) => person !== null) ?? null;
}

/** Checks a sign-in and opens a session; answers with the cookie's value. */
export async function signIn(platform: Platform, { login, password }: SignInRequest, { address, device }: From): Promise<string> {
  const person = await knownBy(platform, login);
  const fits = await platform.passwords.fits(person?.passwordHash, password, address);
  if (person && !fits) noteRefused(platform, person, address);
  if (!person || !fits || person.left || isBarred(platform, person.shopId)) throw wrongSignIn();
  const token = randomBytes(32).toString('base64url');
  const now = platform.clock();
  const expiresAt = new Date(now.getTime() + SESSION_MS);
  await platform.store.inShop(person.shopId, async (shop) => {
    const { people, sessions } = shop;
    // A password that was changed, or a person who left, while the hash was being compared: the session never begins.
    const held = await people.lock(person.personId);
    if (!held || held.leftAt || held.passwordHash !== person.passwordHash) throw wrongSignIn();
    await sessions.removeExpired(now);
    await sessions.add({ id: uuid(), tokenHash: tokenHash(token), personId: person.personId, beganAt: now, expiresAt, device });
    await audited(shop, { what: 'signed-in', personId: person.personId, device }, now);
  });
  platform.passwords.know(address);
  return `${person.shopId}.${token}`;
}

const sessionOf = (request: Request) => sessionIn(request.get('cookie') ?? '');

function sessionIn(cookie: string): { shopId: string; hash: string } | null {
  const [shopId, token, ...more] = (parse(cookie)[COOKIE] ?? '').split('.');
  return shopId && validate(shopId) && token && more.length === 0 ? { shopId, hash: tokenHash(token) } : null;
}

async function meBy(shop: ShopWork, hash: string, now: Date): Promise<Me | null> {
  const session = await shop.sessions.byToken(hash);
  if (!session || session.expiresAt <= now) return null;
  const person = await shop.people.byId(session.personId);
  if (!person || person.leftAt) return null;
  const { id, name, role, units, approvals } = person;
  return { person: { id, name, role }, shop: { id: shop.shopId, name: (await shop.shop.get()).name }, units, approvals };
}

/** A request of one person never runs in the name of another who signed in on that device meanwhile. */
async function checkPerson(shop: ShopWork, meant: string | undefined, { person }: Me): Promise<void> {
  if (meant === undefined || meant === person.id) return;
  const kept = validate(meant) ? await shop.people.byId(meant) : null;
  throw new AppError(
    'OTHER_PERSON',
    `This is ${kept ? `${kept.name}’s` : 'another person’s'}, and ${person.name} is signed in on this device. It is kept until ${kept?.name ?? 'that person'} signs in here.`,
    undefined,
    { details: { signedIn: person } },
  );
}

/** What somebody who has left the shop had kept is brought by a lead, and says so. */
async function withBehalf(shop: ShopWork, request: Request, me: Me): Promise<Me> {
  const whose = request.get(BEHALF_HEADER);
  if (whose === undefined) return me;
  if (!LEADS.includes(me.person.role)) throw new AppError('FORBIDDEN', `${me.person.role} may not send what another person had kept`);
  const kept = validate(whose) ? await shop.people.byId(whose) : null;
  if (!kept?.leftAt) throw new AppError('INVALID_INPUT', 'must be somebody who has left this shop', BEHALF_HEADER);
  return { ...me, person: { ...me.person, onBehalfOf: kept.id } };
}

/** The former version's page says with no write whose it is, and its session may be another's by now. A program has one sign-in and no outbox. */
function checkPage(request: Request): void {
  if (request.method !== 'PUT' || request.get(PERSON_HEADER) !== undefined || !isFromPage(request)) return;
  throw new AppError(
    'OLD_PAGE',
    'This page is of a former version of Kesto: reload it. What you entered is kept here and goes on after that.',
  );
}

export function authenticator(platform: Platform): Authenticate {
  return async (request) => {
    const session = sessionOf(request);
    if (!session || isBarred(platform, session.shopId)) return null;
    return platform.store.inShop(session.shopId, async (shop) => {
      const me = await meBy(shop, session.hash, platform.clock());
      if (!me) return null;
      await checkPerson(shop, request.get(PERSON_HEADER), me);
      checkPage(request);
      return withBehalf(shop, request, me);
    });
  };
}

/** Whoever watches over a line that a page opened: by the cookie it was opened with, and as the page names them. */
export function watcher(platform: Pick<Platform, 'store' | 'clock' | 'barredShop'>): WhoWatches {
  return async (cookie, person) => {
    const session = sessionIn(cookie);
    if (!session || isBarred(platform, session.shopId)) return null;
    return platform.store.inShop(session.shopId, async (shop) => {
      const me = await meBy(shop, session.hash, platform.clock());
      if (me) await checkPerson(shop, person, me);
      return me;
    });
  };
}

/** What is kept of the sign-in a request comes by. */
export const currentSignIn = (request: Request): string => sessionOf(request)?.hash ?? '';

interface PasswordChange extends PutPasswordRequest {
  readonly personId: string;
  readonly request: Request;
}

const notYours = () => new AppError('INVALID_INPUT', 'This is not your password now.', 'current');

/** A new password ends every other sign-in of the person. */
export async function setPassword({ passwords, clock }: Platform, asked: PasswordChange, inShop: SignedIn['inShop']): Promise<void> {
  const address = asked.request.ip ?? '';
  const before = await inShop(({ people }) => people.byId(asked.personId));
  if (!before || !(await passwords.fits(before.passwordHash, asked.current, address))) throw notYours();
  const passwordHash = await passwords.hash(asked.next, address);
  await inShop(async (shop) => {
    const { people, sessions } = shop;
    const held = await people.lock(asked.personId);
    if (held?.passwordHash !== before.passwordHash) throw notYours();
    await people.change(asked.personId, { passwordHash });
    await sessions.endAllOf(asked.personId, currentSignIn(asked.request));
    await audited(shop, { what: 'password-changed', personId: asked.personId }, clock());
  });
}

export async function signOut(platform: Platform, request: Request): Promise<void> {
  const session = sessionOf(request);
  if (session) await platform.store.inShop(session.shopId, ({ sessions }) => sessions.remove(session.hash));
}
