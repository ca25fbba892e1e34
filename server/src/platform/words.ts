/** Letters without their marks, and small: what is typed and what is kept meet so, whatever locale a database has. */
const folded = (text: string): string => text.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();

const ENDS = /^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu;
const BETWEEN = /[^\p{L}\p{N}]+/u;

const typedIn = (text: string): readonly string[] =>
  folded(text)
    .split(/\s+/)
    .map((word) => word.replace(ENDS, ''))
    .filter((word) => word !== '');

/** What a thing is found by: each word as it stands, and its parts: `GH2-06` by gh2-06, gh2 and 06. */
export function wordsOf(texts: readonly (string | null | undefined)[]): readonly string[] {
  const whole = texts.flatMap((text) => typedIn(text ?? ''));
  return [...new Set(whole.flatMap((word) => [word, ...word.split(BETWEEN)]))].filter((word) => word !== '');
}

/** So many words of what is typed are looked for. */
const MOST = 8;

/** What somebody looks for: beginnings of words, all of which a thing has. */
export const beginningsOf = (text: string): readonly string[] => [...new Set(typedIn(text))].slice(0, MOST);

/** Whether a thing has a word for each beginning. */
export const hasAll = (words: readonly string[], beginnings: readonly string[]): boolean =>
  beginnings.length > 0 && beginnings.every((beginning) => words.some((word) => word.startsWith(beginning)));
