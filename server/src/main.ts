import pino from 'pino';
import { systemClock } from './platform/clock';
import { configFromEnvironment } from './platform/config';
import { prepareDatabase } from './platform/db/prepare';
import { buildApp } from './platform/http/app';
import { loadDemo } from './features/demo/load';
import { demoPeople } from './features/demo/people';
import { openFirstShop } from './features/session/firstShop';

const config = configFromEnvironment(process.env);
const log = pino({ level: config.logLevel });
const { db, empty } = await prepareDatabase(config.ownerUrl, config.dataDir);
const platform = { db, clock: systemClock, demo: config.demo };
if (empty && config.demo) await loadDemo(db);
const firstAdmin = empty && !config.demo ? await openFirstShop(db) : null;

const server = buildApp(platform, log, config.clientDir).listen(config.port, config.host, () => {
  log.info({ port: config.port }, 'ready');
  process.send?.({ signIns: config.demo ? demoPeople() : [], firstAdmin });
});
server.on('error', (error) => {
  log.fatal({ err: error }, 'cannot listen');
  process.exitCode = 1;
  void db.destroy();
});

let stopping = false;
/** Finishes what is under way, then closes. Also when the script that started this one is gone. */
function stop(): void {
  if (stopping) return;
  stopping = true;
  server.close(() => void db.destroy().then(() => process.exit(0)));
  server.closeIdleConnections();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
process.on('disconnect', stop);
