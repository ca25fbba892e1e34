// Two people, one device, the client's own store and outbox against the real server: whatever is lost on the way, nothing that one
// of them kept is ever stored in the other's name.
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { call, PASSWORD, signIn } from './people.mjs';

const CIRCUIT = '0193a000-0000-7000-8000-000000000033';
const ILTA = 'ilta';
const OSKAR = 'oskar';
/** Of a hundred requests or answers so many are lost. */
const LOST_PERCENT = 20;
const plainFetch = globalThis.fetch;

/** One browser: its cookie, its database, its line, which loses things. */
function device(random) {
  globalThis.indexedDB = new IDBFactory();
  const state = { cookie: '', online: true, quiet: false, requests: 0 };
  const isLost = () => !state.quiet && random() * 100 < LOST_PERCENT;
  globalThis.fetch = async (request, options) => {
    // Pages make requests; whoever asks by an address is the test itself.
    if (!(request instanceof Request)) return plainFetch(request, options);
    state.requests += 1;
    const headers = new Headers(request.headers);
    headers.set('cookie', state.cookie);
    headers.set('sec-fetch-site', 'same-origin');
    const isWrite = request.method === 'PUT';
    if (!state.online || (isWrite && isLost())) throw new TypeError('no line');
    const body = request.method === 'GET' ? undefined : await request.text();
    const answer = await plainFetch(request.url, { method: request.method, headers, body });
    const given = answer.headers.get('set-cookie');
    if (given) state.cookie = given.split(';')[0];
    if (isWrite && isLost()) throw new TypeError('the answer was lost');
    return answer;
  };
  return state;
}

/** A page in it, opened by whoever is signed in there; what is written is kept before anything else happens. */
async function page(client) {
  const store = client.makeStore(client.keptOnDevice());
  // As the page's gate does: who is signed in stays known while the page is open.
  await store.dispatch(client.sessionApi.endpoints.me.initiate());
  return {
    store,
    isTaken: () => store.getState().session.sheet?.why === 'taken',
    async signIn(login) {
      const { error } = await store.dispatch(client.sessionApi.endpoints.signIn.initiate({ login, password: PASSWORD }));
      if (error) throw new Error(`${login} could not sign in: ${JSON.stringify(error)}`);
      await store.dispatch(client.welcomed());
    },
    async notes(job, login) {
      const id = randomUUID();
      const body = { stage: 'find', kind: 'complaint', values: { text: login }, deviceTime: new Date().toISOString(), photos: [] };
      const before = store.getState().outbox.length;
      void store.dispatch(client.write(client.stageEntryWrite({ id: job, circuitId: CIRCUIT }, id, body)));
      for (let i = 0; store.getState().outbox.length <= before; i++) {
        if (i > 1_000) throw new Error('a note was not kept on the device');
        await wait(1);
      }
      return [id, login];
    },
    send: () => store.dispatch(client.sendKept()),
  };
}

/** Somebody signs in; a page that was another's begins anew, as a browser's does. */
async function pageOf(client, login) {
  const opened = await page(client);
  await opened.signIn(login);
  return opened.isTaken() ? page(client) : opened;
}

const CASES = {
  'a second tab': async ({ client, line, job }) => {
    const first = await pageOf(client, ILTA);
    line.online = false;
    const noted = [await first.notes(job, ILTA), await first.notes(job, ILTA)];
    line.online = true;
    const second = await pageOf(client, OSKAR);
    noted.push(await second.notes(job, OSKAR), await first.notes(job, ILTA));
    await Promise.all([first.send(), second.send()]);
    return noted;
  },
  'unsent, then another person': async ({ client, line, job }) => {
    const theirs = await pageOf(client, ILTA);
    line.online = false;
    const noted = [await theirs.notes(job, ILTA), await theirs.notes(job, ILTA)];
    line.online = true;
    const next = await pageOf(client, OSKAR);
    noted.push(await next.notes(job, OSKAR));
    await next.send();
    return noted;
  },
  'a session that ended, then another over the sheet': async ({ client, line, job, end }) => {
    const open = await pageOf(client, ILTA);
    await end(line.cookie);
    const noted = [await open.notes(job, ILTA), await open.notes(job, ILTA)];
    await open.send();
    await open.signIn(OSKAR);
    noted.push(await open.notes(job, ILTA));
    await open.send();
    return noted;
  },
};

/** Each signs in once more on a quiet line until nothing is kept on the device any more. */
async function settle(client, line) {
  line.quiet = true;
  for (const login of [ILTA, OSKAR]) {
    const last = await pageOf(client, login);
    const mine = () => last.store.getState().outbox.filter((command) => command.by === last.store.getState().session.page?.id);
    await last.send();
    for (let i = 0; i < 400 && mine().length > 0; i++) {
      await last.send();
      await wait(5);
    }
    if (mine().length > 0) throw new Error(`${login} keeps ${JSON.stringify(mine()[0].state)}`);
  }
}

/** So many rounds of each case; answers what was stored in another's name, lost or doubled. */
export async function whoseEntries(url, client, { rounds, random }) {
  const [ilta, bo] = [await signIn(url, ILTA), await signIn(url, 'bo')];
  const end = (cookie) => call(url, cookie, 'DELETE', '/api/session');
  const result = { rounds: 0, requests: 0, entries: 0, othersName: 0, lost: 0, doubled: 0 };
  for (let round = 0; round < rounds; round++) {
    for (const [name, play] of Object.entries(CASES)) {
      const job = randomUUID();
      await call(url, ilta, 'PUT', `/api/jobs/${job}`, { circuitId: CIRCUIT, title: `whose: ${name} ${round}` });
      const line = device(random);
      const noted = await play({ client, line, job, end });
      await settle(client, line);
      const { body } = await call(url, bo, 'GET', `/api/jobs/${job}`);
      const stored = body.stages.entries.map(client.readJobLink);
      for (const [id, login] of noted) {
        const found = stored.filter((entry) => entry.id === id);
        result.lost += found.length === 0 ? 1 : 0;
        result.doubled += found.length > 1 ? 1 : 0;
        result.othersName += found.some((entry) => !entry.person.name.toLowerCase().startsWith(login)) ? 1 : 0;
      }
      result.rounds += 1;
      result.requests += line.requests;
      result.entries += noted.length;
    }
  }
  return result;
}
