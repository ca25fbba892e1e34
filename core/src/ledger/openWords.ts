import { canonicalHash } from '../record/chain';

/**
 * Somebody's words or name as an entry holds them: SHA-256 of the canonical JSON of a random salt and the words. The words stand beside
 * the entry, so that they can be erased without breaking what was hashed; the salt keeps short ones from being guessed.
 */
export interface Commitment {
  readonly words: string;
}

export interface SaltedWords {
  /** 16 random bytes in hex. */
  readonly salt: string;
  readonly words: string;
}

/** What stands beside entries, by its commitment. Words that were erased are not there. */
export type Beside = Readonly<Record<string, SaltedWords>>;

/** Where fresh salts come from: 16 random bytes in hex. */
export type Salt = () => string;

const HEX_256 = /^[0-9a-f]{64}$/;

export const isCommitment = (value: unknown): value is Commitment =>
  typeof value === 'object' &&
  value !== null &&
  Object.keys(value).length === 1 &&
  HEX_256.test(String((value as Readonly<Record<string, unknown>>)['words'])); // cast: an object's keys can be asked for

/** The commitment to words under a salt. */
export const commitmentOf = ({ salt, words }: SaltedWords): string => canonicalHash({ salt, words });

/** Words put beside: what the entry holds in their place, and what is kept beside it. */
export function commit(words: string, salt: Salt): { readonly commitment: Commitment; readonly beside: Beside } {
  const salted = { salt: salt(), words };
  const hash = commitmentOf(salted);
  return { commitment: { words: hash }, beside: { [hash]: salted } };
}

/** Every commitment in a value, in the order they stand. */
export function commitmentsIn(value: unknown): readonly string[] {
  if (isCommitment(value)) return [value.words];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(commitmentsIn);
}

/** A value with its words in place, and which of them are not there any more. Where words are gone the text is empty. */
export interface Opened {
  readonly value: unknown;
  readonly gone: readonly string[];
}

export function openWords(value: unknown, beside: Beside): Opened {
  const gone: string[] = [];
  const opened = (inner: unknown): unknown => {
    if (isCommitment(inner)) {
      const found = beside[inner.words];
      if (!found) gone.push(inner.words);
      return found?.words ?? '';
    }
    if (Array.isArray(inner)) return inner.map(opened);
    if (typeof inner !== 'object' || inner === null) return inner;
    return Object.fromEntries(Object.entries(inner).map(([key, one]) => [key, opened(one)]));
  };
  return { value: opened(value), gone };
}
