import { readFileSync } from 'node:fs';
import path from 'node:path';
import { create, type Font } from 'fontkit';

/** The application's own type, and what stands in for letters that it has not: Greek, Cyrillic and more accents. */
const FAMILIES = {
  words: ['atkinson-hyperlegible-next-latin', 'atkinson-hyperlegible-next-latin-ext'],
  readings: ['atkinson-hyperlegible-mono-latin', 'atkinson-hyperlegible-mono-latin-ext'],
} as const;
const FALLBACK = ['latin', 'latin-ext', 'vietnamese', 'greek', 'greek-ext', 'cyrillic', 'cyrillic-ext'].map(
  (script) => `noto-sans-${script}`,
);

export type Family = keyof typeof FAMILIES;
export type Weight = 400 | 700;

/** One file of letters, by the name a page knows it by. */
interface Letters {
  readonly name: string;
  readonly bytes: Buffer;
  readonly font: Font;
}

/** Letters in the order in which they are asked for a sign. */
export type PrintFonts = Readonly<Record<Family, Readonly<Record<Weight, readonly Letters[]>>>>;

const kept = new Map<string, PrintFonts>();

/** Reads the letters from the folder they ship in, once. */
export function printFonts(folder: string): PrintFonts {
  const known = kept.get(folder);
  if (known) return known;
  const read = (name: string, weight: Weight): Letters => {
    const bytes = readFileSync(path.join(folder, `${name}-${weight}-normal.woff`));
    return { name: `${name}-${weight}`, bytes, font: create(bytes) as Font }; // cast: one font a file
  };
  const family = (names: readonly string[]) => {
    const of = (weight: Weight) => [...names, ...FALLBACK].map((name) => read(name, weight));
    return { 400: of(400), 700: of(700) };
  };
  const fonts = { words: family(FAMILIES.words), readings: family(FAMILIES.readings) };
  kept.set(folder, fonts);
  return fonts;
}

/** Words that one file of letters can print. */
export interface Run {
  readonly text: string;
  readonly letters: Letters;
}

/** Asked of a file once: pages say the same letters over and over. */
const known = new WeakMap<Letters, Map<number, boolean>>();

function hasSign(letters: Letters, code: number): boolean {
  const here = known.get(letters) ?? new Map<number, boolean>();
  known.set(letters, here);
  const has = here.get(code) ?? letters.font.hasGlyphForCodePoint(code);
  here.set(code, has);
  return has;
}

/** What stands for a letter that no file has. */
const MISSING = '?';
/** Signs of ours that no file has, in words that every one has. */
const IN_WORDS: Readonly<Record<string, string>> = { '≥': '>=', '≤': '<=', '→': '->', '≈': '~', '\u202f': ' ', '\u00a0': ' ' };
/** Joins letters to one sign, or says nothing by itself: where it is missing, nothing is. */
const SILENT = /[\p{Cf}\p{Mn}]/u;

/**
 * Splits a text into runs that are printed from one file of letters each. Signs that no file has are told to `missing` and stand as
 * a question mark: a line is never garbled. Scripts that are written from the right are among those.
 */
export function runsOf(text: string, letters: readonly Letters[], missing: (sign: string) => void): readonly Run[] {
  const [first] = letters;
  if (!first) return [];
  const runs: { text: string; letters: Letters }[] = [];
  const ours = [...text.normalize('NFC')].map((sign) => IN_WORDS[sign] ?? sign).join('');
  for (const sign of ours) {
    const code = sign.codePointAt(0) ?? 0;
    const last = runs.at(-1);
    const has = last && hasSign(last.letters, code) ? last.letters : letters.find((one) => hasSign(one, code));
    if (!has && /\s/u.test(sign)) add(' ', last?.letters ?? first);
    else if (has) add(sign, has);
    else {
      if (!SILENT.test(sign)) add(MISSING, first);
      missing(sign);
    }
  }
  return runs;

  function add(sign: string, from: Letters): void {
    const last = runs.at(-1);
    if (last && last.letters === from) last.text += sign;
    else runs.push({ text: sign, letters: from });
  }
}
