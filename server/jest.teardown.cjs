const path = require('node:path');

module.exports = async () => {
  const { dropDatabase, stopCluster } = await import(path.join(__dirname, '../scripts/lib/postgres.mjs'));
  await dropDatabase(globalThis.kestoTestCluster, process.env.KESTO_TEST_DEMO);
  // Another run of the tests may have started it and be at work.
  if (globalThis.kestoTestCluster.began) stopCluster(globalThis.kestoTestCluster);
};
