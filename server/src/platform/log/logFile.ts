import path from 'node:path';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';

const FILE_BYTES = '5M';
const FILES = 4;
const RETRY_MS = 5_000;

/** Anything a log can be written to. */
export interface LogSink {
  readonly write: (line: string) => void;
}

/**
 * The log as a file that only its owner reads, in at most {@link FILES} + 1 pieces of 5 MB. A disk that is full loses lines, never
 * the server: the file is tried again every few seconds, and how many lines were lost is written first.
 */
export function logFile(file: string): LogSink {
  let stream: RotatingFileStream | null = null;
  let lost = 0;
  let triedAt = -Infinity;

  function open(): RotatingFileStream | null {
    if (Date.now() - triedAt < RETRY_MS) return null;
    triedAt = Date.now();
    const opened = createStream((n) => (n ? `${path.basename(file)}.${String(n)}` : path.basename(file)), {
      path: path.dirname(file),
      size: FILE_BYTES,
      rotate: FILES,
      mode: 0o600,
    });
    opened.on('error', () => {
      if (stream === opened) stream = null;
    });
    if (lost > 0) opened.write(`${JSON.stringify({ level: 40, time: Date.now(), msg: `${lost} lines of this log were lost` })}\n`);
    lost = 0;
    return opened;
  }

  return {
    write(line) {
      stream ??= open();
      if (stream) stream.write(line);
      else lost += 1;
    },
  };
}
