import { inflateSync } from 'node:zlib';

/** Letters of a PDF's text operators: its streams unpacked, the hex strings of shown text read. */
export function textOfPdf(pdf: Buffer): string {
  const streams = [...pdf.toString('latin1').matchAll(/stream\n([\s\S]*?)\nendstream/g)].map((found) => {
    try {
      return inflateSync(Buffer.from(found[1] ?? '', 'latin1')).toString('latin1');
    } catch {
      return '';
    }
  });
  const shown = [...streams.join('\n').matchAll(/<([0-9a-f]+)>/g)].map((found) => Buffer.from(found[1] ?? '', 'hex').toString('latin1'));
  return shown.join('').replace(/\s+/g, ' ');
}
