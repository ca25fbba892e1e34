import { fail, ok, readLog, sniffLog, type HoldRequest, type Result } from '@kesto/core';
import Papa from 'papaparse';

/** A hold whose samples stand in a logger's file: its text, in place of `samples`. */
export type HoldOfLog = Omit<HoldRequest, 'samples'> & { readonly log: { readonly csv: string } };

export const isOfLog = (body: unknown): body is HoldOfLog => typeof body === 'object' && body !== null && 'log' in body;

/**
 * The hold that a logger's file tells: its columns by their headings, in any order; a count of seconds begins with its first line.
 *
 * @returns  the request with its samples, and how many lines say nothing; refused: no two lines that say time, pressure and temperature
 */
export function holdOfLog({ log, ...rest }: HoldOfLog): Result<{ readonly request: HoldRequest; readonly skipped: number }> {
  const [header = [], ...rows] = Papa.parse<string[]>(log.csv, { skipEmptyLines: 'greedy' }).data;
  const { samples, stepKpa, stepK, skipped } = readLog(rows, sniffLog(header), 0);
  const [first] = samples;
  if (!first || samples.length < 2) return fail({ kind: 'missing', field: 'log.csv', needed: 'two-samples' });
  const request: HoldRequest = {
    ...rest,
    samples: samples.map(([, ms, gauge, pipe]) => ({
      seconds: (ms - first[1]) / 1000,
      pressure: { value: gauge * stepKpa, unit: 'kPag' },
      temperature: { value: pipe * stepK, unit: 'C' },
    })),
  };
  return ok({ request, skipped });
}
