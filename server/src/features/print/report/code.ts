import { create } from 'qrcode';
import { INK, type Printer } from '../printer';

/** A code that a phone reads, in a square of this side [pt]. */
export function drawCode({ page }: Printer, text: string, { x, y, side }: { x: number; y: number; side: number }): void {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const one = side / modules.size;
  for (let i = 0; i < modules.size ** 2; i += 1)
    if (modules.data[i]) page.rect(x + (i % modules.size) * one, y + Math.floor(i / modules.size) * one, one, one);
  page.fillColor(INK).fill();
}
