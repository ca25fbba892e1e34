import path from 'node:path';
import type { DataSource } from 'typeorm';
import type { Express } from 'express';
import request, { type Agent } from 'supertest';
import { METRIC_PREFERENCES } from '@kesto/core';
import type { Role } from '@kesto/contract';
import { v7 as uuid } from 'uuid';
import type { Clock } from '../platform/clock';
import { applicationRole, prepareDatabase } from '../platform/db/prepare';
import { Circuits, JobJoints, Jobs, Joints, People, Shops, Sites, Units } from '../platform/db/rows';
import { withShop } from '../platform/db/shop';
import { buildApp, type AppOptions } from '../platform/http/app';
import { DEMO_PASSWORD, JOBS, loadDemo, SITE, UNITS, VAN } from '../features/demo';
import { photoQueue } from '../features/photos';
import { hashPassword } from '../features/session';
import { buildLogger } from '../platform/log/logger';
import { asOwner, freshDatabase } from './database';

/** Built before the tests, as for the running server. */
const PHOTO_WORKER = path.join(__dirname, '../../dist/photoWorker.mjs');

export interface TestServer {
  readonly db: DataSource;
  readonly ownerUrl: string;
  /** Nobody signed in. */
  readonly stranger: () => Agent;
  readonly as: (login: string) => Promise<Agent>;
  /** The cookie of a session of its own. */
  readonly cookie: (login: string) => Promise<string>;
  readonly app: Express;
  /** Lines of the log. */
  readonly logged: readonly string[];
  /** The application may not touch a table meanwhile: a failure on the server that nobody asked for. */
  readonly breakTable: (table: string, meanwhile: () => Promise<void>) => Promise<void>;
  readonly close: () => Promise<void>;
}

/** The whole application on a database of its own with the demo in it; time is what `clock` says. */
export async function testServer({
  clock = () => new Date(),
  demo = true,
  ...options
}: { clock?: Clock; demo?: boolean } & Partial<AppOptions> = {}): Promise<TestServer> {
  const database = await freshDatabase();
  const { db } = await prepareDatabase(database.ownerUrl, database.dataDir);
  await loadDemo(db);
  const logged: string[] = [];
  const log = buildLogger('info', { write: (line) => void logged.push(line) });
  const app = buildApp({ db, clock, demo, dataDir: database.dataDir, cleanPhoto: photoQueue(PHOTO_WORKER) }, log, {
    clientDir: null,
    ...options,
  });
  const signIn = (agent: Agent, login: string) => agent.post('/api/session').send({ login, password: DEMO_PASSWORD }).expect(201);
  const role = applicationRole(database.ownerUrl);
  const agents = new Map<string, Agent>();
  return {
    db,
    ownerUrl: database.ownerUrl,
    stranger: () => request.agent(app),
    as: async (login) => {
      const known = agents.get(login);
      if (known) return known;
      const agent = request.agent(app);
      await signIn(agent, login);
      agents.set(login, agent);
      return agent;
    },
    cookie: async (login) => String((await signIn(request.agent(app), login)).headers['set-cookie']).split(';')[0] ?? '',
    app,
    logged,
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
export async function addOtherShop(db: DataSource, people: readonly { login: string; role: Role }[]): Promise<OtherShop> {
  const shop_id = uuid();
  const password_hash = await hashPassword(DEMO_PASSWORD);
  const unit = UNITS[0];
  const job = JOBS[0];
  if (!unit || !job) throw new Error('the demo has units and jobs');
  const ids = { siteId: uuid(), unitId: uuid(), circuitId: uuid(), jobId: uuid(), jointId: uuid() };
  await withShop(db, shop_id, async ({ manager }) => {
    await manager.insert(Shops, { shop_id, name: 'The other workshop', van: VAN as never }); // cast: TypeORM's deep partial takes no readonly arrays
    for (const person of people) {
      await manager.insert(People, {
        shop_id,
        id: uuid(),
        name: person.login,
        password_hash,
        units: METRIC_PREFERENCES,
        approvals: [],
        confirmed_at: null,
        left_at: null,
        ...person,
      });
    }
    await manager.insert(Sites, { shop_id, ...SITE, id: ids.siteId });
    await manager.insert(Units, {
      shop_id,
      id: ids.unitId,
      site_id: ids.siteId,
      tag: unit.tag,
      name: unit.name,
      kind: unit.kind,
      place: 0,
    });
    await manager.insert(Circuits, { shop_id, id: ids.circuitId, unit_id: ids.unitId, details: unit.circuit as never }); // cast: as above
    const { joints: _joints, circuitId: _circuit, ...rest } = job;
    await manager.insert(Jobs, { shop_id, ...rest, id: ids.jobId, circuit_id: ids.circuitId, request_hash: 'x' });
    await manager.insert(Joints, {
      shop_id,
      id: ids.jointId,
      circuit_id: ids.circuitId,
      tag: 'CR2-09',
      title: 'theirs',
      request_hash: 'x',
    });
    await manager.insert(JobJoints, { shop_id, job_id: ids.jobId, joint_id: ids.jointId, place: 1 });
  });
  return { shopId: shop_id, ...ids };
}
