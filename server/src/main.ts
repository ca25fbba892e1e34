import { fileURLToPath } from 'node:url';
import { LIVE_PATH, WATCH_PATH } from '@kesto/contract';
import { systemClock } from './platform/clock';
import { ConfigError, configFromEnvironment, isOpenToListeners, type Config } from './platform/config';
import { databaseFailure } from './platform/db/failures';
import { prepareDatabase, SharedDatabaseError } from './platform/db/prepare';
import { buildApp } from './platform/http/app';
import type { Platform } from './platform/http/context';
import { listen } from './platform/http/listen';
import { buildMetrics } from './platform/metrics';
import { logFile } from './platform/log/logFile';
import { buildLogger } from './platform/log/logger';
import { busyStore, doChores } from './features/busyShops';
import { auditedStore } from './features/auditedStore';
import { typeormStore } from './features/shopWork.typeorm';
import { DEMO_SHOP, demoPeople, holdsDemo, loadDemo } from './features/demo';
import { sayRestored } from './features/audit';
import { sealDesk, shopKeysIn } from './features/seal';
import { photoQueue } from './features/photos';
import { firstCode, openFirstShop } from './features/people';
import { queuedPasswords, watcher } from './features/session';
import { analystThread, liveDesk, noStandIns, standIns, watchDesk } from './features/instruments';
import { isOwnHost } from './platform/http/ownHost';
import { listenLive, type LiveEnd } from './platform/live/listenLive';

/** How often what waits is done in the shops in which something was done. */
const CHORES_EVERY_MS = 60_000;
/** By then everything is ended, whatever hangs: the database has its own seconds after that, ten in all. */
const LAST_MS = 5_000;

async function run(config: Config): Promise<void> {
  const log = buildLogger(config.logLevel, config.logFile ? logFile(config.logFile) : process.stdout);
  const { db, empty } = await prepareDatabase(config.ownerUrl, config.dataDir, config.appPassword);
  const photos = photoQueue(fileURLToPath(new URL('./photoWorker.mjs', import.meta.url)));
  const kept = auditedStore(typeormStore(db), log);
  const { store, busyShops } = busyStore(kept);
  const seals = sealDesk({ store: kept, keys: shopKeysIn(config.dataDir), clock: systemClock });
  const speaks = { store, clock: systemClock, demo: config.demo };
  const barredShop = config.demo ? null : DEMO_SHOP;
  const { live, analyst, ends } = liveGround({ ...speaks, barredShop });
  const platform = {
    ...speaks,
    ...{ live, analyst, barredShop },
    standIns: config.demo ? standIns({ ...speaks, live }, standInOf(config)) : noStandIns,
    dataDir: config.dataDir,
    photos,
    fontsDir: fileURLToPath(new URL('./fonts', import.meta.url)),
    passwords: queuedPasswords(),
    metrics: buildMetrics(),
    metricsToken: config.metricsToken,
    publicUrl: config.publicUrl,
    seals,
  };
  if (empty && config.demo) await loadDemo(store);
  if (empty && !config.demo) await openFirstShop(store, config.dataDir, systemClock());
  await sayRestored(store, config.dataDir);
  const server = await listen(buildApp(platform, log, { ...config, tls: config.tls !== null }), config);
  const hearsHost = (host: string) => isOwnHost(host, config.publicUrl);
  const deaf = listenLive(server, { isOwnHost: hearsHost, ends });
  log.info({ port: config.port, host: config.host }, 'ready');
  process.send?.({
    signIns: config.demo ? demoPeople() : [],
    firstCode: config.demo ? null : await firstCode(store, config.dataDir),
    openToListeners: isOpenToListeners(config),
    demoBarred: !config.demo && (await holdsDemo(store)),
  });

  const chores = () => void doChores({ store: kept, seals, log }, busyShops());
  chores();
  const doing = setInterval(chores, CHORES_EVERY_MS);
  let stopping = false;
  /** Finishes what is under way, then closes. Also when the script that started this one is gone. */
  function stop(): void {
    if (stopping) return;
    stopping = true;
    setTimeout(() => process.exit(0), LAST_MS).unref();
    platform.standIns.stop();
    clearInterval(doing);
    deaf();
    analyst.close();
    server.close(() => void db.destroy().finally(() => process.exit(0)));
    server.closeIdleConnections();
  }
  for (const signal of ['SIGTERM', 'SIGINT', 'disconnect'] as const) process.on(signal, stop);
}

/** Where instruments speak and pages watch, and the thread that works out what is sent. */
function liveGround(ground: Pick<Platform, 'store' | 'clock' | 'demo' | 'barredShop'>) {
  const live = liveDesk(ground);
  const analyst = analystThread(fileURLToPath(new URL('./analystWorker.mjs', import.meta.url)));
  const watches = watchDesk({ ...ground, analyst, whoWatches: watcher(ground) });
  live.onNews(watches.isNew);
  const ends: readonly LiveEnd[] = [
    { path: LIVE_PATH, caller: 'instrument', onLine: live.answer },
    { path: WATCH_PATH, caller: 'page', onLine: watches.answer },
  ];
  return { live, analyst, ends };
}

/** A stand-in speaks to this very server, as an instrument on this machine would. */
const standInOf = ({ port, tls }: Config) => ({
  script: fileURLToPath(new URL('../../instruments/dist/standIn.mjs', import.meta.url)),
  url: `${tls ? 'wss' : 'ws'}://127.0.0.1:${port}/live`,
  demoShop: DEMO_SHOP,
});

/** A start that fails says why in one sentence; what is not ours to explain keeps its stack. */
function sentenceOf(error: unknown): string {
  if (error instanceof ConfigError || error instanceof SharedDatabaseError) return error.message;
  if (error instanceof Error && 'code' in error && error.code === 'EADDRINUSE') return 'The port is taken by another program.';
  const failure = databaseFailure(error) ?? (error instanceof Error && /password|role|database/.test(error.message) ? error : null);
  return failure ? `The database at DATABASE_URL cannot be used: ${rootMessage(error)}` : String((error as Error)?.stack ?? error); // cast: anything may be thrown
}

const rootMessage = (error: unknown) => (error instanceof AggregateError ? String(error.errors[0]?.message) : (error as Error).message); // cast: named above

try {
  await run(configFromEnvironment(process.env));
} catch (error) {
  process.stderr.write(`${sentenceOf(error)}\n`);
  process.exit(1);
}
