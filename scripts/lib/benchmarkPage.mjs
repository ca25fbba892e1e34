import { readFileSync, writeFileSync } from 'node:fs';
import { runOrStop } from './run.mjs';

const PAGE = 'docs/benchmarks.md';

/** Writes one section of docs/benchmarks.md anew, in its place or at the end; the others stand. */
export function writeSection(heading, body) {
  const sections = readFileSync(PAGE, 'utf8').split(/^(?=## )/m);
  const at = sections.findIndex((section) => section.startsWith(`## ${heading}\n`));
  sections.splice(at < 0 ? sections.length : at, at < 0 ? 0 : 1, `## ${heading}\n\n${body.trim()}\n\n`);
  writeFileSync(PAGE, sections.map((section) => `${section.trim()}\n`).join('\n'));
  runOrStop(`npx prettier --write --log-level warn ${PAGE}`);
}
