import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Me, PutPasswordRequest, SignInRequest } from '@kesto/contract';
import { parse } from 'cookie';
import type { Request } from 'express';
import { v7 as uuid, validate } from 'uuid';
import { AppError } from '../../platform/errors';
import type { Platform, SignedIn } from '../../platform/http/context';
import type { Authenticate } from '../../platform/http/register';
import { DEMO_SHOP } from '../demo';
import type { ShopWork } from '../shopWork';

export const COOKIE = 'kesto_session';
export const SESSION_MS = 14 * 24 * 3600 * 1000;

/** Argon2id as OWASP recommends it: 19 MiB, two passes. */
const HASHING = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const hashPassword = (password: string) => hash(password, HASHING);

const tokenHash = (token: string) => createHash('sha256').update(token).digest('hex');

/** A hash no password has, so that an unknown login takes as long as a wrong password. */
const NOBODY = hashPassword(randomBytes(16).toString('hex'));

const wrong = () => new AppError('WRONG_SIGN_IN', 'Name or password is wrong.', 'password');

/** Where the demo is not wanted, its people (whose password everybody knows) are nobody. */
const isBarred = (platform: Platform, shopId: string) => !platform.demo && shopId === DEMO_SHOP;

/** Checks a sign-in and opens a session; answers with the cookie's value. */
export async function signIn(platform: Platform, { login, password }: SignInRequest, device: string): Promise<string> {
  const person = await platform.store.signInBy(login);
  const fits = await verify(person?.passwordHash ?? (await NOBODY), password);
  if (!person || !fits || person.left || isBarred(platform, person.shopId)) throw wrong();
  const token = randomBytes(32).toString('base64url');
  const now = platform.clock();
  const expiresAt = new Date(now.getTime() + SESSION_MS);
  await platform.store.inShop(person.shopId, async ({ sessions }) => {
    await sessions.removeExpired(now);
    await sessions.add({ id: uuid(), tokenHash: tokenHash(token), personId: person.personId, beganAt: now, expiresAt, device });
  });
  return `${person.shopId}.${token}`;
}

function sessionOf(request: Request): { shopId: string; hash: string } | null {
  const [shopId, token, ...more] = (parse(request.get('cookie') ?? '')[COOKIE] ?? '').split('.');
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

export function authenticator(platform: Platform): Authenticate {
  return async (request) => {
    const session = sessionOf(request);
    if (!session || isBarred(platform, session.shopId)) return null;
    return platform.store.inShop(session.shopId, (shop) => meBy(shop, session.hash, platform.clock()));
  };
}

/** What is kept of the sign-in a request comes by. */
export const currentSignIn = (request: Request): string => sessionOf(request)?.hash ?? '';

interface PasswordChange extends PutPasswordRequest {
  readonly personId: string;
  readonly request: Request;
}

/** A new password ends every other sign-in of the person. */
export async function setPassword(asked: PasswordChange, inShop: SignedIn['inShop']): Promise<void> {
  const before = await inShop(({ people }) => people.byId(asked.personId));
  if (!before || !(await verify(before.passwordHash, asked.current)))
    throw new AppError('INVALID_INPUT', 'This is not your password now.', 'current');
  const passwordHash = await hashPassword(asked.next);
  await inShop(async ({ people, sessions }) => {
    await people.change(asked.personId, { passwordHash });
    await sessions.endAllOf(asked.personId, currentSignIn(asked.request));
  });
}

export async function signOut(platform: Platform, request: Request): Promise<void> {
  const session = sessionOf(request);
  if (session) await platform.store.inShop(session.shopId, ({ sessions }) => sessions.remove(session.hash));
}
