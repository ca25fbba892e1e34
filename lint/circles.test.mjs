// Proves that features, of the server and of the client, stand in no run-time circle: each can be read, and taken out, after those it builds on.
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';

const at = (folder) => fileURLToPath(new URL(`../${folder}`, import.meta.url));
const filesOf = (folder) => readdirSync(folder, { recursive: true }).filter((file) => /\.tsx?$/.test(file) && !file.includes('.test.'));

/** What a file takes from elsewhere at run time: types are gone by then. */
function takenBy(text) {
  const imports = [...text.matchAll(/^(?:import|export)\s+(type\s+)?([^;]*?)\s+from\s+'([^']+)';$/gm)];
  const isType = ([, type, names]) =>
    type ||
    names
      .replace(/[{}]/g, '')
      .split(',')
      .every((name) => /^\s*(type\s.*)?$/.test(name));
  return imports.filter((found) => !isType(found)).map((found) => found[3]);
}

/** Rooms and what each takes of others; `roomOf` tells the room of a file, `meant` that of what is imported. */
function graph(folder, roomOf, meant) {
  const taken = new Map();
  for (const file of filesOf(folder)) {
    const room = roomOf(file);
    const others = takenBy(readFileSync(path.join(folder, file), 'utf8')).map(meant);
    taken.set(room, new Set([...(taken.get(room) ?? []), ...others.filter((other) => other !== null && other !== room)]));
  }
  return taken;
}

/** The first circle, as the features on it; null where there is none. */
function circleIn(taken) {
  const done = new Set();
  const walk = (name, way) => {
    if (way.includes(name)) return [...way.slice(way.indexOf(name)), name];
    if (done.has(name)) return null;
    for (const next of taken.get(name) ?? []) {
      const found = walk(next, [...way, name]);
      if (found) return found;
    }
    done.add(name);
    return null;
  };
  for (const name of taken.keys()) {
    const found = walk(name, []);
    if (found) return found;
  }
  return null;
}

const first = (file) => file.split(path.sep)[0];
const server = () => graph(at('server/src/features'), first, (name) => /^\.\.\/(\w+)$/.exec(name)?.[1] ?? null);

/** A floor, or one folder of those that hold many. */
const room = (file) => {
  const [floor, folder] = file.split('/');
  return ['data', 'features'].includes(floor) ? `${floor}/${folder}` : floor;
};
const client = () => graph(at('client/src'), room, (name) => (name.startsWith('@/') ? room(name.slice(2)) : null));

for (const [whose, rooms] of [
  ['the server’s features', server],
  ['the client’s floors and features', client],
])
  test(`no circle among ${whose}`, () => {
    const taken = rooms();
    assert.ok(
      [...taken.values()].some((others) => others.size > 1),
      'the walk follows imports',
    );
    assert.equal(circleIn(taken)?.join(' > ') ?? null, null);
  });

test('a circle is found where there is one', () => {
  const rooms = { a: ['b'], b: ['c'], c: ['b'] };
  assert.deepEqual(circleIn(new Map(Object.entries(rooms).map(([name, others]) => [name, new Set(others)]))), ['b', 'c', 'b']);
});
