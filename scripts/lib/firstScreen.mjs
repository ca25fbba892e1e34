// What is fetched before the first screen stands: asked for by the page at once, and weighed.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const SCRIPTS = '_expo/static/js/web';
/** 1.2 times the bare shell of the same stack, as `npm run bench` weighs it. */
export const MOST_BYTES = 378_000;

/** The piece of a route: where several routes bear the name, the heaviest, for the others only fetch their screen. */
function pieceOf(folder, route) {
  const named = readdirSync(path.join(folder, SCRIPTS)).filter((name) => name.startsWith(`${route}-`) && name.endsWith('.js'));
  const bytes = (name) => statSync(path.join(folder, SCRIPTS, name)).size;
  return `${SCRIPTS}/${named.toSorted((a, b) => bytes(b) - bytes(a))[0]}`;
}

/** Bytes of script, compressed, that today's screen waits for. */
export function firstScreenBytes(folder) {
  const html = readFileSync(path.join(folder, 'index.html'), 'utf8');
  const scripts = [...html.matchAll(/<script src="\/([^"]+)"/g)].map(([, file]) => file);
  const pieces = new Set([...scripts, pieceOf(folder, '_layout'), pieceOf(folder, 'index')]);
  return [...pieces].reduce((sum, file) => sum + statSync(path.join(folder, `${file}.br`)).size, 0);
}

/** The first piece, and who is signed in, are fetched beside the scripts that would ask for them only once they run. */
export function askAhead(folder) {
  const file = path.join(folder, 'index.html');
  const links = [
    `<link rel="preload" href="/${pieceOf(folder, '_layout')}" as="script" />`,
    '<link rel="preload" href="/api/session" as="fetch" crossorigin="anonymous" />',
  ];
  const head = links.map((link) => `    ${link}\n`).join('');
  writeFileSync(file, readFileSync(file, 'utf8').replace('  </head>', `${head}  </head>`));
}
