import { randomUUID } from 'node:crypto';

/** So many entries are timed at each place of the chain; the median counts. */
const TIMED = 15;
/** Where in a job's chain an append is timed. */
const PLACES = [2, 500, 1980];

const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];

/**
 * What it costs to note one more thing of a job, at the beginning of its chain and at its end [ms].
 * On a fresh demo: signs in, opens a job of its own and notes complaints until the chain is nearly full.
 */
export async function measureAppends(url) {
  const { person, cookie } = await signIn(url);
  const headers = { 'content-type': 'application/json', 'kesto-person': person, cookie };
  const put = async (path, body) => {
    const answer = await fetch(`${url}${path}`, { method: 'PUT', headers, body: JSON.stringify(body) });
    if (!answer.ok) throw new Error(`${path} answered ${answer.status}: ${await answer.text()}`);
  };
  const { units } = await (await fetch(`${url}/api/today`, { headers })).json();
  const unit = await (await fetch(`${url}/api/units/${units[0].id}`, { headers })).json();
  const job = randomUUID();
  await put(`/api/jobs/${job}`, { circuitId: unit.circuits[0].id, title: 'measured' });
  const note = async (text) => {
    const began = performance.now();
    const entry = { stage: 'find', kind: 'complaint', values: { text }, deviceTime: new Date().toISOString(), photos: [] };
    await put(`/api/jobs/${job}/stages/${randomUUID()}`, entry);
    return performance.now() - began;
  };
  const found = [];
  let at = 1;
  for (const place of PLACES) {
    for (; at < place; at++) await note(`entry ${at}`);
    const times = [];
    for (let i = 0; i < TIMED; i++, at++) times.push(await note(`entry ${at}`));
    found.push({ place, ms: median(times) });
  }
  return found;
}

async function signIn(url) {
  const answer = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login: 'ilta', password: 'copper-before-filler' }),
  });
  if (!answer.ok) throw new Error(`sign-in answered ${answer.status}`);
  const cookie = String(answer.headers.get('set-cookie')).split(';')[0];
  const { person } = await (await fetch(`${url}/api/session`, { headers: { cookie } })).json();
  return { person: person.id, cookie };
}
