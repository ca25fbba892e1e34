// Guessing at codes from many addresses, and a whole shop that signs in at once: what it does to those who are at work.
import { randomInt, randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { call, signIn } from './people.mjs';

const LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
const PASSWORD_OF_NEWCOMERS = 'ten letters or more';
const code = () => Array.from({ length: 12 }, () => LETTERS[randomInt(LETTERS.length)]).join('');
const guesser = (n) => `203.0.${Math.floor(n / 100)}.${n % 100}`;

async function post(url, address, path, body) {
  const headers = { 'content-type': 'application/json', 'x-forwarded-for': address };
  const answer = await fetch(url + path, { method: 'POST', headers, body: JSON.stringify(body), signal: AbortSignal.timeout(20_000) });
  await answer.text();
  return answer.status;
}

/** So many wrong codes from so many addresses within so many seconds, and honest people who come by theirs meanwhile. */
export async function underGuesses(url, { guesses, addresses, seconds, honest }) {
  const lead = await signIn(url, 'maren');
  const given = [];
  for (let i = 0; i < honest; i++) {
    const one = code();
    const name = `Honest ${[...String(i)].map((digit) => 'abcdefghjk'[Number(digit)]).join('')} Visitor`;
    const { status } = await call(url, lead, 'PUT', `/api/invites/${randomUUID()}`, { code: one, name, role: 'technician' });
    if (status === 200) given.push({ code: one, name });
  }
  const result = { guesses: 0, slowed: 0, honest: given.length, in: 0 };
  const ends = Date.now() + seconds * 1000;
  const guessing = Array.from({ length: 8 }, async () => {
    while (result.guesses < guesses && Date.now() < ends) {
      const status = await post(url, guesser(result.guesses++ % addresses), '/api/join/code', { code: code() });
      if (status === 429) result.slowed += 1;
    }
  });
  for (const [i, { code: own, name }] of given.entries()) {
    const body = { code: own, name, login: `honest-${i}`, password: PASSWORD_OF_NEWCOMERS };
    if ((await post(url, `198.51.100.${i}`, '/api/join', body)) === 201) result.in += 1;
    await wait(10);
  }
  await Promise.all(guessing);
  return result;
}

const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;

async function timesOfToday(url, cookie, isOver) {
  const times = [];
  while (!isOver(times.length)) {
    const began = performance.now();
    await call(url, cookie, 'GET', '/api/today');
    times.push(performance.now() - began);
    await wait(5);
  }
  return times;
}

/** So many of those who came in sign in at once from one address; `ratio` is the median time of today meanwhile to that before. */
export async function underSignIns(url, count) {
  const cookie = await signIn(url, 'ilta');
  await timesOfToday(url, cookie, (n) => n >= 20);
  const before = await timesOfToday(url, cookie, (n) => n >= 60);
  let open = count;
  let signedIn = 0;
  const all = Array.from({ length: count }, async (_, i) => {
    const status = await post(url, '198.51.100.200', '/api/session', { login: `honest-${i}`, password: PASSWORD_OF_NEWCOMERS });
    signedIn += status === 201 ? 1 : 0;
    open -= 1;
  });
  const during = await timesOfToday(url, cookie, () => open === 0);
  await Promise.all(all);
  return { signedIn, before: median(before), during: median(during), asked: during.length, ratio: median(during) / median(before) };
}
