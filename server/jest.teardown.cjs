const path = require('node:path');

module.exports = async () => {
  const { stopCluster } = await import(path.join(__dirname, '../scripts/lib/postgres.mjs'));
  // Another run of the tests may have started it and be at work.
  if (globalThis.kestoTestCluster.began) stopCluster(globalThis.kestoTestCluster);
};
