import { create } from 'qrcode';
import type { PrintedLabel } from './labels.service';

/** A label [mm]: the code at least 30 mm, so that what it says in full is read by a phone. */
export const LABEL_MM = { width: 66, height: 36, code: 32, edge: 2 } as const;
/** Three beside each other and eight below on A4. */
export const SHEET_MM = { across: 3, down: 8, left: 6, top: 4.5 } as const;

/** One text of a label, by its place from the label's corner [mm] and its letters' height. */
export interface Line {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly mm: number;
  readonly family: 'words' | 'readings';
  readonly bold: boolean;
}

const TEXT_X = LABEL_MM.edge + LABEL_MM.code + 1.5;
/** Letters of a line that fit beside the code, about. */
const FITS = 19;

/** A title in at most two lines. */
function inLines(text: string): readonly string[] {
  const lines = [''];
  for (const word of text.split(' ')) {
    const now = lines.at(-1) ?? '';
    if (now.length + word.length + 1 > FITS && lines.length < 2) lines.push(word);
    else lines[lines.length - 1] = now === '' ? word : `${now} ${word}`;
  }
  return lines.map((line) => (line.length > FITS + 4 ? `${line.slice(0, FITS + 3)}…` : line));
}

const hashLines = (head: string) => [head.slice(0, 16), head.slice(16, 32)].map((half) => half.replace(/(.{4})(?=.)/g, '$1 '));

/** Everything that is written on a label. */
export function linesOf({ tag, title, shop, sequence, head, day, opens }: PrintedLabel): readonly Line[] {
  const words = (text: string, y: number, mm = 2.5, bold = false): Line => ({ text, x: TEXT_X, y, mm, family: 'words', bold });
  return [
    { text: tag, x: TEXT_X, y: 3, mm: 5, family: 'readings', bold: true },
    ...inLines(title).map((line, i) => words(line, 9.6 + i * 3.2)),
    words(`entry ${sequence}, ${day}`, 17.2, 2.5, true),
    ...hashLines(head).map((text, i): Line => ({ text, x: TEXT_X, y: 20.8 + i * 3, mm: 2.2, family: 'readings', bold: false })),
    words(shop.length > FITS + 4 ? `${shop.slice(0, FITS + 3)}…` : shop, 27.6),
    words(opens ? 'scan: opens the record' : 'scan: tag and head', 31),
  ];
}

/** Dark squares of a label's code, each by its place and side [mm]. */
export function squaresOf(code: string): readonly { readonly x: number; readonly y: number; readonly side: number }[] {
  const { modules } = create(code, { errorCorrectionLevel: 'M' });
  const side = LABEL_MM.code / modules.size;
  const at = Array.from({ length: modules.size ** 2 }, (_module, i) => i).filter((i) => modules.data[i]);
  return at.map((i) => ({
    x: LABEL_MM.edge + (i % modules.size) * side,
    y: LABEL_MM.edge + Math.floor(i / modules.size) * side,
    side,
  }));
}
