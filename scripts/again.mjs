// Runs the client's tests over and over with both processors busy, and ends at the first run that is not green: a test that is red at random shows here.
import { fileURLToPath } from 'node:url';
import { CLIENT_TESTS } from './lib/clientTests.mjs';
import { runCounting } from './lib/counting.mjs';
import { step, stop } from './lib/report.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const times = Number(process.argv[2] ?? 20);
for (let run = 1; run <= times; run++) {
  const { passed, failed, names } = await runCounting(CLIENT_TESTS.command, { env: CLIENT_TESTS.env });
  step(`run ${run} of ${times}: ${passed} passed, ${failed} failed`);
  if (failed > 0) stop(`run ${run} was not green:\n${names.join('\n')}`, 'a test that fails once in twenty is a fault: mend it');
}
