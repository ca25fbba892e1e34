import { blockHash, blockHead, decodeBlock, encodeBlock, verifySeries, type Sample } from '.';

const SERIES = '0193a000-0000-7000-8000-0000000000aa';
const START = Date.parse('2026-11-24T10:00:00.000Z');
/** A day's weather on a pipe: what a hold's probe would send. */
const sample = (n: number): Sample => ({
  n,
  ms: START + 1000 * n,
  values: [29_000 + Math.round(40 * Math.sin(n / 9000)) + (n % 3), 180 + Math.round(60 * Math.sin(n / 9000))],
});
const samples = (from: number, count: number) => Array.from({ length: count }, (_, i) => sample(from + i));

function chain(count: number, size = 600): Uint8Array[] {
  const blocks: Uint8Array[] = [];
  for (let from = 1; from <= count; from += size) {
    const previous = blocks.at(-1);
    blocks.push(
      encodeBlock({
        series: SERIES,
        sequence: blocks.length + 1,
        previous: previous ? blockHash(previous) : null,
        samples: samples(from, Math.min(size, count - from + 1)),
      }),
    );
  }
  return blocks;
}

/** A second reader, by the document alone: no word of the first. */
function readByTheDocument(bytes: Uint8Array): readonly (readonly number[])[] {
  let at = 3 + 16;
  const varint = (): bigint => {
    let value = 0n;
    for (let shift = 0n; ; shift += 7n) {
      const byte = BigInt(bytes[at++] ?? 0);
      value |= (byte & 127n) << shift;
      if (byte < 128n) return value;
    }
  };
  const zigzag = (): bigint => {
    const v = varint();
    return (v >> 1n) ^ -(v & 1n);
  };
  varint();
  at += 32;
  varint();
  let n = varint();
  varint();
  let ms = varint();
  varint();
  const columns = Number(varint());
  for (let i = 0; i < columns * 3; i++) varint();
  const rows: number[][] = [];
  for (let runs = varint(); runs > 0n; runs--) {
    const [count, byN, byMs] = [varint(), varint(), zigzag()];
    for (let i = 0n; i < count; i++) rows.push([Number((n += byN)), Number((ms += byMs))]);
  }
  for (let column = 0; column < columns; column++) {
    let value = 0n;
    for (const row of rows) row.push(Number((value += zigzag())));
  }
  return rows;
}

test('a block is read as it was written, by a reader made from the document as well', () => {
  const bytes = encodeBlock({
    series: SERIES,
    sequence: 3,
    previous: 'ab'.repeat(32),
    samples: [...samples(7, 5), { ...sample(20), values: [-4, -1] }],
  });
  expect(decodeBlock(bytes)).toMatchObject({
    series: SERIES,
    sequence: 3,
    previous: 'ab'.repeat(32),
    samples: [...samples(7, 5), { n: 20, values: [-4, -1] }],
  });
  expect(readByTheDocument(bytes)).toEqual(decodeBlock(bytes).samples.map(({ n, ms, values }) => [n, ms, ...values]));
});

test('its head alone says first and last, least, most and sum', () => {
  const [bytes] = chain(600);
  const first = samples(1, 600).map(({ values }) => values[0] ?? 0);
  expect(bytes && blockHead(bytes)).toMatchObject({
    ...{ first: { n: 1 }, last: { n: 600 }, count: 600, previous: null },
    columns: [{ least: Math.min(...first), most: Math.max(...first), sum: first.reduce((a, b) => a + b, 0) }, {}],
  });
});

test('a day at one a second, two columns, stays under 200 kB, and each block under 2 kB', () => {
  const blocks = chain(86_400);
  const sizes = blocks.map(({ length }) => length);
  expect(blocks).toHaveLength(144);
  expect(sizes.reduce((a, b) => a + b, 0)).toBeLessThan(200_000);
  expect(Math.max(...sizes)).toBeLessThan(2000);
});

describe('what does not hang together is named by its block', () => {
  const blocks = chain(200, 40);
  const broken = (change: (all: Uint8Array[]) => Uint8Array[]) => verifySeries(SERIES, change([...blocks]));
  test('whole', () => expect(verifySeries(SERIES, blocks)).toMatchObject({ ok: true, seen: { blocks: 5, samples: 200, missing: 0 } }));
  test('any byte altered', () => {
    for (let i = 0; i < 300; i++) {
      const at = (i * 37) % (blocks[2]?.length ?? 1);
      const found = broken((all) =>
        all.map((bytes, b) => (b === 2 ? Uint8Array.from(bytes, (byte, j) => (j === at ? byte ^ (1 << (i % 8)) : byte)) : bytes)),
      );
      expect(found.ok).toBe(false);
      if (!found.ok) expect([3, 4]).toContain(found.broken.block);
    }
  });
  test('one left out, two exchanged, another series, one cut short', () => {
    expect(broken((all) => all.filter((_, i) => i !== 1))).toMatchObject({ broken: { block: 2, why: 'out-of-place' } });
    expect(broken(([a, b, c, ...rest]) => [a!, c!, b!, ...rest])).toMatchObject({ broken: { block: 2 } });
    expect(verifySeries(SERIES.replace('aa', 'ab'), blocks)).toMatchObject({ broken: { block: 1, why: 'other-series' } });
    expect(broken((all) => all.map((bytes, i) => (i === 4 ? bytes.slice(0, -1) : bytes)))).toMatchObject({
      broken: { block: 5, why: 'unreadable' },
    });
  });
  test('a gap is counted, not hidden', () => {
    const first = encodeBlock({ series: SERIES, sequence: 1, previous: null, samples: samples(1, 10) });
    const next = encodeBlock({ series: SERIES, sequence: 2, previous: blockHash(first), samples: samples(15, 10) });
    expect(verifySeries(SERIES, [first, next])).toMatchObject({ ok: true, seen: { samples: 20, missing: 4 } });
  });
});
