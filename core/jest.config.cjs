// What `npm run mutants -- --by-jest` asks: every test that works with the engine.
const path = require('node:path');
const { projects } = require('../jest.config.cjs');

const core = projects.find((project) => project.displayName === 'core');
const root = path.join(__dirname, '..');
module.exports = {
  ...core,
  testTimeout: 20_000,
  rootDir: root,
  roots: ['core', 'contract', 'cli'].map((name) => path.join(root, name, 'src')),
};
