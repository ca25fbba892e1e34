import type { SignatureAlg } from '@kesto/core/vocabulary';
import { openDB, type DBSchema } from 'idb';
import { v7 as uuid } from 'uuid';

/** A person's key on this device: its signing half cannot be taken out of the browser. */
export interface DeviceKey {
  readonly person: string;
  readonly device: string;
  readonly alg: SignatureAlg;
  readonly pair: CryptoKeyPair;
  /** Its public half, in hex. */
  readonly key: string;
  /** Whether the shop's record knows it. */
  readonly isEntered: boolean;
}

interface Schema extends DBSchema {
  keys: { key: string; value: DeviceKey };
}

const ED25519 = { name: 'Ed25519' } as const;
const P256 = { name: 'ECDSA', namedCurve: 'P-256' } as const;
const SIGNS = { Ed25519: ED25519, 'P-256': { name: 'ECDSA', hash: 'SHA-256' } } as const;
const USES: readonly KeyUsage[] = ['sign', 'verify'];

const inHex = (bytes: ArrayBuffer) => [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** A page that came without TLS makes no keys, and a browser without a database keeps none. */
const canKeep = () => globalThis.crypto?.subtle !== undefined && globalThis.indexedDB !== undefined;

const opened = () => openDB<Schema>('kesto-keys', 1, { upgrade: (fresh) => void fresh.createObjectStore('keys', { keyPath: 'person' }) });

async function madePair(): Promise<{ readonly alg: SignatureAlg; readonly pair: CryptoKeyPair }> {
  try {
    return { alg: 'Ed25519', pair: (await crypto.subtle.generateKey(ED25519, false, [...USES])) as CryptoKeyPair }; // cast: both halves
  } catch {
    // An older browser knows no Ed25519.
    return { alg: 'P-256', pair: await crypto.subtle.generateKey(P256, false, [...USES]) };
  }
}

/** Kept once read: a tap waits for no database. */
const known = new Map<string, DeviceKey | null>();

/** The key of a person on this device; null where there is none. */
export async function keyOf(person: string): Promise<DeviceKey | null> {
  if (!canKeep()) return null;
  if (known.has(person)) return known.get(person) ?? null;
  const kept = (await (await opened()).get('keys', person).catch(() => undefined)) ?? null;
  // One that was made meanwhile stands.
  if (!known.has(person)) known.set(person, kept);
  return known.get(person) ?? null;
}

async function keep(key: DeviceKey): Promise<DeviceKey> {
  await (await opened()).put('keys', key);
  known.set(key.person, key);
  return key;
}

/** The key of a person on this device, made where there is none; null where this browser keeps none. */
export async function keyFor(person: string): Promise<DeviceKey | null> {
  if (!canKeep()) return null;
  const own = await keyOf(person);
  if (own) return own;
  const { alg, pair } = await madePair();
  const key = inHex(await crypto.subtle.exportKey('raw', pair.publicKey));
  return keep({ person, device: uuid(), alg, pair, key, isEntered: false });
}

/** A new key in place of one that has ended; null where this browser keeps none. */
export async function renewKey(person: string): Promise<DeviceKey | null> {
  if (!canKeep()) return null;
  await (await opened()).delete('keys', person);
  known.delete(person);
  return keyFor(person);
}

/** A first tap comes soon after the first sign-in: it waits so long for its key to be entered, and no longer. */
const WAITS_MS = 1500;
let entering: Promise<unknown> = Promise.resolve();

/** Notes that a key is on its way into the shop's record. */
export function noteEntering(way: Promise<unknown>): void {
  entering = way.catch(() => undefined);
}

/** The key of a person that the shop's record knows; null where there is none, or none yet. */
export async function enteredKeyOf(person: string): Promise<DeviceKey | null> {
  if (!canKeep()) return null;
  const kept = await keyOf(person);
  if (kept?.isEntered) return kept;
  await Promise.race([entering, new Promise((resolve) => setTimeout(resolve, WAITS_MS))]);
  const own = await keyOf(person);
  return own?.isEntered ? own : null;
}

export const markEntered = async (key: DeviceKey): Promise<void> => void (await keep({ ...key, isEntered: true }));

/** Signature of a text, in hex. */
export const signText = async ({ alg, pair }: DeviceKey, text: string): Promise<string> =>
  inHex(await crypto.subtle.sign(SIGNS[alg], pair.privateKey, new TextEncoder().encode(text)));
