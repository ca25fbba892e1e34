import { MARGIN, WIDTH, type Printer } from './printer';

/** Photos by their hash, as far as they are here. */
export type PhotoBytes = ReadonlyMap<string, Buffer>;

const HEIGHT = 130;
const ACROSS = 3;
const GAP = 8;
const BOTTOM = 842 - MARGIN;

/** A report that was kept is attached as photos are, and is none. */
export const isPicture = (bytes: Buffer): boolean => bytes.subarray(0, 4).toString('latin1') !== '%PDF';

/** Photos side by side, three across, on a new page where they do not fit. */
export function photoRow({ page }: Printer, wanted: readonly string[], photos: PhotoBytes): void {
  const there = wanted.flatMap((sha256) => photos.get(sha256) ?? []).filter(isPicture);
  const width = (WIDTH - GAP * (ACROSS - 1)) / ACROSS;
  for (let i = 0; i < there.length; i += ACROSS) {
    if (page.y + HEIGHT + GAP > BOTTOM) page.addPage();
    const y = page.y + GAP;
    there.slice(i, i + ACROSS).forEach((bytes, column) => {
      page.image(bytes, MARGIN + column * (width + GAP), y, { fit: [width, HEIGHT] });
    });
    page.y = y + HEIGHT + GAP;
  }
  page.x = MARGIN;
}
