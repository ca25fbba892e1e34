// Brings the built client up to date; ends with 1 where its first screen has grown too heavy.
import { fileURLToPath } from 'node:url';
import { buildClient, installNodePackages } from './lib/build.mjs';
import { firstScreenBytes, MOST_BYTES } from './lib/firstScreen.mjs';
import { step, stop } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
installNodePackages();
await buildClient();
const bytes = firstScreenBytes('client/dist');
const kB = (n) => `${Math.round(n / 1000)} kB`;
step(`scripts to the first screen: ${kB(bytes)} of ${kB(MOST_BYTES)}`);
if (bytes > MOST_BYTES)
  stop(
    `the first screen waits for ${kB(bytes)} of script`,
    'what two later pieces have in common is fetched before it: see fetchScreens.ts',
  );
