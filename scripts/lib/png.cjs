// A small picture of one colour, made here so that no photograph lies in the project.
const { crc32, deflateSync } = require('node:zlib');

function chunk(type, data) {
  const body = Buffer.concat([Buffer.from(type), data]);
  const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
  length.writeUInt32BE(data.length);
  sum.writeUInt32BE(crc32(body));
  return Buffer.concat([length, body, sum]);
}

/** Each seed another picture. */
function pngPhoto(seed, side = 48) {
  const header = Buffer.alloc(13);
  header.writeUInt32BE(side, 0);
  header.writeUInt32BE(side, 4);
  header.set([8, 2, 0, 0, 0], 8);
  const row = Buffer.concat([Buffer.from([0]), Buffer.alloc(side * 3, seed % 256)]);
  const pixels = deflateSync(Buffer.concat(Array.from({ length: side }, () => row)));
  const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  return Buffer.concat([signature, chunk('IHDR', header), chunk('IDAT', pixels), chunk('IEND', Buffer.alloc(0))]);
}

module.exports = { pngPhoto };
