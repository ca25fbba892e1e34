import { INK, INK_2, MARGIN, WIDTH, type Box, type Printer } from '../printer';

export const COPPER = '#7A3D15';
export const TEAL = '#0A5052';
export const RED = '#8E1C15';
export const AMBER = '#6B4500';
export const RULE = '#CFC6B8';
export const TONES = { bad: RED, good: TEAL, plain: INK } as const;
/** Where the title block begins, and what is left above it. */
export const FOOT = { top: 770, height: 36 } as const;
const GAP = 22;

/** A rule across a part of the page. */
export function ruleAcross({ page }: Printer, { x, y, width }: Omit<Box, 'height'>, color: string = COPPER, weight = 1.2): void {
  page
    .moveTo(x, y)
    .lineTo(x + width, y)
    .lineWidth(weight)
    .strokeColor(color)
    .stroke();
}

/** Words in a column under a rule; answers where they end. */
export function column(print: Printer, title: string, texts: readonly string[], { x, y, width }: Omit<Box, 'height'>): number {
  ruleAcross(print, { x, y, width });
  print.words(title, { x, y: y + 8, size: 10, bold: true, width });
  let at = y + 24;
  for (const text of texts) {
    print.words(text, { x, y: at, size: 10, width });
    at = print.page.y + 4;
  }
  return at;
}

/** Columns side by side; answers where the longest ends. */
export function columns(print: Printer, all: readonly (readonly [title: string, texts: readonly string[]])[], y: number): number {
  const width = (WIDTH - GAP * (all.length - 1)) / all.length;
  return Math.max(y, ...all.map(([title, texts], i) => column(print, title, texts, { x: MARGIN + i * (width + GAP), y, width })));
}

/** A row of a table by shares of the width. */
export function tableRow(
  print: Printer,
  cells: readonly string[],
  {
    shares,
    y,
    bold = false,
    color = INK,
    figures = [],
  }: { shares: readonly number[]; y: number; bold?: boolean; color?: string; figures?: readonly number[] },
): number {
  let x: number = MARGIN;
  let end = y;
  cells.forEach((text, i) => {
    const width = (shares[i] ?? 0.1) * WIDTH;
    const put = figures.includes(i) ? print.readings : print.words;
    put(text, { x, y, size: 9, bold, color, width: width - 6 });
    end = Math.max(end, print.page.y);
    x += width;
  });
  return end + 3;
}

/** A table with a rule under each row; begins a new page where it would run into the title block. */
export function table(
  print: Printer,
  {
    head,
    rows,
    shares,
    figures = [],
  }: { head: readonly string[]; rows: readonly (readonly string[])[]; shares: readonly number[]; figures?: readonly number[] },
  from: number,
): number {
  let y = tableRow(print, head, { shares, y: from, color: INK_2 });
  for (const cells of rows) {
    if (y > FOOT.top - 30) {
      print.page.addPage();
      y = MARGIN;
    }
    ruleAcross(print, { x: MARGIN, y, width: WIDTH }, RULE, 0.6);
    y = tableRow(print, cells, { shares, y: y + 4, figures });
  }
  return y;
}

/** The title block at the foot of each page, once all are written. */
export function titleBlocks(print: Printer, cells: (page: number, pages: number) => readonly (readonly [string, string])[]): void {
  const { start, count } = print.page.bufferedPageRange();
  for (let i = 0; i < count; i += 1) {
    print.page.switchToPage(start + i);
    const said = cells(i + 1, count);
    const width = WIDTH / said.length;
    // The foot lies in the margin: a text there must not begin another page.
    print.page.page.margins.bottom = 0;
    ruleAcross(print, { x: MARGIN, y: FOOT.top, width: WIDTH }, INK, 1.4);
    said.forEach(([label, value], at) => {
      const x = MARGIN + at * width;
      if (at > 0)
        print.page
          .moveTo(x, FOOT.top)
          .lineTo(x, FOOT.top + FOOT.height)
          .lineWidth(0.6)
          .strokeColor(RULE)
          .stroke();
      print.words(label, { x: x + 8, y: FOOT.top + 7, size: 7.5, color: INK_2, width: width - 12 });
      print.words(value, { x: x + 8, y: FOOT.top + 18, size: 9, bold: true, width: width - 12 });
    });
  }
}
