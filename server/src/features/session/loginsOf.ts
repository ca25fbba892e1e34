/** A name as people write it, in small letters and its words. */
const wordsOf = (typed: string): readonly string[] => typed.trim().toLowerCase().normalize('NFC').split(/\s+/);

/** Under which names somebody may sign in who types one as people write it: as it stands, its words with dots between, the first of them. */
export function loginsOf(typed: string): readonly string[] {
  const words = wordsOf(typed);
  return [...new Set([words.join(' '), words.join('.'), words[0] ?? ''])];
}

/** What tries are counted by, so that more words behind a name give no more tries. */
export const accountOf = (typed: string): string => wordsOf(typed)[0] ?? '';
