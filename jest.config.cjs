const swc = ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } }];
module.exports = {
  projects: [
    {
      displayName: 'core',
      rootDir: `${__dirname}/core`,
      testEnvironment: 'node',
      testMatch: ['**/*.test.ts'],
      transform: { '^.+\\.[tj]s$': swc },
      transformIgnorePatterns: ['/node_modules/(?!@noble|canonicalize)'],
    },
  ],
};
