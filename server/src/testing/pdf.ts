import { execFileSync } from 'node:child_process';

/** In a process of its own: the reader loads a worker by an import that Jest does not do. */
const READ = `
import { PDFParse } from 'pdf-parse';
const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
const parser = new PDFParse({ data: new Uint8Array(Buffer.concat(chunks)) });
process.stdout.write((await parser.getText()).text);
await parser.destroy();
`;

/** What a reader of a PDF gets when they copy its text. */
export function textOfPdf(pdf: Buffer): string {
  const text = execFileSync(process.execPath, ['--input-type=module', '-e', READ], { input: pdf, cwd: __dirname, encoding: 'utf8' });
  return text.replace(/\s+/g, ' ');
}
