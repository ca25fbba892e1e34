// The command line, from a bundle that is rebuilt when its sources have changed: `npm run -s kesto -- COMMAND < request.json`.
import { fileURLToPath } from 'node:url';
import { buildCommandLine } from './lib/build.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
process.chdir(root);
await buildCommandLine();
await import(`${root}cli/dist/bin.mjs`);
