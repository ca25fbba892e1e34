// Proves that the layer rules bite: each fixture is linted as if it stood in the layer its name begins with.
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { test } from 'node:test';
import { fileURLToPath } from 'node:url';
import { ESLint } from 'eslint';

const root = fileURLToPath(new URL('..', import.meta.url));
const eslint = new ESLint({
  cwd: root,
  // A fixture is in no TypeScript project: the rules that need types are not what is proven here.
  overrideConfig: {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: false } },
    rules: { '@typescript-eslint/no-floating-promises': 'off', '@typescript-eslint/switch-exhaustiveness-check': 'off' },
  },
});

async function faults(fixture, folder, kind) {
  const text = readFileSync(path.join(root, 'lint/fixtures', `${fixture}.${kind}`), 'utf8');
  const [result] = await eslint.lintText(text, { filePath: path.join(root, folder, `${fixture}.${kind}`) });
  return result.messages;
}

async function rulesBroken(fixture, folder = `${fixture.split('-')[0]}/src`, kind = 'ts') {
  return [...new Set((await faults(fixture, folder, kind)).map((message) => message.ruleId))];
}

for (const fixture of [
  'core-knows-the-server',
  'contract-knows-the-client',
  'client-knows-the-server',
  'server-knows-the-client',
  'cli-knows-the-server',
]) {
  test(`${fixture.replaceAll('-', ' ')}: refused`, async () => assert.ok((await rulesBroken(fixture)).includes('boundaries/dependencies')));
}

test('a shared widget knows a feature: refused', async () =>
  assert.ok((await rulesBroken('ui-knows-a-feature', 'client/src/ui')).includes('no-restricted-imports')));

test('a feature of the server knows the inside of another: refused; what its index.ts gives is not', async () => {
  const inside = await rulesBroken('server-knows-the-inside-of-a-feature', 'server/src/features/joints');
  assert.ok(inside.includes('no-restricted-imports'));
  assert.deepEqual(await rulesBroken('server-uses-a-feature', 'server/src/features/joints'), []);
});

test('a service of the server knows the table behind a repository: refused', async () =>
  assert.deepEqual(await rulesBroken('server-service-knows-the-table', 'server/src/features/joints'), ['no-restricted-imports']));

test('a feature is built of the platform’s bare parts: refused; a drawing that knows a feature too', async () => {
  assert.deepEqual(await rulesBroken('feature-has-bare-parts', 'client/src/features/joint'), ['no-restricted-imports']);
  assert.deepEqual(await rulesBroken('ui-knows-a-feature', 'client/src/drawing'), ['no-restricted-imports']);
});

test('a feature of the client knows the inside of another, or a floor what lies above it: refused; what lies below is not', async () => {
  assert.deepEqual(await rulesBroken('client-feature-knows-an-inside', 'client/src/features/joint'), ['no-restricted-imports']);
  assert.deepEqual(await rulesBroken('client-floor-knows-data', 'client/src/outbox'), ['no-restricted-imports']);
  assert.deepEqual(await rulesBroken('client-floor-knows-data', 'client/src/features/joint'), []);
});

test('a style that is the same at every drawing stands in line: refused; what a state changes may', async () => {
  for (const folder of ['client/src/features/joint', 'client/src/ui'])
    assert.deepEqual(await rulesBroken('style-in-line', folder, 'tsx'), ['no-restricted-syntax']);
  assert.deepEqual(await rulesBroken('style-of-a-state', 'client/src/features/joint', 'tsx'), []);
});

test('text in markup or in what is heard of it: refused, each; words of the feature, ids and what is compared are not', async () => {
  const refused = await faults('text-in-markup', 'client/src/features/joint', 'tsx');
  assert.deepEqual(
    refused.map(({ line }) => line),
    [4, 5, 6, 6],
  );
  assert.deepEqual(await rulesBroken('words-in-markup', 'client/src/features/joint', 'tsx'), []);
});

test('core has a clock: refused', async () => {
  const broken = await rulesBroken('core-has-a-clock');
  assert.ok(broken.includes('no-restricted-syntax') && broken.includes('no-restricted-properties'));
});

test('a field of core knows the plan on top of it: refused; the plan may know a field', async () => {
  assert.ok((await rulesBroken('field-knows-the-plan', 'core/src/fit')).includes('no-restricted-imports'));
  assert.ok(!(await rulesBroken('field-knows-the-plan', 'core/src/section')).includes('no-restricted-imports'));
});

test('core takes a package: refused', async () => assert.ok((await rulesBroken('core-takes-a-package')).includes('no-restricted-imports')));

test('the client may know core', async () => assert.deepEqual(await rulesBroken('client-knows-core'), []));
