import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { PutPasswordRequest, SignInRequest } from '@kesto/contract';
import type { Request } from 'express';
import { validate } from 'uuid';
import { withShop } from '../../platform/db/shop';
import { AppError } from '../../platform/errors';
import type { Platform, SignedIn } from '../../platform/http/context';
import type { Authenticate } from '../../platform/http/register';
import { DEMO_SHOP } from '../demo';
import {
  addSession,
  changePassword,
  factsForSignIn,
  meBySession,
  passwordHashOf,
  removeExpiredSessions,
  removeSession,
} from './session.repository.typeorm';

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
  const person = await factsForSignIn(platform.db, login);
  const fits = await verify(person?.passwordHash ?? (await NOBODY), password);
  if (!person || !fits || person.left || isBarred(platform, person.shopId)) throw wrong();
  const token = randomBytes(32).toString('base64url');
  const now = platform.clock();
  const expiresAt = new Date(now.getTime() + SESSION_MS);
  await withShop(platform.db, person.shopId, async (shop) => {
    await removeExpiredSessions(shop, now);
    await addSession(shop, { tokenHash: tokenHash(token), personId: person.personId, expiresAt, device });
  });
  return `${person.shopId}.${token}`;
}

function sessionOf(request: Request): { shopId: string; hash: string } | null {
  const cookies = (request.get('cookie') ?? '').split(/;\s*/);
  const value = cookies.find((c) => c.startsWith(`${COOKIE}=`))?.slice(COOKIE.length + 1);
  const [shopId, token, ...more] = (value ?? '').split('.');
  return shopId && validate(shopId) && token && more.length === 0 ? { shopId, hash: tokenHash(token) } : null;
}

export function authenticator(platform: Platform): Authenticate {
  return async (request) => {
    const session = sessionOf(request);
    if (!session || isBarred(platform, session.shopId)) return null;
    return withShop(platform.db, session.shopId, (shop) => meBySession(shop, session.hash, platform.clock()));
  };
}

/** What is kept of the sign-in a request comes by. */
export const currentSignIn = (request: Request): string => sessionOf(request)?.hash ?? '';

interface PasswordChange extends PutPasswordRequest {
  readonly personId: string;
  readonly request: Request;
}

/** A new password ends every other sign-in of the person. */
export async function setPassword(platform: Platform, asked: PasswordChange, inShop: SignedIn['inShop']): Promise<void> {
  const before = await inShop((shop) => passwordHashOf(shop, asked.personId));
  if (!(await verify(before, asked.current))) throw new AppError('INVALID_INPUT', 'This is not your password now.', 'current');
  const password_hash = await hashPassword(asked.next);
  await inShop((shop) =>
    changePassword(shop, { personId: asked.personId, passwordHash: password_hash, here: currentSignIn(asked.request) }),
  );
}

export async function signOut(platform: Platform, request: Request): Promise<void> {
  const session = sessionOf(request);
  if (session) await withShop(platform.db, session.shopId, (shop) => removeSession(shop, session.hash));
}
