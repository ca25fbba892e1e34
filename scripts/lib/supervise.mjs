// Starts the database again where it ended by itself, on the port the server knows.
import { isAlive, startServer } from './postgres.mjs';
import { step } from './report.mjs';

const LOOK_MS = 1_000;
const START_S = 4;

/** Watches until stopped. A database that is there but does not answer is left alone: it may be thinking. */
export function supervise(cluster) {
  let tries = 0;
  const timer = setInterval(() => {
    if (isAlive(cluster)) return void (tries = 0);
    if (tries++ === 0) step('the database ended by itself; starting it again');
    const started = startServer(cluster, START_S);
    if (started.status === 0) step('the database is back');
  }, LOOK_MS);
  return () => clearInterval(timer);
}
