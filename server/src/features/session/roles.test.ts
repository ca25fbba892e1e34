import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ROLES, ROUTES, type Role, type Route } from '@kesto/contract';
import type { Agent } from 'supertest';
import { v7 as uuid } from 'uuid';
import { FINISHED_JOINT, OPEN_JOB } from '../../testing/examples';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';

interface Row {
  readonly method: Route['method'];
  readonly path: string;
  readonly may: Readonly<Record<Role, string>>;
}

/** The rows of docs/roles.md, read as they stand. */
function documented(): readonly Row[] {
  const text = readFileSync(path.join(__dirname, '../../../../docs/roles.md'), 'utf8');
  return text.split('\n').flatMap((line) => {
    const found = /^\| `(GET|PUT|POST|DELETE) (\S+)`\s*\|(.+)\|$/.exec(line);
    if (!found) return [];
    const cells = (found[3] ?? '').split('|').map((cell) => cell.trim());
    const may = Object.fromEntries(['technician', 'lead', 'inspector', 'admin'].map((role, i) => [role, cells[i] ?? '']));
    return [{ method: (found[1] ?? '').toLowerCase() as Row['method'], path: found[2] ?? '', may: may as Row['may'] }];
  });
}

const ROWS = documented();
let server: RulesServer;
const agents = new Map<Role, Agent>();
beforeAll(async () => {
  server = await rulesServer();
  await addOtherShop(
    server.store,
    ROLES.map((role) => ({ login: `roles-${role}`, role })),
  );
  for (const role of ROLES) agents.set(role, await server.as(`roles-${role}`));
});
afterAll(() => server.close());

test('the table names every route once, and no route that is not there', () => {
  const known = Object.values(ROUTES).map((route) => `${route.method} ${route.path}`);
  expect(ROWS.map((row) => `${row.method} ${row.path}`).sort()).toEqual(known.sort());
});

const address = (row: Row) =>
  row.path
    .replace(/:sha256|:source/, 'a'.repeat(64))
    .replace(/:tag/, 'CR2-09')
    .replace(/:\w+/g, () => uuid());

describe.each(ROWS.filter((row) => row.method !== 'delete'))('$method $path', (row) => {
  test.each(ROLES)('for a %s', async (role) => {
    const agent = agents.get(role);
    if (!agent) throw new Error(role);
    const { status } = await agent[row.method](address(row)).send({});
    const said = row.may[role];
    // What gets past the role may still be refused for its empty body or unknown id: 400, 404, 415.
    if (said === '–') expect(status).toBe(403);
    else expect([401, 403]).not.toContain(status);
  });

  test('for nobody', async () => {
    const { status } = await server.stranger()[row.method](address(row)).send({});
    if (row.may.technician === 'anyone') expect([200, 400]).toContain(status);
    else expect(status).toBe(401);
  });
});

test('signing out is for whoever is signed in', async () => {
  await server.stranger().delete('/api/session').expect(401);
});

describe('no role of another shop gets anything by ids that it knows', () => {
  const theirs = (row: Row) =>
    row.path
      .replace(':job', OPEN_JOB)
      .replace(':joint', FINISHED_JOINT)
      .replace(':tag', 'HS3-03')
      .replace(':text', 'herbarium')
      .replace(/:sha256|:source/, 'a'.repeat(64))
      .replace(/:\w+/g, () => uuid());
  const withIds = ROWS.filter((row) => row.path.includes(':'));

  test.each(withIds.flatMap((row) => ROLES.map((role) => [row.method, row.path, role, row] as const)))(
    '%s %s as %s',
    async (method, _path, role, row) => {
      const answer = await agents.get(role)![method](theirs(row)).send({});
      // A search in their own shop is answered: with nothing of this one.
      expect(/:text|:asked|:name|:sites/.test(row.path) ? [200] : [400, 403, 404, 413, 415]).toContain(answer.status);
      expect(JSON.stringify(answer.body)).not.toMatch(/Ilta|herbarium/);
    },
  );
});
