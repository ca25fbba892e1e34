import express, { type Router } from 'express';
import type { Platform } from '../platform/http/context';
import { registrar } from '../platform/http/register';
import { auditRoutes } from './audit';
import { circuitRoutes } from './circuits';
import { commentRoutes } from './comments';
import { dayPinRoutes } from './dayPins';
import { foundRoutes } from './found';
import { instrumentRoutes } from './instruments';
import { jobRoutes } from './jobs';
import { jointRoutes } from './joints';
import { ledgerRoutes } from './ledger';
import { peopleRoutes } from './people';
import { photoRoutes } from './photos';
import { printRoutes } from './print';
import { authenticator, sessionRoutes } from './session';
import { shopRoutes } from './shop';
import { sealRoutes } from './seal';
import { searchRoutes } from './search';
import { stageRoutes } from './stages';
import { unitRoutes } from './units';
import { metricsRoute, systemRoutes } from './system';

/** All features on one router, each at the full path its description gives. */
export function features(platform: Platform): Router {
  const router = express.Router();
  const routes = registrar(router, platform, authenticator(platform));
  router.get('/metrics', metricsRoute(platform));
  systemRoutes(routes, platform);
  sessionRoutes(routes, platform);
  peopleRoutes(routes, platform);
  unitRoutes(routes);
  circuitRoutes(routes, platform);
  jobRoutes(routes, platform);
  searchRoutes(routes);
  stageRoutes(routes, platform);
  dayPinRoutes(routes, platform);
  instrumentRoutes(routes, platform);
  jointRoutes(routes, platform);
  ledgerRoutes(routes, platform);
  commentRoutes(routes, platform);
  photoRoutes(routes, platform);
  shopRoutes(routes);
  printRoutes(routes, platform);
  auditRoutes(routes);
  sealRoutes(routes, platform);
  foundRoutes(routes);
  return router;
}
