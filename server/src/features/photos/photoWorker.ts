// One photo and out: bytes on standard input, what is kept on standard output behind one line of JSON. A process of its own,
// because decoding takes memory and threads that everything else in the server would have to wait for.
import { AppError } from '../../platform/errors';
import { cleanPhoto } from './photos.service';

async function everything(): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of process.stdin) chunks.push(chunk as Buffer); // cast: standard input has no encoding set
  return Buffer.concat(chunks);
}

const say = (head: object, bytes: Buffer = Buffer.alloc(0)) =>
  process.stdout.write(Buffer.concat([Buffer.from(`${JSON.stringify(head)}\n`), bytes]));

try {
  const { bytes, ...facts } = await cleanPhoto(await everything());
  say(facts, bytes);
} catch (error) {
  if (!(error instanceof AppError)) throw error;
  say({ refused: { code: error.code, message: error.message, field: error.field } });
}
