import { CODE_GROUP, CODE_LENGTH, CODE_LETTERS } from '@kesto/contract/api';

/** Bytes above the last whole multiple are drawn again, so that every letter is as likely as any other. */
const FAIR = 256 - (256 % CODE_LETTERS.length);

function letter(): string {
  const [byte = FAIR] = globalThis.crypto.getRandomValues(new Uint8Array(1));
  return byte < FAIR ? (CODE_LETTERS[byte % CODE_LETTERS.length] ?? '') : letter();
}

/** A one-time code nobody can guess. */
export const newCode = (): string => Array.from({ length: CODE_LENGTH }, letter).join('');

/** In groups of four, as it is read out. */
export const readableCode = (code: string): string => (code.match(new RegExp(`.{1,${CODE_GROUP}}`, 'g')) ?? []).join('-');

/** A code as somebody typed it: small letters, dashes and spaces do not matter. */
export const typedCode = (text: string): string => text.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** Where whoever has the code opens it. */
export const joinAddress = (code: string): string => `${globalThis.location?.origin ?? ''}/?code=${code}`;
