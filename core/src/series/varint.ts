/** Whole numbers as bytes: seven bits each, the lowest first, the eighth says that more follow; a sign is folded into the lowest bit. */
export class ByteWriter {
  private readonly bytes: number[] = [];

  /** A whole number, 0 or more, below 2^53. */
  unsigned(value: number): void {
    let rest = value;
    while (rest >= 128) {
      this.bytes.push((rest % 128) + 128);
      rest = Math.floor(rest / 128);
    }
    this.bytes.push(rest);
  }

  /** A whole number of either sign: 0, -1, 1, -2 ... become 0, 1, 2, 3 ... */
  signed(value: number): void {
    this.unsigned(value >= 0 ? 2 * value : -2 * value - 1);
  }

  raw(bytes: Uint8Array): void {
    for (const byte of bytes) this.bytes.push(byte);
  }

  done(): Uint8Array {
    return Uint8Array.from(this.bytes);
  }
}

/** What was written by a {@link ByteWriter}; throws a RangeError where the bytes end too soon or say no whole number below 2^53. */
export class ByteReader {
  private at = 0;
  constructor(private readonly bytes: Uint8Array) {}

  unsigned(): number {
    let value = 0;
    for (let scale = 1; ; scale *= 128) {
      const byte = this.bytes[this.at++];
      if (byte === undefined) throw new RangeError('the bytes end too soon');
      value += (byte % 128) * scale;
      if (!Number.isSafeInteger(value)) throw new RangeError('a number too large');
      if (byte < 128) return value;
    }
  }

  signed(): number {
    const folded = this.unsigned();
    return folded % 2 === 0 ? folded / 2 : -(folded + 1) / 2;
  }

  raw(count: number): Uint8Array {
    if (this.at + count > this.bytes.length) throw new RangeError('the bytes end too soon');
    this.at += count;
    return this.bytes.slice(this.at - count, this.at);
  }

  isDone(): boolean {
    return this.at === this.bytes.length;
  }
}
