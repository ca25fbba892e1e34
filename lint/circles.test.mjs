// Proves that the server's features stand in no run-time circle: each can be read, and taken out, after those it builds on.
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';

const FEATURES = fileURLToPath(new URL('../server/src/features', import.meta.url));

/** What a file takes of other features at run time: types are gone by then. */
function takenBy(text) {
  const imports = [...text.matchAll(/^import\s+(type\s+)?([^;]*?)\s+from\s+'\.\.\/(\w+)';$/gm)];
  const isType = ([, type, names]) =>
    type ||
    names
      .replace(/[{}]/g, '')
      .split(',')
      .every((name) => /^\s*(type\s.*)?$/.test(name));
  return imports.filter((found) => !isType(found)).map((found) => found[3]);
}

function graph() {
  const folders = readdirSync(FEATURES, { withFileTypes: true }).filter((entry) => entry.isDirectory());
  return new Map(
    folders.map(({ name }) => {
      const files = readdirSync(path.join(FEATURES, name)).filter((file) => file.endsWith('.ts') && !file.includes('.test.'));
      const taken = files.flatMap((file) => takenBy(readFileSync(path.join(FEATURES, name, file), 'utf8')));
      return [name, new Set(taken.filter((other) => other !== name && folders.some((folder) => folder.name === other)))];
    }),
  );
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

test('no circle among the server’s features', () => {
  const taken = graph();
  assert.ok(
    [...taken.values()].some((others) => others.size > 1),
    'the walk follows imports',
  );
  assert.equal(circleIn(taken)?.join(' > ') ?? null, null);
});

test('a circle would be found, and types make none', () => {
  assert.deepEqual(
    circleIn(
      new Map([
        ['a', ['b']],
        ['b', ['c']],
        ['c', ['a']],
      ]),
    ),
    ['a', 'b', 'c', 'a'],
  );
  assert.deepEqual(
    takenBy("import type { A } from '../jobs';\nimport { type B } from '../joints';\nimport { c, type D } from '../stages';"),
    ['stages'],
  );
});
