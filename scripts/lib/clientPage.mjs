// The client's own store and outbox as a program: what a page does when nobody draws it. For tests against a real server.
import { build } from 'esbuild';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { WORKSPACE_ALIASES } from './bundle.mjs';

const PARTS = `
import { sending } from '@/outbox/openSending';
export { makeStore } from '@/store/store';
export { keptOnDevice } from '@/outbox/kept';
export { sendKept, write } from '@/outbox/write';
export { sessionApi } from '@/api/sessionApi';
export { welcomed } from '@/features/session/welcomed';
export { stageEntryWrite } from '@/data/stages/writes';
export { readJobLink } from '@kesto/core';
sending.comesWith(() => import('@/outbox/sending'));
`;

/** Bundles the parts of the client that need no screen, and loads them as a page of `url` would. */
export async function loadClient(root, outfile, url) {
  globalThis.location = { origin: url, replace: () => undefined };
  const alias = { '@': path.join(root, 'client/src') };
  for (const [name, file] of Object.entries(WORKSPACE_ALIASES)) alias[name] = path.join(root, file);
  await build({
    stdin: { contents: PARTS, resolveDir: path.join(root, 'client/src'), loader: 'ts' },
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    alias,
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  });
  return import(pathToFileURL(outfile).href);
}
