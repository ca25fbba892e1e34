import pino from 'pino';
import { systemClock } from './platform/clock';
import { configFromEnvironment } from './platform/config';
import { prepareDatabase } from './platform/db/prepare';
import { buildApp } from './platform/http/app';
import { loadDemo } from './features/demo/load';
import { openFirstShop } from './features/session/firstShop';

const config = configFromEnvironment(process.env);
const log = pino({ level: config.logLevel });
const { db, empty } = await prepareDatabase(config.ownerUrl, config.dataDir);
const platform = { db, clock: systemClock, demo: config.demo };
if (empty && config.demo) await loadDemo(db);
const firstAdmin = empty && !config.demo ? await openFirstShop(db) : null;

const server = buildApp(platform, log, config.clientDir).listen(config.port, config.host, () => {
  log.info({ port: config.port }, 'ready');
  process.send?.({ ready: true, firstAdmin });
});
server.on('error', (error) => {
  log.fatal({ err: error }, 'cannot listen');
  process.exitCode = 1;
  void db.destroy();
});

/** Finishes what is under way, then closes; a second signal ends it at once. */
function stop(): void {
  server.close(() => void db.destroy().then(() => process.exit(0)));
  server.closeIdleConnections();
}
process.once('SIGTERM', stop);
process.once('SIGINT', stop);
