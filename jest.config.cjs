const path = require('node:path');

const swc = ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } }];
const at = (file) => path.join(__dirname, file);
const workspaces = {
  '^@kesto/core/vocabulary$': at('core/src/vocabulary/index.ts'),
  '^@kesto/core/unit$': at('core/src/unit/index.ts'),
  '^@kesto/core/golden$': at('core/src/golden/asked.ts'),
  '^@kesto/core/section$': at('core/src/section/outline.ts'),
  '^@kesto/core/heat-along$': at('core/src/plan/heatAlong.ts'),
  '^@kesto/core/sequence$': at('core/src/sequence/index.ts'),
  '^@kesto/core/charge$': at('core/src/charge/index.ts'),
  '^@kesto/contract/charge$': at('contract/src/engine/charge.ts'),
  '^@kesto/core/pull$': at('core/src/pull/index.ts'),
  '^@kesto/contract/check$': at('contract/src/check/checkFile.ts'),
  '^@kesto/core/label$': at('core/src/tree/label.ts'),
  '^@kesto/core/tree$': at('core/src/tree/index.ts'),
  '^@kesto/contract/pull$': at('contract/src/engine/pull.ts'),
  '^@kesto/core/refrigerant$': at('core/src/refrigerant/index.ts'),
  '^@kesto/core$': at('core/src/index.ts'),
  '^@kesto/contract/api$': at('contract/src/api.ts'),
  '^@kesto/contract/isolate$': at('contract/src/engine/isolate.ts'),
  '^@kesto/contract/sequence$': at('contract/src/engine/sequence.ts'),
  '^@kesto/contract/refrigerant$': at('contract/src/engine/refrigerant.ts'),
  '^@kesto/contract$': at('contract/src/index.ts'),
  '^@kesto/contract/schemas$': at('contract/src/schemas.ts'),
  '^@kesto/contract/summaries$': at('contract/src/summaries.ts'),
  '^@kesto/contract/wording/record$': at('contract/src/wording/en/record.ts'),
  '^@kesto/contract/wording/clock$': at('contract/src/wording/en/clock.ts'),
  '^@kesto/contract/wording/people$': at('contract/src/wording/en/people.ts'),
  '^@kesto/contract/wording/stages$': at('contract/src/wording/en/stages.ts'),
  '^@kesto/contract/wording$': at('contract/src/wording/index.ts'),
};
/** Packages that ship as ES modules only and have to be read by Jest as such. */
const esModules = '/node_modules/(?!(@noble|@scure|canonicalize|uuid|p-limit|yocto-queue|age-encryption)(/|$))';

const node = (name, rest = {}) => ({
  displayName: name,
  rootDir: at(name),
  testEnvironment: 'node',
  testMatch: ['**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  transform: { '^.+\\.[tj]s$': swc },
  transformIgnorePatterns: [esModules],
  moduleNameMapper: workspaces,
  ...rest,
});

module.exports = {
  // A busy machine is no failure: a whole screen, or a database made anew, may take its time.
  testTimeout: 60_000,
  projects: [
    node('core'),
    node('contract'),
    node('cli'),
    node('instruments'),
    node('server', { globalSetup: at('server/jest.setup.cjs'), globalTeardown: at('server/jest.teardown.cjs') }),
    {
      displayName: 'client',
      rootDir: at('client'),
      preset: 'jest-expo',
      testMatch: ['<rootDir>/{src,app}/**/*.test.ts?(x)'],
      setupFiles: ['<rootDir>/jest.setup.js'],
      // d3-scale is a module that ends in .mjs, which the preset leaves as it is.
      transform: {
        '\\.mjs$': 'babel-jest',
        '/(core|contract)/src/.*\\.ts$': swc,
        '\\.[jt]sx?$': [
          'babel-jest',
          { caller: { name: 'metro', bundler: 'metro', platform: 'ios' }, configFile: at('client/babel.config.js') },
        ],
      },
      moduleNameMapper: { ...workspaces, '^@/(.*)$': at('client/src/$1'), '/mockNativeComponent$': at('client/jest.standIn.js') },
      transformIgnorePatterns: [
        '/node_modules/(?!(.pnpm|react-native|@react-native|@react-native-community|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|react-redux|@reduxjs|immer|react-native-paper|react-native-svg|d3-.*|internmap|uuid|@noble|@scure|@tanstack|canonicalize)(/|-|$))',
      ],
    },
  ],
};
