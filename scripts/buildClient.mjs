// Brings the built client up to date, and nothing else.
import { fileURLToPath } from 'node:url';
import { buildClient, installNodePackages } from './lib/build.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
await buildClient();
