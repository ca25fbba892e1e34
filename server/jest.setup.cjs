// One private cluster for all server tests; each test file makes its own database in it.
const path = require('node:path');

const root = path.join(__dirname, '..');

module.exports = async () => {
  process.chdir(root);
  const { startCluster } = await import(path.join(root, 'scripts/lib/postgres.mjs'));
  const { buildServer } = await import(path.join(root, 'scripts/lib/build.mjs'));
  await buildServer();
  const cluster = await startCluster(path.join(root, 'var/test-pg'));
  // Each run loads its own demo: what an earlier one loaded may be another by now.
  process.env.KESTO_TEST_DEMO = `kesto_demo_${process.pid}_${Date.now()}`;
  process.env.KESTO_TEST_DATABASE = cluster.url('postgres');
  globalThis.kestoTestCluster = cluster;
};
