// Runs a command, shows what it says, and counts the tests its runner reports.
import { spawn } from 'node:child_process';

const ESCAPES = new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, 'g');

/** How each runner sums up: Jest `Tests: 1 failed, 89 passed`; Node `# pass 8`; Playwright `  14 passed (3.2m)`. */
const RUNNERS = [
  { passed: /^Tests:.*?(\d+) passed/m, failed: /^Tests:.*?(\d+) failed/m },
  { passed: /^# pass (\d+)/m, failed: /^# fail (\d+)/m },
  { passed: /^ +(\d+) passed \(/m, failed: /^ +(\d+) failed$/m },
];

/** How each runner names a test that failed: Jest `● test`; Node `not ok 3 - test`; Playwright `  1) [phone] › file:9:1 › test`. */
const FAILURES = /^(?: +● (?!Console$).+| *not ok .+| +\d+\) \[.+)$/gm;

/** The names of the tests that failed, each once: a long output may be cut, its end is read. */
export const failuresIn = (text) => [
  ...new Set(
    text
      .replaceAll(ESCAPES, '')
      .match(FAILURES)
      ?.map((line) => line.trim()) ?? [],
  ),
];

function counted(text) {
  const plain = text.replaceAll(ESCAPES, '');
  const number = (pattern) => Number(pattern.exec(plain)?.[1] ?? 0);
  const counts = RUNNERS.map((runner) => ({ passed: number(runner.passed), failed: number(runner.failed) }));
  return counts.find(({ passed, failed }) => passed + failed > 0) ?? { passed: 0, failed: 0 };
}

/** The counts, once the command has ended; its output comes whole, so that two at once do not mix. */
export async function runCounting(command, { cwd = '.', env = {} } = {}) {
  const child = spawn('sh', ['-c', command], { cwd, env: { ...process.env, ...env, FORCE_COLOR: '0' }, stdio: ['ignore', 'pipe', 'pipe'] });
  let text = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (text += chunk));
  const exit = await new Promise((resolve) => child.once('exit', resolve));
  process.stdout.write(text);
  const found = { ...counted(text), names: exit === 0 ? [] : failuresIn(text) };
  if (found.passed + found.failed === 0) return exit === 0 ? { ...found, passed: 1 } : { ...found, failed: 1 };
  // A runner that ends badly without a failed test (a crash in set-up) has failed all the same.
  return exit !== 0 && found.failed === 0 ? { ...found, failed: 1 } : found;
}
