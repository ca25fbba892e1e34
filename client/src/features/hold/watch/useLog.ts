import { LOG_PIECE } from '@kesto/contract';
import { bytesHash, readLog, sniffLog, type LogColumns } from '@kesto/core';
import Papa from 'papaparse';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { useSetHoldLogMutation } from '@/data/holds/api';
import { pickFile } from '@/ui/files';
import { WORDS } from '../words';

/** A larger one is cut by whoever wrote it. */
const MOST_BYTES = 60_000_000;

/** A logger's file as it was picked: headings, lines, which column is which. */
export interface PickedLog {
  readonly name: string;
  readonly sha256: string;
  readonly header: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly columns: LogColumns;
}

/** What is wrong with a file, in a sentence; null of one that can be read. */
async function problemOf(file: File): Promise<string | null> {
  if (file.size > MOST_BYTES) return WORDS.logTooLarge;
  const head = new Uint8Array(await file.slice(0, 2000).arrayBuffer());
  return head.includes(0) ? WORDS.logNotText : null;
}

/** Lines are read piece by piece: nothing stands still meanwhile. */
const linesOf = (file: File): Promise<string[][]> =>
  new Promise((done, fail) => {
    const all: string[][] = [];
    Papa.parse<string[]>(file, {
      skipEmptyLines: 'greedy',
      chunk: ({ data }) => all.push(...data),
      complete: () => done(all),
      error: fail,
    });
  });

/** A hold's samples from a logger's file: picked, looked at, kept by its hash. */
export function useLog(job: string, hold: string, beganAt: string) {
  const [send] = useSetHoldLogMutation();
  const [picked, setPicked] = useState<PickedLog | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [sent, setSent] = useState<number | null>(null);
  const read = picked ? readLog(picked.rows, picked.columns, Date.parse(beganAt)) : null;

  async function pick(): Promise<void> {
    const file = await pickFile(['text/csv', 'text/plain', '.csv']);
    if (!file) return;
    const wrong = await problemOf(file);
    setProblem(wrong);
    if (wrong) return setPicked(null);
    const [header = [], ...rows] = await linesOf(file);
    const sha256 = bytesHash(new Uint8Array(await file.arrayBuffer()));
    setPicked({ name: file.name, sha256, header, rows, columns: sniffLog(header) });
  }

  async function keep(): Promise<void> {
    if (!picked || !read || read.samples.length < 2) return setProblem(WORDS.logSaysNothing);
    const { time, pressure, temperature } = picked.columns;
    const headings = [time, pressure, temperature].map((at) => (at === null ? '–' : picked.header[at]?.trim() || `column ${at + 1}`));
    const instrument = {
      ...{ kind: 'pressure-temperature' as const, name: picked.name.slice(0, 80), log: { sha256: picked.sha256, headings } },
      columns: [
        { quantity: 'gauge-pressure' as const, step: read.stepKpa },
        { quantity: 'pipe-temperature' as const, step: read.stepK },
      ],
    };
    const log = uuid();
    for (let from = 0; from < read.samples.length; from += LOG_PIECE) {
      setSent(from);
      const answer = await send({ job, hold, log, body: { instrument, samples: read.samples.slice(from, from + LOG_PIECE) } });
      if (answer.error) {
        setSent(null);
        return setProblem(errorText(answer.error));
      }
    }
    setSent(null);
    setPicked(null);
  }
  return {
    ...{ picked, read, problem, sent, pick: () => void pick().catch(() => setProblem(WORDS.logNotText)), keep: () => void keep() },
    choose: (columns: Partial<LogColumns>) => picked && setPicked({ ...picked, columns: { ...picked.columns, ...columns } }),
    drop: () => setPicked(null),
  };
}
