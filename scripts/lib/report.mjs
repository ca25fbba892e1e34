// One line a step, so that a long first start shows where it is.
const started = Date.now();
const seconds = () => `${((Date.now() - started) / 1000).toFixed(1)} s`.padStart(8);

export function step(text) {
  console.log(`${seconds()}  ${text}`);
}

/** Names what is missing and what to do, and stops. */
export function stop(problem, whatToDo) {
  console.error(`\nKesto cannot go on: ${problem}`);
  console.error(`What to do: ${whatToDo}\n`);
  process.exit(1);
}
