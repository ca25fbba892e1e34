// The tests of the engine, the contract and the command as one bundle, and what they need of Jest to be run without it.
import { build } from 'esbuild';
import { expect } from 'expect';
import { bind } from 'jest-each';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';

const PACKAGES = ['core', 'contract', 'cli'];

/** Names of the workspaces' own packages, as Jest has them. */
function workspaces(root) {
  const { moduleNameMapper } = createRequire(path.join(root, 'package.json'))('./jest.config.cjs').projects[0];
  return Object.entries(moduleNameMapper).map(([name, file]) => [new RegExp(name), file]);
}

/** Bundles every test file below a root into one, each announced by its path before it runs. */
export async function bundleTests(root, outfile) {
  const inPackage = (name) => readdirSync(path.join(root, name, 'src'), { recursive: true }).map((file) => path.join(name, 'src', file));
  const files = PACKAGES.flatMap(inPackage).filter((file) => file.endsWith('.test.ts'));
  const entry = `${outfile}.entry.ts`;
  const lines = files.map(
    (file) => `globalThis.testsOf(${JSON.stringify(file)}, () => require(${JSON.stringify(path.join(root, file))}));`,
  );
  writeFileSync(entry, lines.join('\n'));
  const names = workspaces(root);
  const resolveWorkspaces = {
    name: 'workspaces',
    setup(bundler) {
      bundler.onResolve({ filter: /^@kesto\// }, ({ path: asked }) => ({ path: names.find(([name]) => name.test(asked))?.[1] }));
      bundler.onLoad({ filter: /\.test\.ts$/ }, ({ path: file }) => ({
        contents: readFileSync(file, 'utf8').replaceAll('__dirname', JSON.stringify(path.dirname(file))),
        loader: 'ts',
      }));
    },
  };
  const options = { bundle: true, platform: 'node', format: 'cjs', target: 'node20', logLevel: 'error' };
  await build({ ...options, absWorkingDir: root, entryPoints: [entry], outfile, plugins: [resolveWorkspaces] });
}

/** Runs a bundle and keeps what it registers: `{ id, name, file, run }` of every test, in order. */
export function loadTests(runBundle) {
  const tests = [];
  const names = [];
  let file = '';
  const test = (name, run) => tests.push({ id: String(tests.length), name: [file, ...names, name].join(' '), file, run: () => run() });
  const describe = (name, body) => {
    names.push(name);
    body();
    names.pop();
  };
  Object.assign(test, { each: bind(test, false) });
  Object.assign(describe, { each: bind(describe, false) });
  const testsOf = (name, body) => {
    file = name;
    body();
  };
  Object.assign(globalThis, { test, describe, expect, testsOf });
  runBundle();
  return tests;
}
