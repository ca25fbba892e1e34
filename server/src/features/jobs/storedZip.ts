import { Zip, ZipPassThrough } from 'fflate';

export interface Part {
  readonly path: string;
  readonly bytes: Uint8Array;
}

/** The same file whenever it is written: what it holds says when, the file's own clock says nothing. */
const NO_TIME = new Date('1980-01-01T00:00:00');

/** A zip whose parts are stored as they are, piece by piece as they come. */
export async function* storedZip(parts: AsyncIterable<Part>): AsyncGenerator<Uint8Array> {
  let ready: Uint8Array[] = [];
  const zip = new Zip((error, chunk) => {
    if (error) throw error;
    ready.push(chunk);
  });
  const taken = () => {
    const chunks = ready;
    ready = [];
    return chunks;
  };
  for await (const { path, bytes } of parts) {
    const file = new ZipPassThrough(path);
    file.mtime = NO_TIME;
    zip.add(file);
    file.push(bytes, true);
    yield* taken();
  }
  zip.end();
  yield* taken();
}
