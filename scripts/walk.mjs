// Walks a shop from nothing, as its admin on a phone: from the one-time code to the first joint planned on a drawn circuit, then its job through
// find, decide and make safe, two more joints of what is opened, all three made and looked at, then held, pulled, charged and handed over by hand.
// Prints taps, typed fields and seconds of each part (each tap by name with --taps); ends with 1 where the repair takes more than 120 taps or 45
// fields, the first joint more than 28 taps or 10 fields, the next ones more than 3 taps each, or a finished joint more than 6 taps or 10 s to note. The clock of the
// server and of the phone runs many times as fast: a hold and a rise take their minutes.
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { step, stop } from './lib/report.mjs';
import { proofSteps } from './lib/proofSteps.mjs';
import { walkHand } from './lib/walkHand.mjs';
import { walkSteps } from './lib/walkSteps.mjs';

const MOST = { taps: 28, fields: 10, tapsOfTheNext: 3, tapsToNote: 6, secondsToNote: 10 };
/** A common repair of three joints, from its opening to the signature, without instruments. */
const REPAIR = { taps: 120, fields: 45 };
/** A person looks before each tap and types; the script does neither. Judgement. */
const PERSON_S = { tap: 3, field: 6 };

process.chdir(fileURLToPath(new URL('..', import.meta.url)));
const hand = await walkHand('var/walk-data');
const { page, app, counted } = hand;
const { WAY, PEOPLE, STAGES, NEXT_JOINTS, MADE, NOTED } = walkSteps(hand);
const { LOOKED, HELD, PULLED, PULLED_WET, CHARGED, CHARGED_FROM_TWO, HANDED } = proofSteps(hand);
/** Wet twice, broken twice, charged from two cylinders (`--wet`): the way is what counts there, not its taps. */
const isWet = process.argv.includes('--wet');

/** The report of the job, as whoever pays gets it: to be looked at. */
async function keepReport() {
  const job = /jobs\/([0-9a-f-]+)/.exec(page.url())?.[1];
  const answer = await page.request.get(`${app.url}/api/jobs/${job}/report.pdf`);
  writeFileSync('var/walk-report.pdf', await answer.body());
  step(`var/walk-report.pdf: ${answer.status()}`);
}

async function walked(way) {
  const began = performance.now();
  const start = { ...counted };
  for (const [what, walk] of way) {
    const before = { ...counted };
    await walk();
    step(`${what}: ${counted.taps - before.taps} taps, ${counted.fields - before.fields} fields`);
  }
  const [taps, fields] = [counted.taps - start.taps, counted.fields - start.fields];
  const scriptS = (performance.now() - began) / 1000;
  const personS = scriptS + taps * PERSON_S.tap + fields * PERSON_S.field;
  step(`in all ${taps} taps, ${fields} fields; ${scriptS.toFixed(0)} s by script, about ${minutes(personS)} by hand *`);
  return { taps, fields, scriptS };
}

const minutes = (s) => `${Math.floor(s / 60)}:${String(Math.round(s % 60)).padStart(2, '0')} min`;
const none = { taps: 0, fields: 0, scriptS: 0 };
let [first, next, noted, repair] = [none, none, none, none];
const LOOK = [['looked at', LOOKED]];
try {
  await walked(WAY.slice(0, -3));
  const before = { ...counted };
  // The drawing is the machine's, and asking somebody in is the shop's: neither is part of a repair.
  const [job, drawing, joint] = WAY.slice(-3).map((part) => [part]);
  await walked(job);
  const drawn = await walked(drawing);
  await walked(joint);
  first = { ...counted };
  const asked = await walked(PEOPLE);
  await walked(STAGES);
  next = await walked(NEXT_JOINTS);
  await walked(MADE);
  await walked(LOOK);
  for (const way of NOTED) {
    const one = await walked([way]);
    noted = { taps: Math.max(noted.taps, one.taps), scriptS: Math.max(noted.scriptS, one.scriptS) };
    await walked(LOOK);
  }
  await walked(HELD);
  await walked(isWet ? PULLED_WET : PULLED);
  await walked(isWet ? CHARGED_FROM_TWO : CHARGED);
  await walked(HANDED);
  if (isWet) await keepReport();
  repair = {
    taps: counted.taps - before.taps - drawn.taps - asked.taps,
    fields: counted.fields - before.fields - drawn.fields - asked.fields,
  };
} catch (error) {
  await page.screenshot({ path: 'var/walk-failed.png' });
  throw error;
} finally {
  await hand.close();
}
step(`the repair: ${repair.taps} of ${REPAIR.taps} taps, ${repair.fields} of ${REPAIR.fields} fields`);
console.log(`* assumed: ${PERSON_S.tap} s a tap, ${PERSON_S.field} s a field`);
if (first.taps > MOST.taps || first.fields > MOST.fields)
  stop('the way to the first joint is longer than 28 taps and 10 fields', 'see which part grew');
if (!isWet && (repair.taps > REPAIR.taps || repair.fields > REPAIR.fields))
  stop('a common repair of three joints takes more than 120 taps or 45 fields', 'see which part grew: --taps names each');
if (next.taps > NEXT_JOINTS.length * MOST.tapsOfTheNext) stop('the next joints take more than three taps each', 'see which part grew');
if (noted.taps > MOST.tapsToNote || noted.scriptS > MOST.secondsToNote)
  stop('a finished joint takes more than 6 taps or 10 s to note', 'see which part grew');
