// Where the private cluster of a folder lies: in the folder, unless PostgreSQL's own user cannot come there (a clone under /root).
import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { step, stop } from './report.mjs';

const isRoot = process.getuid?.() === 0;
/** A service's data, where Debian keeps it; every user passes through. */
const PLACES = '/var/lib/kesto';
/** In the folder: the path of its cluster. In the place: the folder it belongs to. */
const NOTE = 'cluster-is-at';
const OWNER = 'belongs-to';

/** PostgreSQL refuses to run as root: there it runs as the user its package made. */
export const asPostgres = (command) => (isRoot ? ['runuser', '-u', 'postgres', '--', ...command] : command);

function canPass(folder) {
  if (!isRoot) return true;
  const [program, ...args] = asPostgres(['test', '-x', folder]);
  return spawnSync(program, args, { cwd: '/' }).status === 0;
}

const read = (file) => (existsSync(file) ? readFileSync(file, 'utf8').trim() : null);

/** A clone that was moved takes its cluster along; one that was copied does not share it. */
function claim(place, folder) {
  const owner = read(path.join(place, OWNER));
  if (owner === folder) return place;
  if (owner && read(path.join(owner, NOTE)) === place) {
    stop(
      `${folder} names the database in ${place}, which belongs to ${owner}: this folder is a copy`,
      `remove ${path.join(folder, NOTE)} to begin with an empty database, or restore a backup into an empty folder (npm run restore)`,
    );
  }
  writeFileSync(path.join(place, OWNER), `${folder}\n`);
  return place;
}

/** The folder of an existing cluster; null where none was made for this folder. */
export function clusterPlace(folder) {
  const noted = read(path.join(folder, NOTE));
  if (noted) {
    if (existsSync(noted)) return claim(noted, folder);
    stop(
      `${folder} names its database in ${noted}, and that is gone`,
      'put it back, or restore a backup into an empty folder (npm run restore)',
    );
  }
  const holdsFiles = existsSync(path.join(folder, 'data'));
  if (holdsFiles && !canPass(folder)) {
    stop(
      `the database in ${folder} cannot be reached by PostgreSQL’s own user (postgres)`,
      `move the data folder to where that user may pass, such as ${PLACES}, and name it with --data DIR`,
    );
  }
  return holdsFiles ? folder : null;
}

/** Makes the folder a new cluster is to lie in; `forget` takes away what this made, where the cluster then fails. */
export function newPlace(folder) {
  const wasThere = existsSync(folder);
  mkdirSync(folder, { recursive: true });
  if (canPass(folder)) return { place: folder, keep: () => undefined, forget: () => undefined };
  if (!existsSync(PLACES)) mkdirSync(PLACES, { recursive: true });
  chmodSync(PLACES, 0o711);
  const place = path.join(PLACES, randomBytes(6).toString('hex'));
  mkdirSync(place);
  chmodSync(place, 0o711);
  return {
    place,
    keep: () => {
      writeFileSync(path.join(place, OWNER), `${folder}\n`);
      writeFileSync(path.join(folder, NOTE), `${place}\n`);
      step(`PostgreSQL’s own user cannot enter ${folder}: the database lies in ${place}`);
    },
    forget: () => {
      rmSync(place, { recursive: true, force: true });
      if (!wasThere) rmSync(folder, { recursive: true, force: true });
    },
  };
}
