import type { SignInRequest } from '@kesto/contract';
import type { Request, Response } from 'express';
import type { Platform } from '../../platform/http/context';
import { COOKIE, SESSION_MS, signIn } from './session.service';

const COOKIE_OPTIONS = { httpOnly: true, sameSite: 'strict', path: '/', maxAge: SESSION_MS } as const;

/** Checks a sign-in and hands its cookie to whoever asked. */
export async function openSession(
  platform: Platform,
  asked: SignInRequest,
  { request, response }: { readonly request: Request; readonly response: Response },
): Promise<void> {
  const from = { address: request.ip ?? '', device: deviceOf(request.get('user-agent') ?? '') };
  const value = await signIn(platform, asked, from);
  response.cookie(COOKIE, value, { ...COOKIE_OPTIONS, secure: request.secure });
}

const SYSTEMS: readonly (readonly [RegExp, string])[] = [
  [/android/i, 'Android'],
  [/iphone|ipad/i, 'iOS'],
  [/windows/i, 'Windows'],
  [/mac os/i, 'macOS'],
  [/linux|x11/i, 'Linux'],
];

/** The device in a word or two, from what its browser says of itself. */
export function deviceOf(userAgent: string): string {
  const system = SYSTEMS.find(([pattern]) => pattern.test(userAgent))?.[1] ?? 'another device';
  return /mobile/i.test(userAgent) ? `${system}, phone` : system;
}
