const path = require('node:path');

module.exports = async () => {
  const { stopCluster } = await import(path.join(__dirname, '../scripts/lib/postgres.mjs'));
  stopCluster(globalThis.kestoTestCluster);
};
