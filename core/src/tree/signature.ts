import { ed25519 } from '@noble/curves/ed25519.js';
import { p256 } from '@noble/curves/nist.js';
import { hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js';
import type { SignatureAlg } from '../vocabulary/signing';

/** A key that checks: Ed25519 as its 32 bytes, P-256 as its point uncompressed, both in hex. */
export interface CheckingKey {
  readonly alg: SignatureAlg;
  readonly key: string;
}

/**
 * Whether a text (UTF-8) was signed by the other half of a key: Ed25519 (RFC 8032) strictly, P-256 with SHA-256 as r and s one behind the
 * other, a high s too (browsers make both).
 *
 * @param value  signature of 64 bytes in hex
 * @returns      false also where key or signature are no such thing
 */
export function isSignedBy({ alg, key }: CheckingKey, text: string, value: string): boolean {
  if (!/^[0-9a-f]{128}$/.test(value)) return false;
  try {
    const [signature, message, checks] = [hexToBytes(value), utf8ToBytes(text), hexToBytes(key)];
    return alg === 'Ed25519'
      ? ed25519.verify(signature, message, checks, { zip215: false })
      : p256.verify(signature, message, checks, { lowS: false, prehash: true, format: 'compact' });
  } catch {
    return false;
  }
}
