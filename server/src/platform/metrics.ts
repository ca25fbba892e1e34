import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';

const SECONDS = [0.01, 0.03, 0.1, 0.3, 1, 3, 10];

/** What is measured, in Prometheus' terms. */
export interface Metrics {
  /** One answered request: which route, how it ended, how long it took [s]. */
  readonly answered: (route: string, status: number, seconds: number) => void;
  /** A wrong password or code. */
  readonly refused: (what: 'password' | 'code') => void;
  /** Everything as text, with what is read at that moment. */
  readonly text: (now: NowMeasured) => Promise<string>;
  readonly contentType: string;
}

/** What is read when somebody asks. */
export interface NowMeasured {
  readonly databaseAnswers: boolean;
  readonly connections: { readonly all: number; readonly free: number; readonly waiting: number };
  readonly photosWaiting: number;
  readonly diskFreeBytes: number;
  readonly lastBackup: string | null;
}

export function buildMetrics(): Metrics {
  const registers = [new Registry()];
  const [registry] = registers as [Registry]; // cast: the one above
  collectDefaultMetrics({ register: registry });
  const requests = new Histogram({
    ...{ name: 'kesto_request_seconds', help: 'Requests by route and class of status', registers, buckets: SECONDS },
    labelNames: ['route', 'status'],
  });
  const refused = new Counter({ name: 'kesto_refused_total', help: 'Wrong passwords and codes', labelNames: ['what'], registers });
  const gauge = (name: string, help: string) => new Gauge({ name, help, registers });
  const database = gauge('kesto_database_up', '1 where the database answers');
  const connections = new Gauge({
    ...{ name: 'kesto_database_connections', help: 'Connections, free ones, work that waits for one', labelNames: ['state'], registers },
  });
  const photos = gauge('kesto_photos_waiting', 'Photos that wait to be decoded');
  const disk = gauge('kesto_disk_free_bytes', 'Free where Kesto keeps its data');
  const backup = gauge('kesto_last_backup_seconds', 'When the last backup was made, in seconds since 1970; 0 for never');
  for (const what of ['password', 'code']) refused.inc({ what }, 0);
  return {
    answered: (route, status, seconds) => requests.observe({ route, status: `${Math.floor(status / 100)}xx` }, seconds),
    refused: (what) => refused.inc({ what }),
    async text(now) {
      database.set(Number(now.databaseAnswers));
      for (const [state, count] of Object.entries(now.connections)) connections.set({ state }, count);
      photos.set(now.photosWaiting);
      disk.set(now.diskFreeBytes);
      backup.set(now.lastBackup === null ? 0 : Date.parse(now.lastBackup) / 1000);
      return registry.metrics();
    },
    contentType: registry.contentType,
  };
}
