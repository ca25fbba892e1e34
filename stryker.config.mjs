/** Rules of the server are asked of a store in memory, by Jest. */
const asksServer = process.env.KESTO_MUTANTS_BY === 'jest-server';

/** Plants faults in core and sees whether its tests notice. Tables are pinned by tests against their sources. */
export default {
  packageManager: 'npm',
  testRunner: asksServer ? 'jest' : (process.env.KESTO_MUTANTS_BY ?? 'in-process'),
  plugins: ['@stryker-mutator/jest-runner', './scripts/lib/inProcessRunner.mjs'],
  jest: { configFile: asksServer ? 'server/jest.rules.cjs' : 'core/jest.config.cjs' },
  coverageAnalysis: 'perTest',
  mutate: ['core/src/**/*.ts', '!core/src/**/*.test.ts', '!core/src/testing/**', '!core/src/golden/**', '!core/src/**/index.ts'],
  ignorePatterns: ['client', ...(asksServer ? ['server/dist'] : ['server']), 'e2e', 'bench', 'deploy', 'var', 'core/dist', '!core/src'],
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: true },
  jsonReporter: { fileName: 'var/mutants/report.json' },
  tempDirName: 'var/mutants/tmp',
  concurrency: 2,
  timeoutMS: asksServer ? 30_000 : 5000,
  // A row of a table is read when the module loads, in every test: such faults are tests of their own (tables against their sources).
  ignoreStatic: true,
  disableTypeChecks: false,
};
