// What `npm run mutants` asks: the tests of one folder of core, or every test that works with the engine.
const path = require('node:path');
const { projects } = require('../jest.config.cjs');

const core = projects.find((project) => project.displayName === 'core');
const testsOf = process.env.KESTO_TESTS_OF;
const root = path.join(__dirname, '..');
module.exports = {
  ...core,
  testTimeout: 20_000,
  ...(testsOf
    ? { testMatch: [`**/src/${testsOf}/*.test.ts`] }
    : { rootDir: root, roots: ['core', 'contract', 'cli'].map((name) => path.join(root, name, 'src')) }),
};
