// Makes the page that checks a record without a server: one file, script, style and letters in it, that opens from a disk.
import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { WORKSPACE_ALIASES } from './bundle.mjs';

const FONTS = { 'Kesto Words': 'words', 'Kesto Readings': 'readings' };

const fontFace = ([family, file]) => {
  const bytes = readFileSync(`client/public/fonts/${file}.woff2`).toString('base64');
  return `@font-face{font-family:'${family}';font-weight:200 800;src:url(data:font/woff2;base64,${bytes}) format('woff2')}`;
};

async function scriptOf(root) {
  const { build } = await import('esbuild');
  const { outputFiles } = await build({
    absWorkingDir: root,
    entryPoints: ['client/page/checkPage.ts'],
    bundle: true,
    write: false,
    minify: true,
    platform: 'browser',
    format: 'iife',
    target: 'es2022',
    alias: Object.fromEntries(Object.entries(WORKSPACE_ALIASES).map(([name, file]) => [name, path.join(root, file)])),
    logLevel: 'warning',
  });
  // What ends a script inside a page may not stand in it.
  return outputFiles[0].text.replaceAll('</script', '<\\/script');
}

const hashOf = (text) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;

export async function makeCheckPage(root, outfile) {
  const script = await scriptOf(root);
  const style = `${Object.entries(FONTS).map(fontFace).join('')}${readFileSync('client/page/checkPage.css', 'utf8')}`;
  // No network at all: not even its own server's.
  const policy = `default-src 'none'; script-src ${hashOf(script)}; style-src ${hashOf(style)}; font-src data:; base-uri 'none'; form-action 'none'`;
  const head = `<meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="${policy}"><meta name="viewport" content="width=device-width,initial-scale=1"><title>Check a record</title>`;
  writeFileSync(
    outfile,
    `<!doctype html><html lang="en"><head>${head}<style>${style}</style></head><body><script>${script}</script></body></html>\n`,
  );
}
