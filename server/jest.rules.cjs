// What `npm run mutants -- stages` asks: tests of rules, on a store in memory. No database is started.
const path = require('node:path');
const { projects } = require('../jest.config.cjs');

const { globalSetup: _setup, globalTeardown: _teardown, ...server } = projects.find((project) => project.displayName === 'server');
module.exports = {
  ...server,
  testTimeout: 20_000,
  rootDir: path.join(__dirname, '..'),
  roots: ['server', 'contract', 'core'].map((name) => path.join(__dirname, '..', name, 'src')),
  testMatch: ['stages', 'joints'].map((feature) => `**/server/src/features/${feature}/*.test.ts`),
  testPathIgnorePatterns: ['formerFormat'],
};
