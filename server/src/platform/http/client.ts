import { existsSync } from 'node:fs';
import path from 'node:path';
import express, { type RequestHandler, type Router } from 'express';

/** Checks a record without a server. */
const CHECK_PAGE = 'check.html';
const YEAR_S = 31_536_000;
const ENCODINGS = [
  ['br', '.br'],
  ['gzip', '.gz'],
] as const;

/** Serves the built client, the brotli or gzip copies made at build time where the browser takes them. */
export function clientRoutes(directory: string): Router {
  const router = express.Router();
  router.use(precompressed(directory));
  router.use(
    express.static(directory, {
      index: false,
      setHeaders(response, file) {
        response.setHeader('cache-control', cacheFor(file));
        // It carries its own policy, and is to be kept and opened from a disk.
        if (path.basename(file) === CHECK_PAGE) response.setHeader('content-disposition', `attachment; filename="kesto-${CHECK_PAGE}"`);
      },
    }),
  );
  router.get('/{*page}', (request, response, next) => {
    if (path.extname(request.path) !== '') return next();
    response.setHeader('cache-control', 'no-cache');
    response.sendFile(path.join(directory, 'index.html'));
  });
  return router;
}

/** The worker that keeps the application on a device is asked for anew each time: one that is wrong must not stay. */
const WORKER = /\/sw\.js$/;

const cacheFor = (file: string) =>
  WORKER.test(file) ? 'no-store' : /[.-][0-9a-f]{32}\./.test(file) ? `public, max-age=${YEAR_S}, immutable` : 'no-cache';

function precompressed(directory: string): RequestHandler {
  return (request, response, next) => {
    if (request.method !== 'GET' || !/\.(js|css|svg|json)$/.test(request.path)) return next();
    const file = path.join(directory, path.normalize(decodeURIComponent(request.path)));
    if (!file.startsWith(directory + path.sep)) return next();
    const found = ENCODINGS.find(([encoding, suffix]) => request.acceptsEncodings(encoding) && existsSync(file + suffix));
    if (!found) return next();
    response.setHeader('content-encoding', found[0]);
    response.setHeader('vary', 'accept-encoding');
    response.setHeader('cache-control', cacheFor(file));
    response.type(path.extname(request.path));
    response.sendFile(file + found[1]);
  };
}
