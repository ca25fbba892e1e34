// Proves that the first screen waits neither for the engine nor for the schemas: what every address takes, followed file by file. What two addresses
// take is fetched with the first of them.
import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';

const client = fileURLToPath(new URL('../client', import.meta.url));
const HEAVY = ['@kesto/core', '@kesto/contract', '@kesto/contract/wording', '@kesto/contract/schemas', '@kesto/contract/summaries'];
const ENDINGS = ['.ts', '.tsx', '/index.ts', '/index.tsx'];

/** What is light enough for it, by the files behind the names: these are followed too. */
const LIGHT = {
  '@kesto/contract/api': 'contract/src/api',
  '@kesto/contract/wording/record': 'contract/src/wording/en/record',
  '@kesto/contract/wording/people': 'contract/src/wording/en/people',
  '@kesto/contract/wording/stages': 'contract/src/wording/en/stages',
  '@kesto/contract/wording/clock': 'contract/src/wording/en/clock',
};

function fileOf(from, name) {
  const base = name.startsWith('@/')
    ? path.join(client, 'src', name.slice(2))
    : name.startsWith('.')
      ? path.join(path.dirname(from), name)
      : name in LIGHT
        ? path.join(client, '..', LIGHT[name])
        : null;
  const found = base && ENDINGS.find((ending) => existsSync(base + ending));
  return found ? base + found : null;
}

/** What a file takes at run time: types are gone by then. */
function importsOf(file) {
  const text = readFileSync(file, 'utf8');
  const taken = [...text.matchAll(/(?:import|export)\s+(type\s+)?([^;]*?)\s+from\s+'([^']+)'/g)];
  const isType = ([, type, names]) =>
    type ||
    (/^\{/.test(names) &&
      names
        .replace(/[{}\s]/g, '')
        .split(',')
        .every((name) => name === '' || name.startsWith('type')));
  return taken.filter((found) => !isType(found)).map((found) => found[3]);
}

test('no address takes the engine or the schemas: they come with the workbench', () => {
  const addresses = readdirSync(path.join(client, 'app'), { recursive: true }).filter((name) => name.endsWith('.tsx'));
  const from = new Map(addresses.map((name) => [path.join(client, 'app', name), null]));
  const heavy = [];
  for (const [file] of from) {
    for (const name of importsOf(file)) {
      if (HEAVY.includes(name)) heavy.push(`${path.relative(client, file)} takes ${name}`);
      const next = fileOf(file, name);
      if (next && !from.has(next)) from.set(next, file);
    }
  }
  assert.ok(from.size > 30, 'the walk follows imports');
  assert.deepEqual(heavy, []);
});

/** Names that are taken from Paper at run time, wherever in the client. */
function takenFromPaper() {
  const files = readdirSync(path.join(client, 'src'), { recursive: true }).filter((name) => /\.tsx?$/.test(name));
  return files.flatMap((name) => {
    const text = readFileSync(path.join(client, 'src', name), 'utf8');
    const taken = text.matchAll(/import\s+\{([^}]*)\}\s+from\s+'react-native-paper'/g);
    return [...taken].flatMap(([, names]) => names.split(',').map((taken) => taken.trim())).filter((taken) => taken !== '');
  });
}

test('each of Paper’s parts is fetched by itself: a name its list of parts lacks would bring all of them to the first screen', () => {
  const { mappings } = JSON.parse(readFileSync(path.join(client, '../node_modules/react-native-paper/lib/mappings.json'), 'utf8'));
  const names = [...new Set(takenFromPaper())];
  assert.ok(names.includes('TouchableRipple'), 'the names are found');
  assert.deepEqual(
    names.filter((name) => !(name in mappings)),
    [],
  );
});
