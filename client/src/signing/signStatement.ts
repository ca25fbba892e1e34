import type { SignedBy } from '@kesto/contract';
import { canonicalText, makeStatement, type ToSay } from '@kesto/core';
import { enteredKeyOf, signText } from './deviceKey';

const SALT_BYTES = 16;
const freshSalt = () => [...crypto.getRandomValues(new Uint8Array(SALT_BYTES))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** What this device signs of a statement, with the salts it closed the words with; null where it has no key that the shop knows. */
export async function signStatement(what: ToSay & { readonly person: string }): Promise<SignedBy | null> {
  const key = await enteredKeyOf(what.person);
  if (!key) return null;
  const salts: string[] = [];
  const { said } = makeStatement(what, () => {
    salts.push(freshSalt());
    return salts.at(-1) ?? '';
  });
  return { device: key.device, alg: key.alg, value: await signText(key, canonicalText(said)), salts };
}
