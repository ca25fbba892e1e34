// What is fetched before the first screen stands: asked for by the page at once, and weighed.
import { readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** 1.2 times the bare shell of the same stack, as `npm run bench` weighs it. */
export const MOST_BYTES = 378_000;

/** Bytes of script, compressed, that today's screen waits for. */
export function firstScreenBytes(folder) {
  const html = readFileSync(path.join(folder, 'index.html'), 'utf8');
  const scripts = [...html.matchAll(/<script src="\/([^"]+)"/g)].map(([, file]) => file);
  return scripts.reduce((sum, file) => sum + statSync(path.join(folder, `${file}.br`)).size, 0);
}

/** Who is signed in is asked beside the scripts that would ask only once they run. */
export function askAhead(folder) {
  const file = path.join(folder, 'index.html');
  const link = '    <link rel="preload" href="/api/session" as="fetch" crossorigin="anonymous" />\n';
  writeFileSync(file, readFileSync(file, 'utf8').replace('  </head>', `${link}  </head>`));
}
