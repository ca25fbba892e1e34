// Runs one command of the set-up with its output on the terminal, or stops with what to do.
import { spawnSync } from 'node:child_process';
import { stop } from './report.mjs';

const QUIET_TOOLS = { PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' };

export function succeeds(command, { cwd = '.', env = {} } = {}) {
  return spawnSync('sh', ['-c', command], { cwd, stdio: 'inherit', env: { ...process.env, ...QUIET_TOOLS, ...env } }).status === 0;
}

export function runOrStop(command, options = {}) {
  if (!succeeds(command, options)) stop(`"${command}" failed`, 'read what it said above, mend that, and start again');
}
