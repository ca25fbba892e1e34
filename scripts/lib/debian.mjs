// Installs Debian packages where that is possible; names them where it is not.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { step, stop } from './report.mjs';

const has = (program) => spawnSync('sh', ['-c', `command -v ${program}`], { stdio: 'ignore' }).status === 0;
const isRoot = process.getuid?.() === 0;

function asRoot(args) {
  const [program, ...rest] = isRoot ? args : ['sudo', '-n', ...args];
  return spawnSync(program, rest, { encoding: 'utf8', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
}

/** Keeps Debian from making and starting a cluster of its own: ours is private. */
function declineSystemCluster() {
  const file = '/etc/postgresql-common/createcluster.conf';
  if (existsSync(file) || !isRoot) return;
  mkdirSync('/etc/postgresql-common', { recursive: true });
  writeFileSync(file, 'create_main_cluster = false\n');
}

export function installPackages(packages, why) {
  const byHand = `install it by hand: apt-get install ${packages.join(' ')}`;
  if (!has('apt-get')) stop(`${why} is missing and there is no apt-get here`, byHand);
  if (!isRoot && !has('sudo')) stop(`${why} is missing, and this is neither root nor is there sudo`, `${byHand} (as root)`);
  step(`installing ${packages.join(', ')}`);
  if (packages.includes('postgresql')) declineSystemCluster();
  const update = asRoot(['apt-get', 'update', '-qq']);
  const install = asRoot(['apt-get', 'install', '-y', '-qq', '--no-install-recommends', ...packages]);
  if (install.status !== 0) stop(`${why} could not be installed:\n${update.stderr ?? ''}${install.stderr ?? ''}`, byHand);
}
