// One line a step, so that a long first start shows where it is.
const started = Date.now();
const seconds = () => `${((Date.now() - started) / 1000).toFixed(1)} s`.padStart(8);

export function step(text) {
  console.log(`${seconds()}  ${text}`);
}

const cleanups = [];

/** What was begun is ended, the last first. */
export function cleanUp() {
  while (cleanups.length > 0) cleanups.pop()();
}

/** Ends what is begun here, whatever ends the program: its last line, a refusal, or somebody who breaks it off. */
export function atEnd(work) {
  if (cleanups.length === 0) {
    for (const [signal, code] of [
      ['SIGINT', 130],
      ['SIGTERM', 143],
      ['SIGHUP', 129],
    ]) {
      process.once(signal, () => {
        cleanUp();
        process.exit(code);
      });
    }
  }
  cleanups.push(work);
}

/** Names what is missing and what to do, and stops. */
export function stop(problem, whatToDo) {
  console.error(`\nKesto cannot go on: ${problem}`);
  console.error(`What to do: ${whatToDo}\n`);
  cleanUp();
  process.exit(1);
}
