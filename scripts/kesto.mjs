// The command line, from a bundle that is rebuilt when its sources are newer: `npm run -s kesto -- COMMAND < request.json`.
import { existsSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { newestSource } from './lib/newest.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
const bundle = `${root}cli/dist/bin.mjs`;
if (!existsSync(bundle) || statSync(bundle).mtimeMs < newestSource(root, ['core/src', 'contract/src', 'cli/src'])) {
  const { buildBundle } = await import('./lib/bundle.mjs');
  await buildBundle(root, 'cli/src/bin.ts', 'cli/dist/bin.mjs');
}
await import(bundle);
