import PDFDocument from 'pdfkit';
import { runsOf, type Family, type PrintFonts } from './fonts';

export type Page = PDFKit.PDFDocument;

export const MARGIN = 40;
export const WIDTH = 595.28 - 2 * MARGIN;
export const INK = '#1D1B19';
export const INK_2 = '#524C46';

/** A time on paper, which knows no reader's zone. */
export const utcText = (iso: string) => `${iso.slice(0, 10)} ${iso.slice(11, 16)} UTC`;

/** A part of a page. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface Printed {
  readonly x?: number;
  readonly y?: number;
  readonly size?: number;
  readonly bold?: boolean;
  readonly color?: string;
  readonly width?: number;
  readonly centred?: boolean;
}

/** Pages of paper on which any text can be put. */
export interface Printer {
  readonly page: Page;
  readonly words: (text: string, at?: Printed) => void;
  /** Figures, tags and hashes: every letter as wide as the other. */
  readonly readings: (text: string, at?: Printed) => void;
  /** Signs that could not be printed so far, each once. */
  readonly missing: () => readonly string[];
  readonly done: () => Promise<Buffer>;
}

/** `keepsPages`: pages are held until the end, so that each can say how many there are. */
export function printer(fonts: PrintFonts, title: string, { keepsPages = false } = {}): Printer {
  const page = new PDFDocument({
    size: 'A4',
    margin: MARGIN,
    bufferPages: keepsPages,
    info: { Title: title, Producer: 'Kesto', Creator: 'Kesto' },
  });
  const chunks: Buffer[] = [];
  page.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<Buffer>((resolve) => page.on('end', () => resolve(Buffer.concat(chunks))));
  const missing = new Set<string>();
  const registered = new Set<string>();

  const say =
    (family: Family) =>
    (text: string, at: Printed = {}) => {
      const { x = MARGIN, y = page.y, size = 10, color = INK, width = WIDTH, centred = false } = at;
      const runs = runsOf(text, fonts[family][at.bold ? 700 : 400], (sign) => missing.add(sign));
      page.fontSize(size).fillColor(color);
      runs.forEach((run, i) => {
        if (!registered.has(run.letters.name)) page.registerFont(run.letters.name, run.letters.bytes);
        registered.add(run.letters.name);
        page.font(run.letters.name);
        const continued = i < runs.length - 1;
        if (i === 0) page.text(run.text, x, y, { width, continued, align: centred ? 'center' : 'left' });
        else page.text(run.text, { continued });
      });
    };
  const done = () => {
    page.end();
    return ended;
  };
  return { page, words: say('words'), readings: say('readings'), missing: () => [...missing], done };
}
