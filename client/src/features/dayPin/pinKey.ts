/** A lead's key on this phone: its signing half wrapped by six figures, so that the phone alone, or the figures alone, sign nothing. */
export interface WrappedKey {
  readonly salt: string;
  readonly iv: string;
  readonly key: string;
}

/** Six figures are few: each guess is made to cost. Source: OWASP Password Storage Cheat Sheet, PBKDF2 with SHA-256. */
const ROUNDS = 600_000;
const SIGNS = { name: 'ECDSA', namedCurve: 'P-256' } as const;
const SIGNATURE = { name: 'ECDSA', hash: 'SHA-256' } as const;

const toBase64 = (bytes: ArrayBuffer | Uint8Array): string => btoa(String.fromCharCode(...new Uint8Array(bytes)));
const fromBase64 = (text: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));

/** A browser that got its page without TLS makes no keys. */
export const canKeepKeys = (): boolean => globalThis.crypto?.subtle !== undefined;

async function wrappingKey(pin: string, salt: Uint8Array<ArrayBuffer>): Promise<CryptoKey> {
  const typed = await crypto.subtle.importKey('raw', new TextEncoder().encode(pin), 'PBKDF2', false, ['deriveKey']);
  const how = { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: ROUNDS };
  return crypto.subtle.deriveKey(how, typed, { name: 'AES-GCM', length: 256 }, false, ['wrapKey', 'unwrapKey']);
}

/** A fresh pair of keys: the half that checks, as SPKI in base64, and the one that signs, wrapped by a PIN. */
export async function makePinKey(pin: string): Promise<{ readonly checks: string; readonly wrapped: WrappedKey }> {
  const pair = await crypto.subtle.generateKey(SIGNS, true, ['sign', 'verify']);
  const salt = crypto.getRandomValues(new Uint8Array(16));
  const iv = crypto.getRandomValues(new Uint8Array(12));
  const key = await crypto.subtle.wrapKey('pkcs8', pair.privateKey, await wrappingKey(pin, salt), { name: 'AES-GCM', iv });
  const checks = toBase64(await crypto.subtle.exportKey('spki', pair.publicKey));
  return { checks, wrapped: { salt: toBase64(salt), iv: toBase64(iv), key: toBase64(key) } };
}

/** Signs a text; null where these are not the six figures. ECDSA over SHA-256, r and s one behind the other, in base64. */
export async function signByPin({ salt, iv, key }: WrappedKey, pin: string, text: string): Promise<string | null> {
  const wrapping = await wrappingKey(pin, fromBase64(salt));
  const signing = await crypto.subtle
    .unwrapKey('pkcs8', fromBase64(key), wrapping, { name: 'AES-GCM', iv: fromBase64(iv) }, SIGNS, false, ['sign'])
    .catch(() => null);
  return signing && toBase64(await crypto.subtle.sign(SIGNATURE, signing, new TextEncoder().encode(text)));
}
