import { createHash, randomBytes } from 'node:crypto';
import sharp from 'sharp';
import type { Agent } from 'supertest';
import { brazedBody, PLANNED_JOINT } from '../../testing/examples';
import { rulesServer, type RulesServer } from '../../testing/server';

let server: RulesServer;
let ilta: Agent;
beforeAll(async () => {
  server = await rulesServer();
  ilta = await server.as('ilta');
});
afterAll(() => server.close());

const sha = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');
const send = (bytes: Buffer, hash = sha(bytes)) =>
  ilta.put(`/api/photos/${hash}`).set('content-type', 'application/octet-stream').send(bytes);
const picture = (width = 60, height = 40) => sharp({ create: { width, height, channels: 3, background: '#db9264' } });

test('what the camera wrote beside the picture is not kept', async () => {
  const withPlace = await picture()
    .withExif({ IFD0: { Make: 'x' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '60/1 10/1 0/1' } })
    .jpeg()
    .toBuffer();
  expect((await sharp(withPlace).metadata()).exif).toBeDefined();
  const { body } = await send(withPlace).expect(200);
  const kept = await ilta.get(`/api/photos/${body.sha256}`).expect(200);
  expect((await sharp(kept.body as Buffer).metadata()).exif).toBeUndefined();
  expect(sha(kept.body as Buffer)).toBe(body.sha256);
});

const COMMENT = Buffer.from('the neighbour, 3rd floor');
/** A JPEG with a comment in it, a segment of somebody's own, and bytes behind its end. */
async function laden(): Promise<Buffer> {
  const plain = await picture(400, 300).jpeg({ quality: 70 }).toBuffer();
  const segment = (marker: number) => Buffer.concat([Buffer.from([0xff, marker, 0, COMMENT.length + 2]), COMMENT]);
  return Buffer.concat([plain.subarray(0, 2), segment(0xfe), segment(0xeb), plain.subarray(2), COMMENT]);
}

test('comments, segments and bytes behind a picture are not kept; it is found by the hash that its device named', async () => {
  const sent = await laden();
  const { body } = await send(sent).expect(200);
  expect(body.sha256).not.toBe(sha(sent));
  const byDevice = await ilta.get(`/api/photos/${sha(sent)}`).expect(200);
  expect((byDevice.body as Buffer).includes(COMMENT)).toBe(false);
  expect(sha(byDevice.body as Buffer)).toBe(body.sha256);
});

test('an entry made before its photo was sent names it by its device’s hash, and holds both', async () => {
  const sent = await laden();
  const { body: stored } = await send(sent).expect(200);
  const { body } = await ilta
    .put(`/api/joints/${PLANNED_JOINT}/entries/0193a000-0000-7000-8000-00000000fffe`)
    .send({ ...brazedBody(), photos: [sha(sent)] })
    .expect(200);
  expect(body.content.said.photos).toEqual([sha(sent)]);
  expect(body.content.photos).toEqual([{ ...stored, sent: sha(sent) }]);
});

test('a clean header over a picture that breaks off is no photo', async () => {
  const clean = await picture(400, 300).jpeg().toBuffer();
  await send(clean.subarray(0, Math.floor(clean.length * 0.6))).expect(415);
});

test('a photo sent twice is one photo', async () => {
  const png = await picture(31, 31).png().toBuffer();
  const [first, again] = [await send(png).expect(200), await send(png).expect(200)];
  expect(again.body).toEqual(first.body);
});

test('a large picture is kept at 2000 px', async () => {
  const { body } = await send(await picture(3000, 1500).jpeg().toBuffer()).expect(200);
  const kept = await ilta.get(`/api/photos/${body.sha256}`).expect(200);
  expect(await sharp(kept.body as Buffer).metadata()).toMatchObject({ width: 2000, height: 1000 });
});

test('30 MB are refused with what is allowed', async () => {
  const { body } = await send(randomBytes(30_000_000)).expect(413);
  expect(body.error).toMatchObject({ code: 'TOO_LARGE' });
  expect(body.error.message).toContain('12 MB');
});

test.each([
  ['text named like a photo', Buffer.from('this is no photo at all'), 415],
  ['an empty file', Buffer.alloc(0), 415],
  ['a drawing with scripts in it', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>'), 415],
])('%s is told by its content and refused', async (_what, bytes, status) => {
  const { body } = await send(bytes).expect(status);
  expect(body.error.field).toBe('photo');
});

test('a photo cut off in the middle is refused', async () => {
  const whole = await picture(400, 300).jpeg().toBuffer();
  await send(whole.subarray(0, Math.floor(whole.length / 2))).expect(415);
});

test.each([
  ['too many pixels', { width: 8900, height: 8900 }],
  ['too long a side', { width: 12_500, height: 20 }],
])('%s behind a small file are refused from the header, with what is allowed', async (_what, size) => {
  const small = await picture(size.width, size.height).png({ compressionLevel: 9 }).toBuffer();
  const { body } = await send(small).expect(413);
  expect(body.error).toMatchObject({ code: 'TOO_LARGE', field: 'photo', message: expect.stringContaining('50 million pixels') });
});

test('a deep picture that would take a gigabyte is refused', async () => {
  const deep = await sharp({ create: { width: 6000, height: 6000, channels: 4, background: '#db9264' } })
    .toColourspace('rgb16')
    .png()
    .toBuffer();
  await send(deep).expect(413);
});

test('the site answers at once while four of the largest photos are decoded', async () => {
  const large = await Promise.all(
    [0, 1, 2, 3].map((i) =>
      picture(7000, 7000 - i)
        .jpeg({ quality: 60 })
        .toBuffer(),
    ),
  );
  const sent = large.map((bytes) => send(bytes).then((answer) => answer.status));
  const waits: number[] = [];
  for (let i = 0; i < 5; i++) {
    const began = performance.now();
    await ilta.get('/api/session').expect(200);
    waits.push(performance.now() - began);
  }
  expect(await Promise.all(sent)).toEqual([200, 200, 200, 200]);
  expect(Math.max(...waits)).toBeLessThan(2_000);
});

test('a large lossless picture is kept as a JPEG, so that a record stays small enough to be sent', async () => {
  const noise = await sharp(randomBytes(1500 * 1000 * 3), { raw: { width: 1500, height: 1000, channels: 3 } })
    .png()
    .toBuffer();
  const { body } = await send(noise).expect(200);
  expect(body).toMatchObject({ mediaType: 'image/jpeg' });
});

test('bytes that do not have the hash in the address arrived damaged', async () => {
  const { body } = await send(await picture(33, 33).png().toBuffer(), 'a'.repeat(64)).expect(400);
  expect(body.error.field).toBe('source');
});

test('an entry cannot name a photo that is not stored', async () => {
  const { body } = await ilta
    .put(`/api/joints/${PLANNED_JOINT}/entries/0193a000-0000-7000-8000-00000000ffff`)
    .send({ ...brazedBody(), photos: ['b'.repeat(64)] })
    .expect(400);
  expect(body.error.field).toBe('photos[0]');
});
