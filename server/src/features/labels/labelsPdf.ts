import { INK, printer, type PrintFonts, type Printer } from '../print';
import { LABEL_MM, linesOf, SHEET_MM, squaresOf } from './drawLabel';
import type { PrintedLabel } from './labels.service';

/** Points to a millimetre. */
const PT = 72 / 25.4;

function putLabel({ page, words, readings }: Printer, label: PrintedLabel, left: number, top: number): void {
  page
    .rect(left, top, LABEL_MM.width * PT, LABEL_MM.height * PT)
    .lineWidth(0.3)
    .strokeColor('#BBBBBB')
    .stroke();
  for (const { x, y, side } of squaresOf(label.code)) page.rect(left + x * PT, top + y * PT, side * PT, side * PT);
  page.fillColor('#000000').fill();
  for (const { text, x, y, mm, family, bold } of linesOf(label)) {
    const at = { x: left + x * PT, y: top + y * PT, size: mm * PT * 0.95, bold, color: INK, width: (LABEL_MM.width - x) * PT };
    (family === 'words' ? words : readings)(text, at);
  }
}

/** Sheets of labels on A4, as they are printed and cut. */
export function labelsPdf(labels: readonly PrintedLabel[], fonts: PrintFonts, title: string): Promise<Buffer> {
  const made = printer(fonts, title);
  const onSheet = SHEET_MM.across * SHEET_MM.down;
  labels.forEach((label, i) => {
    if (i > 0 && i % onSheet === 0) made.page.addPage();
    const place = i % onSheet;
    const left = (SHEET_MM.left + (place % SHEET_MM.across) * LABEL_MM.width) * PT;
    const top = (SHEET_MM.top + Math.floor(place / SHEET_MM.across) * LABEL_MM.height) * PT;
    putLabel(made, label, left, top);
  });
  return made.done();
}
