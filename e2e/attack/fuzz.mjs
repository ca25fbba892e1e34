// Requests made from the server's own description, then bent: the aim is that not one of them is answered as the server's fault.
import fc from 'fast-check';
import { request as rawRequest } from 'node:http';
import { JOB, signIn, tally } from './people.mjs';

const AT_ONCE = 16;
const IDS = [JOB, '0193a000-0000-7000-8000-000000005107', '0193a000-0000-7000-8000-000000005103', '0193A000-0000-7000-8000-000000005103'];

const strange = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.constantFrom(
    '',
    ' ',
    '\u0000',
    '\ud800',
    '%',
    '%00',
    '../../etc/passwd',
    "'; drop table person; --",
    'constructor',
    '__proto__',
    'x'.repeat(3000),
  ),
);
const number = fc.oneof(fc.double(), fc.integer(), fc.constantFrom(-0, 1e308, -1, 0, Number.MAX_SAFE_INTEGER));
const anything = fc.oneof(fc.jsonValue({ maxDepth: 4 }), strange, number, fc.constant(null));

/** Values that fit a schema as described, so that what is bent later gets past the first door. */
function fitting(schema, depth = 0) {
  const variants = schema.oneOf ?? schema.anyOf;
  if (variants) return fc.oneof(...variants.map((variant) => fitting(variant, depth)));
  if (schema.enum) return fc.constantFrom(...schema.enum);
  if (schema.type === 'object' && schema.properties && depth < 8) {
    const required = schema.required ?? [];
    const keys = Object.entries(schema.properties).map(([key, inner]) => [key, fitting(inner, depth + 1)]);
    return fc.record(Object.fromEntries(keys), { requiredKeys: required });
  }
  if (schema.type === 'array') return fc.array(fitting(schema.items ?? {}, depth + 1), { maxLength: 4 });
  if (schema.type === 'number' || schema.type === 'integer')
    return fc.double({ min: schema.minimum ?? 0, max: schema.maximum ?? 1000, noNaN: true });
  if (schema.type === 'boolean') return fc.boolean();
  if (schema.type === 'string')
    return fc.oneof(fc.constantFrom(...IDS), fc.string({ minLength: 1, maxLength: 12 }), fc.constant('2026-11-24T10:00:00.000Z'));
  return anything;
}

/** One place of a value changed to something that nobody meant. */
function bent(value, strangeValue, pick) {
  if (typeof value !== 'object' || value === null || Object.keys(value).length === 0 || pick % 5 === 0) return strangeValue;
  const keys = Object.keys(value);
  const key = keys[pick % keys.length];
  const copy = Array.isArray(value) ? [...value] : { ...value };
  copy[key] = bent(value[key], strangeValue, Math.floor(pick / 3));
  return copy;
}

const ODD_HEADERS = [
  {},
  { origin: 'null' },
  { origin: 'nonsense' },
  { range: 'bytes=999999999-' },
  { 'if-match': '"x"' },
  { 'content-encoding': 'br0ken' },
  { 'content-type': 'application/json; charset=utf-99' },
  { 'content-type': 'text/plain' },
  { cookie: 'kesto_session=------------------------------------.aaaaaaaaaaaaaaaaaaaaaaaa' },
  { 'content-length': '7' },
];

const ODD_BODIES = [
  '{',
  '[]',
  'null',
  '"x"',
  `{"a":1e999}`,
  `{"a":${'['.repeat(5000)}${']'.repeat(5000)}}`,
  '{"a":"\\u0000"}',
  '{"a":"\\ud800"}',
  '\u0000',
];
const ODD_PATHS = [
  '/%',
  '/%E0%A4%A',
  '/api/find/%00',
  '/api/jobs/%ff',
  '/assets/..%2f..%2fetc',
  `/${'a'.repeat(5000)}`,
  '/fonts/words.woff2',
  '/index.html',
];

function operations(description) {
  return Object.entries(description.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({
      path,
      method: method.toUpperCase(),
      schema: operation.requestBody?.content['application/json'].schema ?? null,
    })),
  );
}

/** What is sent, decided by the seed alone. */
function requestOf(list) {
  return fc.record({
    operation: fc.constantFrom(...list),
    ids: fc.array(
      fc.oneof({ weight: 6, arbitrary: fc.constantFrom(...IDS) }, { weight: 3, arbitrary: fc.uuid() }, { weight: 1, arbitrary: strange }),
      {
        minLength: 3,
        maxLength: 3,
      },
    ),
    bend: fc.nat(5000),
    strangeValue: anything,
    headers: fc.oneof({ weight: 8, arbitrary: fc.constant({}) }, { weight: 2, arbitrary: fc.constantFrom(...ODD_HEADERS) }),
    oddBody: fc.option(fc.constantFrom(...ODD_BODIES), { freq: 9 }),
    oddPath: fc.option(fc.constantFrom(...ODD_PATHS), { freq: 19 }),
  });
}

const encoded = (text) => {
  try {
    return encodeURIComponent(text);
  } catch {
    return '%ED%A0%80';
  }
};

function addressOf({ operation, ids, oddPath }) {
  if (oddPath) return oddPath;
  let next = 0;
  return operation.path.replace(/\{(\w+)\}/g, (_all, name) => (/sha256|source/.test(name) ? 'a'.repeat(64) : encoded(ids[next++ % 3])));
}

/** Node's own client, because fetch mends half of what is to be sent. */
function send(url, { method, address, headers, body }) {
  return new Promise((resolve) => {
    const target = new URL(url);
    const request = rawRequest(
      { host: target.hostname, port: target.port, method, path: address, headers, timeout: 20_000 },
      (response) => {
        response.resume();
        response.on('end', () => resolve(response.statusCode));
        response.on('error', () => resolve(0));
      },
    );
    request.on('timeout', () => request.destroy());
    request.on('error', () => resolve(0));
    request.end(body);
  });
}

/** Sends `count` requests, the same ones for the same seed. Signing out is left alone: it would end the fuzzing. */
export async function fuzz(url, { count, seed }) {
  const description = await (await fetch(`${url}/api/openapi.json`)).json();
  const list = operations(description).filter(({ method, path }) => !(method === 'DELETE' && path === '/api/session'));
  const cookies = [await signIn(url, 'ilta'), await signIn(url, 'maren'), await signIn(url, 'bo')];
  const bodies = new Map(
    list.filter((o) => o.schema).map((o) => [o, fc.sample(fitting(o.schema), { numRuns: Math.ceil(count / 40), seed })]),
  );
  const plans = fc.sample(requestOf(list), { numRuns: count, seed });
  const result = tally();
  let next = 0;
  const worker = async () => {
    for (let i = next++; i < plans.length; i = next++) {
      const plan = plans[i];
      const pool = bodies.get(plan.operation);
      const fit = pool ? pool[i % pool.length] : undefined;
      const value = fit === undefined || i % 4 === 0 ? fit : bent(fit, plan.strangeValue, plan.bend);
      const body = plan.operation.method === 'GET' ? undefined : (plan.oddBody ?? JSON.stringify(value ?? plan.strangeValue) ?? '');
      const headers = {
        cookie: cookies[i % cookies.length],
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...plan.headers,
      };
      const address = addressOf(plan);
      const status = await send(url, { method: plan.operation.method, address, headers, body });
      result.count(
        status,
        `${plan.operation.method} ${address.slice(0, 120)} ${JSON.stringify(plan.headers)} ${String(body).slice(0, 300)}`,
      );
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, worker));
  return result;
}
