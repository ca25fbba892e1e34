// Signing in and calling the API, with every answer counted: the figures an attack is judged by.
export const PASSWORD = 'copper-before-filler';
export const JOB = '0193a000-0000-7000-8000-000000000041';

/** Requests, answers of the server's own fault, and broken connections, over everything an attack did. */
export function tally() {
  const statuses = new Map();
  const faults = [];
  let requests = 0;
  return {
    count(status, what) {
      requests += 1;
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
      if (status >= 500 && faults.length < 20) faults.push(`${status} ${what}`);
    },
    get requests() {
      return requests;
    },
    get serverErrors() {
      return [...statuses].filter(([status]) => status >= 500).reduce((sum, [, n]) => sum + n, 0);
    },
    get statuses() {
      return Object.fromEntries([...statuses].sort(([a], [b]) => a - b));
    },
    faults,
  };
}

export async function signIn(url, login) {
  const answer = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login, password: PASSWORD }),
    signal: AbortSignal.timeout(20_000),
  });
  if (answer.status !== 201) throw new Error(`${login} could not sign in: ${answer.status} ${await answer.text()}`);
  return answer.headers.get('set-cookie').split(';')[0];
}

export async function call(url, cookie, method, address, body) {
  const response = await fetch(url + address, {
    method,
    headers: { cookie, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    signal: AbortSignal.timeout(20_000),
  });
  const text = await response.text();
  return { status: response.status, body: text.startsWith('{') ? JSON.parse(text) : text };
}
