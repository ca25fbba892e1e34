import { sha256 } from '@noble/hashes/sha2.js';
import { hexToBytes } from '@noble/hashes/utils.js';
import { wordlist } from '@scure/bip39/wordlists/english.js';

const WORDS = 8;
const BITS = 11;

/**
 * Eight words that two people compare by telephone: the first 88 bits of the SHA-256 of a key, eleven to a word of a published list of
 * 2 048 (BIP-39, English).
 *
 * @param key  in hex
 */
export function keyWords(key: string): readonly string[] {
  const bits = [...sha256(hexToBytes(key))].map((byte) => byte.toString(2).padStart(8, '0')).join('');
  return Array.from({ length: WORDS }, (_word, i) => wordlist[Number.parseInt(bits.slice(i * BITS, (i + 1) * BITS), 2)] ?? '');
}
