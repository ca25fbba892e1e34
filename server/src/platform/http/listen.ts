import type { Express } from 'express';
import { createServer, type Server } from 'node:http';
import { createServer as createTlsServer } from 'node:https';
import type { Config } from '../config';

/** A whole request must have arrived by then; a photo over a bad line takes its time. */
const REQUEST_MS = 120_000;
const HEADERS_MS = 20_000;

/** Listens, over TLS where there is a certificate; fails as a promise, so that it can be said in one sentence. */
export function listen(app: Express, { port, host, tls }: Config): Promise<Server> {
  const timeouts = { requestTimeout: REQUEST_MS, headersTimeout: HEADERS_MS };
  const server = tls ? createTlsServer({ ...tls, ...timeouts }, app) : createServer(timeouts, app);
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve(server));
  });
}
