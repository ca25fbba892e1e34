// Server and database are killed while people write: what was acknowledged is there afterwards, once.
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { call, JOB, signIn } from './people.mjs';

const WRITERS = 4;

const note = (n) => ({
  kind: 'sum',
  values: { calculator: 'purge', given: [{ label: 'n', text: String(n) }], answers: [{ label: 'n', text: String(n) }] },
});

/** Writes under the same id until it is acknowledged, as a device does that does not know whether it arrived. */
async function writeUntilAcknowledged(url, cookie, id, n, log) {
  for (let tries = 0; tries < 200 && !log.ending(); tries++) {
    log.requests += 1;
    const answer = await call(url, cookie, 'PUT', `/api/jobs/${JOB}/entries/${id}`, note(n)).catch(() => null);
    if (answer?.status === 200) return void log.acknowledged.push(id);
    if (answer && answer.status < 500) throw new Error(`a repeated write was refused: ${answer.status} ${JSON.stringify(answer.body)}`);
    await wait(50);
  }
}

/** What is there once both are back. */
async function storedSums(url, cookie) {
  for (let tries = 0; tries < 60; tries++) {
    const answer = await call(url, cookie, 'GET', `/api/jobs/${JOB}`).catch(() => null);
    if (answer?.status === 200) return answer.body.sums;
    await wait(500);
  }
  throw new Error('the application did not come back within 30 s');
}

/** `kill` ends one of them and resolves when it may be waited for again; each round kills once. */
export async function underKills(url, { rounds, kill }) {
  const cookie = await signIn(url, 'ilta');
  let ended = false;
  const log = { requests: 0, acknowledged: [], ending: () => ended };
  let n = 0;
  const writer = async () => {
    while (!ended) await writeUntilAcknowledged(url, cookie, randomUUID(), n++, log);
  };
  const writers = Array.from({ length: WRITERS }, writer);
  for (let round = 0; round < rounds; round++) {
    await wait(150 + 50 * (round % 5));
    await kill(round);
  }
  await wait(500);
  ended = true;
  await Promise.all(writers);
  const stored = (await storedSums(url, cookie)).map((sum) => sum.id);
  const lost = log.acknowledged.filter((id) => !stored.includes(id));
  const doubled = stored.length - new Set(stored).size;
  return { kills: rounds, requests: log.requests, acknowledged: log.acknowledged.length, lost: lost.length, doubled };
}
