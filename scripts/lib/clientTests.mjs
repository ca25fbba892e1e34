/** The client's tests as `npm test` and `npm run again` run them: with room for what a drawn screen leaves behind, less of the time goes into clearing up. */
export const CLIENT_TESTS = {
  command: 'npx jest --maxWorkers=2 --selectProjects client',
  env: { NODE_OPTIONS: '--max-semi-space-size=64' },
};
