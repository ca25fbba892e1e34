import express, { type Router } from 'express';
import type { Platform } from '../platform/http/context';
import { registrar } from '../platform/http/register';
import { circuitRoutes } from './circuits/circuits.routes';
import { jobRoutes } from './jobs/jobs.routes';
import { jointRoutes } from './joints/joints.routes';
import { peopleRoutes } from './people/people.routes';
import { photoRoutes } from './photos/photos.routes';
import { printRoutes } from './print/print.routes';
import { sessionRoutes } from './session/session.routes';
import { authenticator } from './session/session.service';
import { shopRoutes } from './shop/shop.routes';
import { stageRoutes } from './stages/stages.routes';
import { unitRoutes } from './units/units.routes';
import { systemRoutes } from './system/system.routes';

/** All features on one router, each at the full path its description gives. */
export function features(platform: Platform): Router {
  const router = express.Router();
  const routes = registrar(router, platform, authenticator(platform));
  systemRoutes(routes, platform);
  sessionRoutes(routes, platform);
  peopleRoutes(routes, platform);
  unitRoutes(routes);
  circuitRoutes(routes, platform);
  jobRoutes(routes, platform);
  stageRoutes(routes, platform);
  jointRoutes(routes, platform);
  photoRoutes(routes, platform);
  shopRoutes(routes);
  printRoutes(routes);
  return router;
}
