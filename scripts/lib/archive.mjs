// A backup as one file: a tar of what the database is and says it is, behind a passphrase where one is given.
import { createReadStream, createWriteStream, existsSync, openSync, readSync, closeSync, renameSync, rmSync, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { buffer, text } from 'node:stream/consumers';
import path from 'node:path';
import { stop } from './report.mjs';

const MANIFEST = 'manifest.json';
const DUMP = 'database.dump';
const SEALED = 'age-encryption.org/v1';

/** Keys of the shops by their file names: in an encrypted backup alone. */
const KEYS = 'shop-keys/';

async function tarOf(manifest, dumpFile, keys) {
  const { pack } = await import('tar-stream');
  const tar = pack();
  const filled = (async () => {
    tar.entry({ name: MANIFEST }, JSON.stringify(manifest, null, 2));
    await pipeline(createReadStream(dumpFile), tar.entry({ name: DUMP, size: statSync(dumpFile).size }));
    for (const [name, bytes] of keys) tar.entry({ name: `${KEYS}${name}` }, bytes);
    tar.finalize();
  })();
  filled.catch((error) => tar.destroy(error));
  return Readable.from(tar, { objectMode: false });
}

async function sealed(stream, passphrase) {
  if (!passphrase) return stream;
  const { Encrypter } = await import('age-encryption');
  const encrypter = new Encrypter();
  encrypter.setPassphrase(passphrase);
  return Readable.fromWeb(await encrypter.encrypt(Readable.toWeb(stream)));
}

/** Written beside its place and moved there when whole, for the eyes of its owner alone. */
export async function writeArchive(file, { manifest, dumpFile, keys }, passphrase) {
  const partial = `${file}.partial-${process.pid}`;
  try {
    await pipeline(
      await sealed(await tarOf(manifest, dumpFile, keys), passphrase),
      createWriteStream(partial, { mode: 0o600, flush: true }),
    );
    renameSync(partial, file);
  } finally {
    rmSync(partial, { force: true });
  }
}

function isSealed(file) {
  const start = Buffer.alloc(SEALED.length);
  const handle = openSync(file, 'r');
  readSync(handle, start);
  closeSync(handle);
  return start.toString('latin1') === SEALED;
}

async function opened(file, passphrase) {
  const stream = createReadStream(file);
  if (!isSealed(file)) return stream;
  if (!passphrase) stop(`${file} is encrypted and no passphrase was given`, 'put it into a file and say --passphrase-file FILE');
  const { Decrypter } = await import('age-encryption');
  const decrypter = new Decrypter();
  decrypter.addPassphrase(passphrase);
  const plain = await decrypter
    .decrypt(Readable.toWeb(stream))
    .catch(() => stop(`${file} does not open with this passphrase`, 'try the right one'));
  return Readable.fromWeb(plain);
}

/** The manifest as a value, the dump as a file, keys as bytes by their names. */
async function unpacked(stream, dump) {
  const { extract } = await import('tar-stream');
  const entries = extract();
  stream.on('error', (error) => entries.destroy(error));
  stream.pipe(entries);
  let manifest = null;
  const keys = new Map();
  for await (const entry of entries) {
    if (entry.header.name === MANIFEST) manifest = JSON.parse(await text(entry));
    else if (entry.header.name === DUMP) await pipeline(Readable.from(entry), createWriteStream(dump, { mode: 0o600 }));
    else if (/^shop-keys\/[\w.-]+$/.test(entry.header.name)) keys.set(path.basename(entry.header.name), await buffer(entry));
    else entry.resume();
  }
  return { manifest, keys };
}

/** Unpacks a backup into a folder; answers its manifest, where the dump lies, and the keys in it. */
export async function readArchive(file, folder, passphrase) {
  if (!existsSync(file)) stop(`there is no backup at ${file}`, 'name the file that npm run backup wrote');
  const dump = path.join(folder, DUMP);
  const { manifest, keys } = await unpacked(await opened(file, passphrase), dump).catch((error) =>
    stop(`${file} cannot be read as a backup: ${error.message}`, 'take another backup: this one is damaged, or no backup of Kesto'),
  );
  if (manifest?.format !== 'kesto-backup' || !existsSync(dump))
    stop(`${file} is no backup of Kesto`, 'name the file that npm run backup wrote');
  return { manifest, dump, keys };
}
