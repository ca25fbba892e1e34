import { LABEL_MM, linesOf, SHEET_MM, squaresOf } from './drawLabel';
import type { PrintedLabel } from './labels.service';

const FAMILY = {
  words: 'Atkinson Hyperlegible Next, sans-serif',
  readings: 'Atkinson Hyperlegible Mono, monospace',
} as const;

const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
const mm = (value: number) => Number(value.toFixed(4));

function labelAt(label: PrintedLabel, x: number, y: number): string {
  const dark = squaresOf(label.code).map((one) => `M${mm(one.x)} ${mm(one.y)}h${mm(one.side)}v${mm(one.side)}h-${mm(one.side)}z`);
  const texts = linesOf(label).map(
    (line) =>
      `<text x="${line.x}" y="${mm(line.y + line.mm * 0.78)}" font-family="${FAMILY[line.family]}" font-size="${line.mm}" font-weight="${line.bold ? 700 : 400}">${escaped(line.text)}</text>`,
  );
  const frame = `<rect x="0.2" y="0.2" width="${LABEL_MM.width - 0.4}" height="${LABEL_MM.height - 0.4}" fill="#fff" stroke="#bbb" stroke-width="0.2"/>`;
  return `<g transform="translate(${mm(x)} ${mm(y)})">${frame}<path d="${dark.join('')}" fill="#000" shape-rendering="crispEdges"/><g fill="#1D1B19">${texts.join('')}</g></g>`;
}

/** Labels as one drawing in millimetres, three beside each other. */
export function labelsSvg(labels: readonly PrintedLabel[]): string {
  const across = Math.min(labels.length, SHEET_MM.across);
  const [width, height] = [across * LABEL_MM.width, Math.ceil(labels.length / SHEET_MM.across) * LABEL_MM.height];
  const drawn = labels.map((label, i) =>
    labelAt(label, (i % SHEET_MM.across) * LABEL_MM.width, Math.floor(i / SHEET_MM.across) * LABEL_MM.height),
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">${drawn.join('')}</svg>\n`;
}
