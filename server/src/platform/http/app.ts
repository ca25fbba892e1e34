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
import { features } from '../../features';

const CONTENT_POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'blob:', 'data:'],
  fontSrc: ["'self'"],
  connectSrc: ["'self'"],
  workerSrc: ["'self'"],
  objectSrc: ["'none'"],
  frameAncestors: ["'none'"],
  upgradeInsecureRequests: null,
};

export function buildApp(platform: Platform, log: Logger, clientDir: string | null): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger: log,
      genReqId: () => uuid(),
      customLogLevel: (_request, response) => (response.statusCode >= 500 ? 'error' : 'debug'),
    }),
  );
  app.use(helmet({ contentSecurityPolicy: { directives: CONTENT_POLICY }, strictTransportSecurity: false }));
  app.use('/api', compression(), refuseCrossSite, express.json({ limit: '512kb' }));
  app.use(features(platform));
  app.use('/api', unknownRoute);
  if (clientDir) app.use(clientRoutes(clientDir));
  app.use(unknownRoute);
  app.use(errorMiddleware);
  return app;
}
