// A backup as one file: a tar of what the database is and says it is, behind a passphrase where one is given.
import { createReadStream, createWriteStream, existsSync, openSync, readSync, closeSync, renameSync, rmSync, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { text } from 'node:stream/consumers';
import path from 'node:path';
import { stop } from './report.mjs';

const MANIFEST = 'manifest.json';
const DUMP = 'database.dump';
const SEALED = 'age-encryption.org/v1';

async function tarOf(manifest, dumpFile) {
  const { pack } = await import('tar-stream');
  const tar = pack();
  const filled = (async () => {
    tar.entry({ name: MANIFEST }, JSON.stringify(manifest, null, 2));
    await pipeline(createReadStream(dumpFile), tar.entry({ name: DUMP, size: statSync(dumpFile).size }));
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
export async function writeArchive(file, manifest, dumpFile, passphrase) {
  const partial = `${file}.partial-${process.pid}`;
  try {
    await pipeline(await sealed(await tarOf(manifest, dumpFile), passphrase), createWriteStream(partial, { mode: 0o600, flush: true }));
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

/** The manifest as a value, the dump as a file. */
async function unpacked(stream, dump) {
  const { extract } = await import('tar-stream');
  const entries = extract();
  stream.on('error', (error) => entries.destroy(error));
  stream.pipe(entries);
  let manifest = null;
  for await (const entry of entries) {
    if (entry.header.name === MANIFEST) manifest = JSON.parse(await text(entry));
    else if (entry.header.name === DUMP) await pipeline(Readable.from(entry), createWriteStream(dump, { mode: 0o600 }));
    else entry.resume();
  }
  return manifest;
}

/** Unpacks a backup into a folder; answers its manifest and where the dump lies. */
export async function readArchive(file, folder, passphrase) {
  if (!existsSync(file)) stop(`there is no backup at ${file}`, 'name the file that npm run backup wrote');
  const dump = path.join(folder, DUMP);
  const manifest = await unpacked(await opened(file, passphrase), dump).catch((error) =>
    stop(`${file} cannot be read as a backup: ${error.message}`, 'take another backup: this one is damaged, or no backup of Kesto'),
  );
  if (manifest?.format !== 'kesto-backup' || !existsSync(dump))
    stop(`${file} is no backup of Kesto`, 'name the file that npm run backup wrote');
  return { manifest, dump };
}
