// Core alone, for `npm run mutants`: the same project as in the whole run.
const { projects } = require('../jest.config.cjs');

module.exports = { ...projects.find((project) => project.displayName === 'core'), testTimeout: 20_000 };
