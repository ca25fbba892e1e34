// The browser of tests, walks and measures: Debian's Chromium without windows, which draws the same pages with a fifth less work.
import { existsSync } from 'node:fs';
import { installPackages } from './debian.mjs';

export const CHROMIUM = process.env.KESTO_CHROMIUM ?? '/usr/bin/chromium-headless-shell';

/** How Playwright launches it. */
export const LAUNCH = { executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'] };

export function installChromium() {
  if (!existsSync(CHROMIUM)) installPackages(['chromium-headless-shell'], 'the browser Chromium');
}
