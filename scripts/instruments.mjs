// A stand-in instrument, from a bundle that is rebuilt when its sources have changed: `npm run instruments -- --code CODE`.
import { fileURLToPath } from 'node:url';
import { buildInstruments } from './lib/build.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
process.chdir(root);
await buildInstruments();
await import(`${root}instruments/dist/main.mjs`);
