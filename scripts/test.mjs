// Sets up and runs every check there is: types, then unit tests.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const run = (command) =>
  spawnSync('sh', ['-c', command], { stdio: 'inherit', env: { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' } }).status === 0;
const checks = ['npm run -s typecheck', 'npm run -s test:unit'];
if (!existsSync('node_modules') && !run('npm ci')) process.exit(1);
const failed = checks.filter((command) => !run(command));
console.log(`${checks.length - failed.length} passed, ${failed.length} failed`);
process.exit(failed.length === 0 ? 0 : 1);
