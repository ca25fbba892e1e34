import type { IncomingMessage } from 'node:http';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { v7 as uuid } from 'uuid';
import type { Platform } from './context';
import { clientRoutes } from './client';
import { refuseCrossSite } from './crossSite';
import { errorMiddleware, unknownRoute } from './errors';
import { keptByNobody, refuseStrangeHost } from './ownHost';
import { refuseUnstorable } from './safeInput';
import { errorFacts, requestFacts } from '../log/logger';
import { features } from '../../features';

const lineHome = (scheme: 'ws' | 'wss') => (request: IncomingMessage) => `${scheme}://${hostIn(request)}`;
/** A Host header that is no name and port is not repeated. */
const hostIn = ({ headers: { host = '' } }: IncomingMessage) => (/^[\w.:[\]-]+$/.test(host) ? host : 'localhost');

const CONTENT_POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'blob:', 'data:'],
  fontSrc: ["'self'"],
  // Not every browser takes 'self' for a line to the same host.
  connectSrc: ["'self'", lineHome('ws'), lineHome('wss')],
  workerSrc: ["'self'"],
  objectSrc: ["'none'"],
  frameAncestors: ["'none'"],
  upgradeInsecureRequests: null,
};

export interface AppOptions {
  readonly clientDir: string | null;
  /** Where people reach Kesto when a proxy stands in front; decides the origin of writes and whether browsers keep to TLS. */
  readonly publicUrl?: URL | null;
  /** Express's `trust proxy`: whose word about the caller's address counts. */
  readonly trustProxy?: string | number | false;
  /** This server speaks TLS itself. */
  readonly tls?: boolean;
}

export function buildApp(platform: Platform, log: Logger, options: AppOptions): Express {
  const { clientDir, publicUrl = null, trustProxy = false, tls = false } = options;
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', trustProxy);
  app.use(
    pinoHttp({
      logger: log,
      genReqId: () => uuid(),
      wrapSerializers: false,
      serializers: { req: requestFacts, res: (response: { statusCode?: number }) => ({ status: response.statusCode }), err: errorFacts },
      // What failed is logged where it is answered, with its cause.
      customLogLevel: () => 'debug',
    }),
  );
  app.use(
    helmet({ contentSecurityPolicy: { directives: CONTENT_POLICY }, strictTransportSecurity: tls || publicUrl?.protocol === 'https:' }),
  );
  app.use(refuseStrangeHost(publicUrl));
  app.use(
    '/api',
    keptByNobody,
    compression(),
    refuseCrossSite(publicUrl?.host ?? null),
    express.json({ limit: '512kb' }),
    refuseUnstorable,
  );
  app.use(features(platform));
  app.use('/api', unknownRoute);
  if (clientDir) app.use(clientRoutes(clientDir));
  app.use(unknownRoute);
  app.use(errorMiddleware);
  return app;
}
