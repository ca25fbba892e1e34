// Walks, in a shop from nothing and on a phone, jobs that something bends, each from its opening to the signature: what the bend asks is answered
// where the screens ask for it. `--only NAME` walks one. Ends with 1 where one does not come to its end. The clock runs as in the other walk.
import { fileURLToPath } from 'node:url';
import { bendSteps } from './lib/bendSteps.mjs';
import { step, stop } from './lib/report.mjs';
import { walkHand } from './lib/walkHand.mjs';

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const at = process.argv.indexOf('--only');
const only = at < 0 ? null : process.argv[at + 1];
const hand = await walkHand('var/walk-bends-data');
const { SHOP, JOBS } = bendSteps(hand);
const jobs = Object.entries(JOBS).filter(([name]) => only === null || name === only);
if (jobs.length === 0) stop(`no such job: ${only}`, `one of ${Object.keys(JOBS).join(', ')}`);
try {
  await SHOP();
  for (const [name, walk] of jobs) {
    const before = { ...hand.counted };
    await walk();
    step(`${name}: signed and closed, ${hand.counted.taps - before.taps} taps, ${hand.counted.fields - before.fields} fields`);
  }
} catch (error) {
  await hand.page.screenshot({ path: 'var/walk-failed.png' });
  throw error;
} finally {
  await hand.close();
}
