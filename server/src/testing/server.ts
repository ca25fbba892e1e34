import { tmpdir } from 'node:os';
import path from 'node:path';
import type { DataSource } from 'typeorm';
import type { Express } from 'express';
import request, { type Agent } from 'supertest';
import { METRIC_PREFERENCES } from '@kesto/core';
import type { Role } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import type { Clock } from '../platform/clock';
import { applicationRole, prepareDatabase } from '../platform/db/prepare';
import type { Platform } from '../platform/http/context';
import { buildApp, type AppOptions } from '../platform/http/app';
import { DEMO_PASSWORD, DEMO_SHOP, JOBS, loadDemo, SITE, UNITS, VAN } from '../features/demo';
import { analystHere, liveDesk, noStandIns, type LiveDesk } from '../features/instruments';
import { photoQueue } from '../features/photos';
import { sealDesk, shopKeysInMemory, type SealDesk, type ShopKeys } from '../features/seal';
import { hashPassword, queuedPasswords, type Passwords } from '../features/session';
import type { Store } from '../features/shopWork';
import { auditedStore } from '../features/auditedStore';
import { memoryStore } from '../features/shopWork.memory';
import { typeormStore } from '../features/shopWork.typeorm';
import { buildLogger } from '../platform/log/logger';
import { buildMetrics } from '../platform/metrics';
import { asOwner, demoDatabase } from './database';

/** Built before the tests, as for the running server. */
const PHOTO_WORKER = path.join(__dirname, '../../dist/photoWorker.mjs');
export const FONTS = path.join(__dirname, '../../dist/fonts');

export const METRICS_TOKEN = 'a token for measures';

export interface RulesServer {
  readonly store: Store;
  /** Nobody signed in. */
  readonly stranger: () => Agent;
  readonly as: (login: string) => Promise<Agent>;
  /** The cookie of a session of its own. */
  readonly cookie: (login: string) => Promise<string>;
  readonly app: Express;
  /** Where instruments speak. */
  readonly live: LiveDesk;
  /** What who watches is answered from. */
  readonly ground: Pick<Platform, 'store' | 'clock' | 'analyst' | 'barredShop'>;
  readonly seals: SealDesk;
  /** Lines of the log. */
  readonly logged: readonly string[];
  readonly close: () => Promise<void>;
}

export interface TestServer extends RulesServer {
  readonly db: DataSource;
  readonly ownerUrl: string;
  /** The application may not touch a table meanwhile: a failure on the server that nobody asked for. */
  readonly breakTable: (table: string, meanwhile: () => Promise<void>) => Promise<void>;
}

async function loadOnce(url: string, dataDir: string): Promise<void> {
  const { db } = await prepareDatabase(url, dataDir);
  await loadDemo(typeormStore(db));
  await db.destroy();
}

type Options = { clock?: Clock; demo?: boolean; passwords?: Passwords; keys?: ShopKeys } & Partial<AppOptions>;

/** The whole application on a store; time is what `clock` says. */
function serve(
  kept: Store,
  dataDir: string,
  { clock = () => new Date(), demo = true, passwords = queuedPasswords(), keys = shopKeysInMemory(), ...options }: Options,
) {
  const logged: string[] = [];
  const log = buildLogger('info', { write: (line) => void logged.push(line) });
  const store = auditedStore(kept, log);
  const speaks = { store, clock, demo };
  const live = liveDesk(speaks);
  const platform = {
    ...speaks,
    live,
    standIns: noStandIns,
    analyst: analystHere(),
    barredShop: demo ? null : DEMO_SHOP,
    dataDir,
    fontsDir: FONTS,
    photos: photoQueue(PHOTO_WORKER),
    passwords,
    metrics: buildMetrics(),
    metricsToken: METRICS_TOKEN,
    publicUrl: options.publicUrl ?? null,
    seals: sealDesk({ store, keys, clock }),
  };
  const app = buildApp(platform, log, { clientDir: null, ...options });
  const signIn = (agent: Agent, login: string) => agent.post('/api/session').send({ login, password: DEMO_PASSWORD }).expect(201);
  const agents = new Map<string, Agent>();
  async function as(login: string): Promise<Agent> {
    const known = agents.get(login);
    if (known) return known;
    const agent = request.agent(app);
    await signIn(agent, login);
    agents.set(login, agent);
    return agent;
  }
  const cookie = async (login: string) => String((await signIn(request.agent(app), login)).headers['set-cookie']).split(';')[0] ?? '';
  return { store, app, logged, live, ground: platform, seals: platform.seals, stranger: () => request.agent(app), as, cookie };
}

/** The application with the demo in it, on a store in memory: for what the rules say, whatever keeps the rows. */
export async function rulesServer(options: Options = {}): Promise<RulesServer> {
  const store = memoryStore();
  await loadDemo(store);
  return { ...serve(store, tmpdir(), options), close: async () => undefined };
}

interface Through {
  /** The address by which the application reaches its database. */
  readonly through?: (url: string) => Promise<string>;
}

/** The application on a database of its own with the demo in it. */
export async function testServer({ through = async (url) => url, ...options }: Options & Through = {}): Promise<TestServer> {
  const database = await demoDatabase(loadOnce);
  const { db } = await prepareDatabase(await through(database.ownerUrl), database.dataDir);
  const role = applicationRole(database.ownerUrl);
  return {
    ...serve(typeormStore(db), database.dataDir, options),
    db,
    ownerUrl: database.ownerUrl,
    breakTable: async (table, meanwhile) => {
      await asOwner(database.ownerUrl, (query) => query(`revoke all on ${table} from ${role}`));
      await meanwhile();
      await asOwner(database.ownerUrl, (query) => query(`grant select, insert on ${table} to ${role}`));
    },
    close: async () => {
      await db.destroy();
      await database.drop();
    },
  };
}

export interface OtherShop {
  readonly shopId: string;
  readonly jobId: string;
  readonly jointId: string;
  readonly circuitId: string;
}

/** A second shop with one unit, job and joint; its people sign in with the demo's password. */
export async function addOtherShop(store: Store, people: readonly { login: string; role: Role }[]): Promise<OtherShop> {
  const passwordHash = await hashPassword(DEMO_PASSWORD);
  const unit = UNITS[0];
  const job = JOBS[0];
  if (!unit || !job) throw new Error('the demo has units and jobs');
  const ids = { siteId: uuid(), unitId: uuid(), circuitId: uuid(), jobId: uuid(), jointId: uuid() };
  const shopId = uuid();
  await store.inShop(shopId, async (shop) => {
    await shop.shop.add({ name: 'The other workshop', van: VAN, schools: {} });
    for (const { login, role } of people) {
      const bare = { units: METRIC_PREFERENCES, approvals: [], confirmedAt: null, leftAt: null };
      await shop.people.add({ id: uuid(), login, name: login, role, passwordHash, ...bare });
    }
    await shop.sites.save({ ...SITE, id: ids.siteId });
    const { tag, name, kind, circuit } = unit;
    await shop.units.save({ id: ids.unitId, siteId: ids.siteId, tag, name, kind, place: 0, details: {} });
    await shop.circuits.save({ id: ids.circuitId, unitId: ids.unitId, details: circuit });
    const { number, title, stage, done } = job;
    await shop.jobs.add({ id: ids.jobId, circuitId: ids.circuitId, number, title, stage, done, began: 'find', requestHash: 'x' });
    const joint = { id: ids.jointId, circuitId: ids.circuitId, at: null, tag: 'CR2-09', title: 'theirs', calledAs: null, requestHash: 'x' };
    await shop.joints.add(ids.jobId, joint);
  });
  return { shopId, ...ids };
}
