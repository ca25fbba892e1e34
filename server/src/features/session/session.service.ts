import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { SignInRequest } from '@kesto/contract';
import type { Request } from 'express';
import { withShop } from '../../platform/db/shop';
import { AppError } from '../../platform/errors';
import type { Platform } from '../../platform/http/context';
import type { Authenticate } from '../../platform/http/register';
import { addSession, meBySession, personByLogin, removeSession, shopOfLogin } from './session.repository.typeorm';

export const COOKIE = 'kesto_session';
export const SESSION_MS = 14 * 24 * 3600 * 1000;

/** Argon2id as OWASP recommends it: 19 MiB, two passes. */
const HASHING = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const hashPassword = (password: string) => hash(password, HASHING);

const tokenHash = (token: string) => createHash('sha256').update(token).digest('hex');

/** A hash no password has, so that an unknown login takes as long as a wrong password. */
const NOBODY = hashPassword(randomBytes(16).toString('hex'));

const wrong = () => new AppError('WRONG_SIGN_IN', 'Name or password is wrong.', 'password');

/** Checks a sign-in and opens a session; answers with the cookie's value. */
export async function signIn(platform: Platform, { login, password }: SignInRequest): Promise<string> {
  const shopId = await shopOfLogin(platform.db, login);
  const person = shopId ? await withShop(platform.db, shopId, (shop) => personByLogin(shop, login)) : null;
  const fits = await verify(person?.password_hash ?? (await NOBODY), password);
  if (!shopId || !person || !fits) throw wrong();
  const token = randomBytes(32).toString('base64url');
  const expiresAt = new Date(platform.clock().getTime() + SESSION_MS);
  await withShop(platform.db, shopId, (shop) => addSession(shop, { tokenHash: tokenHash(token), personId: person.id, expiresAt }));
  return `${shopId}.${token}`;
}

function sessionOf(request: Request): { shopId: string; hash: string } | null {
  const cookies = (request.get('cookie') ?? '').split(/;\s*/);
  const value = cookies.find((c) => c.startsWith(`${COOKIE}=`))?.slice(COOKIE.length + 1);
  const found = /^([0-9a-f-]{36})\.([\w-]{20,})$/.exec(value ?? '');
  return found?.[1] && found[2] ? { shopId: found[1], hash: tokenHash(found[2]) } : null;
}

export function authenticator(platform: Platform): Authenticate {
  return async (request) => {
    const session = sessionOf(request);
    if (!session) return null;
    return withShop(platform.db, session.shopId, (shop) => meBySession(shop, session.hash, platform.clock()));
  };
}

export async function signOut(platform: Platform, request: Request): Promise<void> {
  const session = sessionOf(request);
  if (session) await withShop(platform.db, session.shopId, (shop) => removeSession(shop, session.hash));
}
